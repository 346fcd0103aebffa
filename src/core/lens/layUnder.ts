// What laying an action by hand under a heading sets of it: the field the heading is of, and nothing else. Law:
// whatever is set, the action stands under that heading afterwards (layUnder.test.ts).
import type { Action } from '../record'
import { groupKeyOf } from './groupKey'
import { groupFields, type GroupField } from './lens'
import type { LaidUnder, LensAround } from './lensTerms'
import { groupTerms } from './terms'

export type { LaidUnder }

/** Fields that a column can stand for and the hand can set; by hand, a date is the planned day. */
export const columnFields = groupFields.filter((field) => groupTerms[field].lay && field !== 'date')

/** What laying `action` under the heading `key` of `field` does to it. */
export function layUnder(field: GroupField, key: string, action: Action, around: LensAround): LaidUnder {
  const keyOf = groupKeyOf(field, around)
  if (keyOf(action) === key) return { kind: 'there' }
  const { lay } = groupTerms[field]
  if (!lay) return { kind: 'not', why: 'follows' }
  const meant = lay(action, key, keyOf(action), around)
  if (meant.kind !== 'set') return meant
  return keyOf({ ...action, ...meant.patch }) === key ? meant : { kind: 'not', why: 'follows' }
}

/** Under several headings at once, from the outer to the inner: all of them, or what stands in the way. */
export function layUnderAll(
  under: readonly (readonly [GroupField, string])[],
  action: Action,
  around: LensAround,
): LaidUnder {
  let patch: Partial<Action> = {}
  for (const [field, key] of under) {
    const laid = layUnder(field, key, { ...action, ...patch }, around)
    if (laid.kind === 'set') patch = { ...patch, ...laid.patch }
    else if (laid.kind !== 'there') return laid
  }
  const after = { ...action, ...patch }
  if (under.some(([field, key]) => groupKeyOf(field, around)(after) !== key))
    return { kind: 'not', why: 'follows' }
  return Object.keys(patch).length === 0 ? { kind: 'there' } : { kind: 'set', patch }
}
