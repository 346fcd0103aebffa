// The words in which a sentence says a value: written so that they are understood when they are read again.
import { sayingAgainOf } from '../facets'
import type { ActionPatch, FacetField } from '../facets/amendable'
import type { CalendarDate } from '../time'

export { dayWords } from '../facets/sayDays'

/** What things are called, by their ids. */
export type NameOf = (id: string) => string

/** The words that say a value of a field; none where it says nothing. Seen from no day (null), every day is a date. */
export function wordsOfField(
  field: FacetField,
  patch: ActionPatch,
  today: CalendarDate | null,
  nameOf: NameOf,
): readonly string[] {
  const value = patch[field]
  if (value === null || value === undefined) return []
  return sayingAgainOf(field)?.words(value as never, { patch, today, nameOf }) ?? []
}
