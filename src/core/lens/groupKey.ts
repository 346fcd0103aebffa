// Under which heading an action stands in a grouping, and in which order headings come. An empty key is none, and last.
import type { Action } from '../record'
import type { GroupField } from './lens'
import type { LensAround } from './lensTerms'
import { groupTerms } from './terms'

export { minuteGroups } from '../facets/minutes'
export { dateGroups, type DateGroup } from './dateHeadings'

/** The key of an action in a grouping: an id, a step of a scale, a heading of days or minutes; empty is none. */
export const groupKeyOf = (field: GroupField, around: LensAround): ((action: Action) => string) =>
  groupTerms[field].keyOf(around)

/** Every heading a field of few values can have, in order, without the one for none; null where they are names. */
export const scaleOf = (field: GroupField): readonly string[] | null => groupTerms[field].scale ?? null

/** Compares two keys of a grouping; none comes last. */
export function compareGroups(field: GroupField, around: LensAround): (a: string, b: string) => number {
  const { scale } = groupTerms[field]
  const place = scale ? (key: string) => scale.indexOf(key) : around.placeOf
  return (a, b) => {
    if (a === b) return 0
    if (a === '' || b === '') return a === '' ? 1 : -1
    return place(a) - place(b) || (a < b ? -1 : 1)
  }
}
