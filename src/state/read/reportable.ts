// What a report for somebody else may tell: what was done in some days, and the meetings about it; nothing private.
import type { Document } from '@/core/journal'
import type { DaySpan } from '@/core/lookBack'
import type { Action, Note } from '@/core/record'
import { doneOf } from './actionIndexes'
import { minutesDoneOf } from './ownedIndexes'
import { isOfSide } from './sides'

export interface Reportable {
  readonly action: Action
  readonly minutes: number | null
}

/** In the order it was done; what stands on the private side never is in it. */
export const reportable = (
  document: Document,
  { from, to }: DaySpan,
  zone: string,
  matches: ((action: Action) => boolean) | null,
): readonly Reportable[] =>
  doneOf(document, from, to, zone)
    .filter((action) => isOfSide(document, 'work', action) && (matches === null || matches(action)))
    .sort((a, b) => (a.doneAtEpochMs ?? 0) - (b.doneAtEpochMs ?? 0))
    .map((action) => ({ action, minutes: minutesDoneOf(document, action) }))

/** The meeting notes of these days about the same projects, the first first; only their titles are told. */
export function meetingsFor(
  document: Document,
  { from, to }: DaySpan,
  done: readonly Reportable[],
  notes: readonly Note[],
): readonly Note[] {
  const projectIds = new Set(done.map(({ action }) => action.projectId))
  return notes
    .filter(
      (note) =>
        note.date >= from &&
        note.date <= to &&
        note.projectId !== null &&
        projectIds.has(note.projectId) &&
        isOfSide(document, 'work', note),
    )
    .reverse()
}
