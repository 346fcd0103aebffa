// Every kind of record there is, each said once in a file of its own. All that goes through kinds goes through here.
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

export const registry = {
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
} as const

export type RecordKind = keyof typeof registry

/** The kinds that open by themselves. */
export type OpenableKind = {
  [K in RecordKind]: (typeof registry)[K] extends { readonly opens: true } ? K : never
}[RecordKind]
