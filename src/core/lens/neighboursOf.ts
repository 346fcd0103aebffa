import type { Action } from '../record'

/**
 * The order that laying one among its equals needs: the one before it, itself, the one behind it. Those behind that
 * share the rank of the one before come along, up to the first that does not: what is told is a few, however many are
 * equal. `equals` are in their order; `over` is the one it is laid on, null for behind all.
 */
export function neighboursOf(
  equals: readonly Action[],
  moved: Pick<Action, 'id'>,
  over: { readonly id: string; readonly isLater: boolean } | null,
): Action['id'][] {
  const others = equals.filter(({ id }) => id !== moved.id)
  const found = over ? others.findIndex(({ id }) => id === over.id) : -1
  const at = found < 0 ? others.length : found + (over?.isLater ? 1 : 0)
  let end = at
  while (end < others.length && others[end]?.rank === others[end - 1]?.rank) end++
  const before = others.slice(Math.max(0, at - 1), at)
  return [...before, moved, ...others.slice(at, end + 1)].map(({ id }) => id)
}
