// Headings that are names: which of several an action stands under, and what laying it under another sets.
import type { Action } from '../record'
import type { LensAround } from './lensTerms'

/** The first of several by its place, so that nothing stands twice. */
export function firstOf(ids: readonly string[], placeOf: LensAround['placeOf']): string {
  let first = ids[0] ?? ''
  for (const id of ids) if (placeOf(id) < placeOf(first)) first = id
  return first
}

/**
 * The names of an action with the one it stands under taken for another. The others stay where it stands under that
 * one then.
 */
export function withNameInstead<F extends 'contextIds' | 'personIds'>(
  action: Action,
  field: F,
  {
    key,
    from,
    keyOf,
  }: { readonly key: string; readonly from: string; readonly keyOf: (action: Action) => string },
): Action[F] {
  const others = (action[field] as readonly string[]).filter((id) => id !== from)
  const ids = [...new Set([...(key === '' ? [] : [key]), ...others])] as Action[F]
  return keyOf({ ...action, [field]: ids }) === key ? ids : ([key].filter(Boolean) as Action[F])
}
