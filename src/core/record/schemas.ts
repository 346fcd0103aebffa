// The shape of every record, field by field; a field of a newer version is carried along. Loaded when something of
// unknown origin is read, not at the start: the rest of the application uses the types alone.
import * as v from 'valibot'
import { isBlobHash, type BlobHash } from '../blob/blobName'
import { parseRuleText } from '../repeat/rule'
import {
  count,
  dateField,
  epochMsField,
  idField,
  minuteOfDay,
  minutesField,
  noteField,
  oneOf,
  rankField,
  timeField,
  titleField,
  whenField,
} from './fields'
import { lens, plan } from './lensRecord'
import { area, blank, context, counted, goal, group, passage, project, stage } from './shelfRecords'
import { energies, keptHorizons, levels, readingStates, stones, weights } from './scales'

/** What has a note that is written in. */
const noteOwnerField = v.union([
  idField('action'),
  idField('project'),
  idField('person'),
  idField('reference'),
  idField('reading'),
  idField('note'),
])

/** One thing set down, not yet decided. `text` is what was typed, word for word. */
const slip = v.object({
  id: idField('slip'),
  text: titleField,
  /** Clauses the person took off, as `kind words`; their words stay in the title. */
  takenOff: v.array(v.string('expected text')),
  /** What came with it and is longer than a line: the rest of a pasted thought, the text of a letter. */
  note: noteField,
  /** Who it came from, where that is somebody known. */
  personIds: v.array(idField('person')),
  setDownAtEpochMs: epochMsField,
  /** In whose note a check-box line stands for it. */
  lineOf: v.nullable(noteOwnerField),
  /** Taken off the tray undecided. */
  letGoAtEpochMs: v.nullable(epochMsField),
})

const waiting = v.strictObject({
  personId: v.nullable(idField('person')),
  /** Whom or what, in words, where no known person is meant. */
  whom: titleField,
  since: dateField,
  chaseOn: v.nullable(dateField),
  /** How it was told, such as "by phone"; empty where nothing was said of it. */
  how: titleField,
  /** Done by me, and not accepted yet: what is waited for is that somebody signs it off. */
  toSignOff: v.boolean('expected true or false'),
})

/** What the next of a repeating action is made with. */
const repeatingFields = {
  title: titleField,
  note: noteField,
  link: v.nullable(titleField),
  projectId: v.nullable(idField('project')),
  areaId: v.nullable(idField('area')),
  contextIds: v.array(idField('context')),
  personIds: v.array(idField('person')),
  horizon: oneOf(keptHorizons),
  weight: oneOf(weights),
  energy: v.nullable(oneOf(energies)),
  /** What it brings in, and how much of it only this person can do: its worth. */
  payoff: v.nullable(oneOf(levels)),
  craft: v.nullable(oneOf(levels)),
  minutes: v.nullable(minutesField),
  due: v.nullable(whenField),
  notBefore: v.nullable(dateField),
  /** Fixed on the clock. Its length is `minutes`. */
  at: v.nullable(whenField),
  /** The day it was picked for or moved to. */
  day: v.nullable(dateField),
}

const action = v.object({
  id: idField('action'),
  ...repeatingFields,
  /** The day of its rule that it stands for; null where it does not come back, or has not been laid by its rule. */
  turn: v.nullable(dateField),
  /** Of what was changed for this one alone: the values that the next one takes. */
  alone: v.partial(v.strictObject(repeatingFields)),
  /** A mark for each time it was re-dated, `2026-03-11~name`: how often is how many there are. */
  moved: v.array(v.pipe(v.string('expected text'), v.maxLength(80, 'expected a mark'))),
  /** Set while underway. */
  startedAtEpochMs: v.nullable(epochMsField),
  /** Set while its timer runs. */
  timerFromEpochMs: v.nullable(epochMsField),
  /** The minutes it took, where they were corrected by hand; else its time entries say it. */
  takenMinutes: v.nullable(minutesField),
  waiting: v.nullable(waiting),
  /** What must be done before it: until then it is blocked. */
  afterIds: v.array(idField('action')),
  rank: rankField,
  createdAtEpochMs: epochMsField,
  /** The slip it was sorted from: its history begins there. */
  slipId: v.nullable(idField('slip')),
  /** In whose note a check-box line stands for it. */
  lineOf: v.nullable(noteOwnerField),
  doneAtEpochMs: v.nullable(epochMsField),
  letGoAtEpochMs: v.nullable(epochMsField),
})

const person = v.object({ id: idField('person'), name: titleField, note: noteField, rank: rankField })

/** A note, link or file kept, with nothing to do. */
const reference = v.object({
  id: idField('reference'),
  title: titleField,
  note: noteField,
  link: v.nullable(titleField),
  projectId: v.nullable(idField('project')),
  areaId: v.nullable(idField('area')),
  createdAtEpochMs: epochMsField,
  slipId: v.nullable(idField('slip')),
  letGoAtEpochMs: v.nullable(epochMsField),
})

const ownerField = v.union([
  idField('slip'),
  idField('action'),
  idField('project'),
  idField('reference'),
  idField('reading'),
  idField('person'),
  idField('checklist'),
  idField('note'),
  idField('goal'),
])

/** A time that was worked on an action with its timer running. */
const timeEntry = v.object({
  id: idField('timeEntry'),
  actionId: idField('action'),
  startedAtEpochMs: epochMsField,
  minutes: minutesField,
})

/** What was said or seen of something, one after another: a call, a meeting. */
const remark = v.object({
  id: idField('remark'),
  ownerId: ownerField,
  text: noteField,
  /** The day it speaks of. */
  date: dateField,
  writtenAtEpochMs: epochMsField,
})

/** A part of what it belongs to; a step under another names that one too. */
const step = v.object({
  id: idField('step'),
  ownerId: ownerField,
  underId: v.nullable(idField('step')),
  title: titleField,
  rank: rankField,
  doneAtEpochMs: v.nullable(epochMsField),
})

/** Steps under a name of their own that are gone through again and again: in an action or a project, or alone. */
const checklist = v.object({
  id: idField('checklist'),
  name: titleField,
  ownerId: v.nullable(v.union([idField('action'), idField('project')])),
  rank: rankField,
  createdAtEpochMs: epochMsField,
  letGoAtEpochMs: v.nullable(epochMsField),
})

/** Once through a checklist: how much of it was done when it was started afresh. */
const run = v.object({
  id: idField('run'),
  checklistId: idField('checklist'),
  endedAtEpochMs: epochMsField,
  done: count,
  of: count,
})

/** A note of its own: of a day (`note:day-2026-03-11`), or of a meeting with people. */
const note = v.object({
  id: idField('note'),
  /** Empty for a day note. */
  title: titleField,
  /** Its text, in Markdown. */
  note: noteField,
  /** The day it is the note of, or of the meeting. */
  date: dateField,
  personIds: v.array(idField('person')),
  projectId: v.nullable(idField('project')),
  areaId: v.nullable(idField('area')),
  createdAtEpochMs: epochMsField,
  letGoAtEpochMs: v.nullable(epochMsField),
})

const ruleField = v.custom<string>(
  (value) => typeof value === 'string' && value.length <= 400 && parseRuleText(value) !== null,
  'expected a rule such as "FREQ=WEEKLY;BYDAY=MO"',
)

/**
 * By what rule an action comes back. Its id is that of the first of its actions, which all share it (see `seriesOf`).
 */
const repeat = v.object({
  id: idField('repeat'),
  /** The first of them. */
  actionId: idField('action'),
  rule: ruleField,
  /** Counted from when it was done, not by the calendar. */
  fromDone: v.boolean('expected true or false'),
  /** The day it is counted from. */
  startsOn: dateField,
  time: v.nullable(timeField),
  /** Days of the rule that were skipped on purpose. */
  skips: v.array(dateField),
  /** A habit: done and missed are shown. */
  watched: v.boolean('expected true or false'),
})

const reminderWhen = v.variant('kind', [
  v.strictObject({ kind: v.literal('at'), date: dateField, time: v.nullable(timeField) }),
  v.strictObject({
    kind: v.literal('daysBefore'),
    days: v.pipe(count, v.maxValue(9999, 'expected at most 9999')),
    time: v.nullable(timeField),
  }),
  v.strictObject({
    kind: v.literal('minutesBefore'),
    minutes: v.pipe(count, v.maxValue(99_999, 'expected fewer')),
  }),
])

const reminder = v.object({
  id: idField('reminder'),
  actionId: idField('action'),
  when: reminderWhen,
  /** The moment that was answered, by the clock on the wall: it reminds no more of any up to it. */
  answered: v.nullable(whenField),
  /** Snoozed until then. */
  snoozedTo: v.nullable(whenField),
})

const blobField = v.custom<BlobHash>(isBlobHash, 'expected the hash of a file')

/** A file that lies with what it belongs to. Its bytes are kept apart, under their hash. */
const file = v.object({
  id: idField('file'),
  ownerId: ownerField,
  name: titleField,
  /** As its maker called it, such as "image/png"; empty where nothing was said. */
  mediaType: v.pipe(v.string('expected text'), v.maxLength(200, 'expected a media type')),
  bytes: count,
  blob: blobField,
  /** The small picture of a picture. */
  smallBlob: v.nullable(blobField),
  rank: rankField,
  addedAtEpochMs: epochMsField,
})

/** Something to read, watch or hear. */
const reading = v.object({
  id: idField('reading'),
  title: titleField,
  note: noteField,
  link: v.nullable(titleField),
  projectId: v.nullable(idField('project')),
  areaId: v.nullable(idField('area')),
  state: oneOf(readingStates),
  minutes: v.nullable(minutesField),
  createdAtEpochMs: epochMsField,
  slipId: v.nullable(idField('slip')),
  letGoAtEpochMs: v.nullable(epochMsField),
})

/** Laid aside for the review. Its id is that of what was laid aside. */
const aside = v.object({
  id: idField('aside'),
  ofId: v.union([
    idField('slip'),
    idField('action'),
    idField('project'),
    idField('reference'),
    idField('reading'),
    idField('checklist'),
    idField('note'),
  ]),
  laidAtEpochMs: epochMsField,
})

/** What a finished round found, kept so that it reads the same for ever. */
const reviewFigures = v.strictObject({
  slipsLeft: count,
  projectsOpen: count,
  projectsWithoutNextAction: count,
  waiting: count,
  someday: count,
  done: count,
  doneMinutes: count,
  doneTitles: v.array(titleField),
})

const review = v.object({
  id: idField('review'),
  /** The Monday of the week looked back on. */
  weekOf: dateField,
  startedAtEpochMs: epochMsField,
  finishedAtEpochMs: v.nullable(epochMsField),
  stone: oneOf(stones),
  stonesDone: v.array(oneOf(stones)),
  /** One or two aims for the week to come; empty where there is none. */
  firstAim: titleField,
  secondAim: titleField,
  figures: v.nullable(reviewFigures),
})

/** Every field may be missing: what holds then is read from the defaults. */
const settings = v.object({
  id: idField('settings'),
  /** Available minutes on a weekday, `0` Monday to `6` Sunday. */
  availableMinutes: v.optional(
    v.record(v.pipe(v.string(), v.regex(/^[0-6]$/, 'expected a weekday from 0 to 6')), minuteOfDay),
  ),
  dayStartsAtMinute: v.optional(minuteOfDay),
  dayEndsAtMinute: v.optional(minuteOfDay),
  /** The weekday on which a week begins, `0` Monday to `6` Sunday. */
  weekStartsOn: v.optional(v.pipe(count, v.maxValue(6, 'expected a weekday from 0 to 6'))),
  underwayLimit: v.optional(
    v.pipe(count, v.minValue(1, 'expected at least 1'), v.maxValue(20, 'expected at most 20')),
  ),
  /** Finished steps are left out instead of sinking. */
  hideDoneSteps: v.optional(v.boolean('expected true or false')),
  /** Asks once a month for a backup. */
  asksForBackup: v.optional(v.boolean('expected true or false')),
  /** What a day note begins with, in Markdown. */
  dayNoteBegins: v.optional(noteField),
  /** Keys changed (`tick` → `y`) or switched off (null); the rest are as shipped. */
  keys: v.optional(
    v.record(v.string(), v.nullable(v.pipe(v.string('expected text'), v.maxLength(20, 'expected one key')))),
  ),
})

export const schemas = {
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
} as const
