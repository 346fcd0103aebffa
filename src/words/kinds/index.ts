// What each kind of record is called, and each of its fields where its history tells of it. A kind or a field without
// words does not compile.
import type { KindsInWords } from './kindWords'
import { slip } from './slip'
import { action } from './action'
import { project } from './project'
import { area } from './area'
import { group } from './group'
import { context } from './context'
import { person } from './person'
import { reference } from './reference'
import { review } from './review'
import { reviewStone } from './reviewStone'
import { reviewAnswer } from './reviewAnswer'
import { settings } from './settings'
import { step } from './step'
import { repeat } from './repeat'
import { reminder } from './reminder'
import { file } from './file'
import { reading } from './reading'
import { aside } from './aside'
import { remark } from './remark'
import { timeEntry } from './timeEntry'
import { checklist } from './checklist'
import { run } from './run'
import { note } from './note'
import { lens } from './lens'
import { plan } from './plan'
import { goal } from './goal'
import { stage } from './stage'
import { passage } from './passage'
import { blank } from './blank'
import { counted } from './counted'
import { calendar } from './calendar'
import { offer } from './offer'
import { heldTime } from './heldTime'
import { fact } from './fact'
import { topic } from './topic'

export const kindsInWords: KindsInWords = {
  slip,
  action,
  project,
  area,
  group,
  context,
  person,
  reference,
  review,
  settings,
  step,
  repeat,
  reminder,
  file,
  reading,
  aside,
  remark,
  timeEntry,
  checklist,
  run,
  note,
  lens,
  plan,
  goal,
  stage,
  passage,
  blank,
  counted,
  calendar,
  offer,
  heldTime,
  fact,
  topic,
  reviewStone,
  reviewAnswer,
}
