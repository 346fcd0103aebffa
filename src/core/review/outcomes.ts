// What was done, counted as outcomes and not as ticks.
import { seriesNameOf } from '../action'
import type { Action } from '../record'

/** What came back is one, however often it was done: the first of those given stands for it. */
export function outcomesOf<A extends Pick<Action, 'id'>>(done: readonly A[]): readonly A[] {
  const known = new Set<string>()
  return done.filter(({ id }) => {
    const name = seriesNameOf(id)
    if (known.has(name)) return false
    known.add(name)
    return true
  })
}
