// The records as TypeScript knows them, read off the registry. Types only: nothing here runs.
import type { IdOf } from './limits'
import type { registry, RecordKind } from './kinds'
import type { ValuesOf } from './kinds/field'

type Flat<T> = { [N in keyof T]: T[N] }
export type RecordOf = {
  [K in RecordKind]: Flat<{ id: IdOf<K> } & ValuesOf<(typeof registry)[K]['fields']>>
}
export type AnyRecord = RecordOf[RecordKind]

export type Slip = RecordOf['slip']
export type Action = RecordOf['action']
export type Project = RecordOf['project']
export type Area = RecordOf['area']
export type Group = RecordOf['group']
export type Context = RecordOf['context']
export type Person = RecordOf['person']
export type Reference = RecordOf['reference']
export type Review = RecordOf['review']
export type ReviewStone = RecordOf['reviewStone']
export type ReviewAnswer = RecordOf['reviewAnswer']
export type Step = RecordOf['step']
export type Repeat = RecordOf['repeat']
export type Reminder = RecordOf['reminder']
export type FileRecord = RecordOf['file']
export type Reading = RecordOf['reading']
export type Aside = RecordOf['aside']
/** What can lie in the review box. */
export type AsideOf = Aside['ofId']
export type Remark = RecordOf['remark']
export type TimeEntry = RecordOf['timeEntry']
export type Checklist = RecordOf['checklist']
export type ChecklistRun = RecordOf['run']
export type Note = RecordOf['note']
export type LensRecord = RecordOf['lens']
export type Plan = RecordOf['plan']
export type Stage = RecordOf['stage']
export type Blank = RecordOf['blank']
export type Counted = RecordOf['counted']
export type Shift = Counted['shift']
export type Passage = RecordOf['passage']
export type Goal = RecordOf['goal']
export type Calendar = RecordOf['calendar']
export type Offer = RecordOf['offer']
export type HeldTime = RecordOf['heldTime']
export type Fact = RecordOf['fact']
export type Topic = RecordOf['topic']
/** What has a note that is written in. */
export type NoteOwnerId = NonNullable<Action['lineOf']>
/** What steps and files can belong to. */
export type OwnerId = Step['ownerId']
/** As kept: only what the person has set. */
export type KeptSettings = RecordOf['settings']

/** What holds. */
export interface Settings {
  /** Available minutes on Monday … Sunday. */
  readonly availableMinutes: readonly number[]
  readonly dayStartsAtMinute: number
  readonly dayEndsAtMinute: number
  /** By weekday; where it says nothing, from the beginning to the end of a day. */
  readonly workingHours: NonNullable<KeptSettings['workingHours']>
  readonly privateHours: NonNullable<KeptSettings['privateHours']>
  readonly privateMinutes: NonNullable<KeptSettings['privateMinutes']>
  /** `0` Monday to `6` Sunday. */
  readonly weekStartsOn: number
  readonly underwayLimit: number
  readonly hideDoneSteps: boolean
  /** Asks once a month for a backup. */
  readonly asksForBackup: boolean
  readonly dayNoteBegins: string
  readonly keys: Readonly<Record<string, string | null>>
}

/** A day, and a time on it where one is fixed. */
export type When = NonNullable<Action['due']>
export type Waiting = NonNullable<Action['waiting']>
export type ReviewFigures = NonNullable<Review['figures']>
