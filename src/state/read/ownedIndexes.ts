// What belongs to something as a record of its own, by what it belongs to. Each list is followed edit by edit
// (tableIndex).
import { minutesDone, seriesNameOf } from '@/core/action'
import { recordIn, type Document } from '@/core/journal'
import {
  byId,
  byRank,
  compareTexts,
  type Action,
  type AsideOf,
  type FileRecord,
  type Id,
  type OwnerId,
  type Remark,
  type Reminder,
  type Step,
} from '@/core/record'
import { makeTableIndex } from './tableIndex'

const steps = makeTableIndex('step', {
  keysOf: ({ ownerId }) => [ownerId],
  compare: byRank,
})
const files = makeTableIndex('file', {
  keysOf: ({ ownerId }) => [ownerId],
  compare: byRank,
})
const reminders = makeTableIndex('reminder', {
  keysOf: ({ actionId }) => [actionId],
  compare: byId,
})

const timeEntries = makeTableIndex('timeEntry', {
  keysOf: ({ actionId }) => [actionId],
  compare: byId,
})
/** The minutes that were timed for an action; null where none were. */
function timedMinutesOf(document: Document, id: Id<'action'>): number | null {
  const all = timeEntries.of(document, id)
  return all.length > 0 ? all.reduce((sum, { minutes }) => sum + minutes, 0) : null
}
/** The minutes an action has taken: as they were corrected, else as they were timed; null where neither says. */
export const minutesTakenOf = (document: Document, { id, takenMinutes }: Action): number | null =>
  takenMinutes ?? timedMinutesOf(document, id)

/** How long an action took, else was estimated to take; null where nothing says it (see `minutesDone`). */
export const minutesDoneOf = (document: Document, action: Action): number | null =>
  minutesDone(action, timedMinutesOf(document, action.id))

/** The minutes of everything that was done. */
export const minutesDoneIn = (document: Document, done: readonly Action[]): number =>
  done.reduce((sum, action) => sum + (minutesDoneOf(document, action) ?? 0), 0)
export const timeEntriesOf = (document: Document, id: Id<'action'>) => timeEntries.of(document, id)

const byTime = (a: Remark, b: Remark) =>
  compareTexts(a.date, b.date) || a.writtenAtEpochMs - b.writtenAtEpochMs || byId(a, b)
const remarks = makeTableIndex('remark', {
  keysOf: ({ ownerId }) => [ownerId],
  compare: byTime,
})
/** What was remarked of something, the earliest day first. */
export const remarksOf = (document: Document, id: OwnerId): readonly Remark[] => remarks.of(document, id)
export const stepsOf = (document: Document, id: OwnerId): readonly Step[] => steps.of(document, id)
/** How many steps something has, and how many of them are done; null where it has none. */
export function stepCountOf(
  document: Document,
  id: OwnerId,
): { readonly done: number; readonly of: number } | null {
  const all = stepsOf(document, id)
  if (all.length === 0) return null
  return { done: all.filter(({ doneAtEpochMs }) => doneAtEpochMs !== null).length, of: all.length }
}
export const filesOf = (document: Document, id: OwnerId): readonly FileRecord[] => files.of(document, id)
export const remindersOf = (document: Document, id: Id<'action'>): readonly Reminder[] =>
  reminders.of(document, id)
/** One rule for all actions of a series: two copies that each set one change the same record. */
export const repeatIdOf = (id: Id<'action'>): Id<'repeat'> => `repeat:${seriesNameOf(id)}`
/** The rule by which an action comes back. */
export const repeatOf = (document: Document, id: Id<'action'>) => recordIn(document, repeatIdOf(id))

const later = makeTableIndex('action', {
  keysOf: ({ id }) => (id.includes('~') ? [seriesNameOf(id)] : []),
  compare: byId,
})
/** All actions of one rule that are there, open and done, in the order of their days. */
export function actionsOfSeries(document: Document, name: string): readonly Action[] {
  const first = recordIn(document, `action:${name}`)
  return [...(first ? [first] : []), ...later.of(document, name)]
}
/** How an action comes back, and when it reminds. */
export const comingBackOf = (document: Document, id: Id<'action'>) => ({
  repeat: repeatOf(document, id),
  reminders: remindersOf(document, id),
})
/** Where something lies in the review box. */
export const asideOf = (document: Document, id: AsideOf) =>
  recordIn(document, `aside:${id.replace(':', '-')}`)
