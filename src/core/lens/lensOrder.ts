// The order inside a lens: each sort in turn, what has nothing to be sorted by last in either direction, and among
// equals the order by hand. A whole list is sorted by keys that are worked out once.
import { byRank, type Action } from '../record'
import type { LensSort } from './lens'
import type { LensAround } from './lensTerms'
import { sortTerms } from './terms'

type Key = number | string
const last = Number.MAX_VALUE

const plain = (a: Key, b: Key): number => {
  if (a === b) return 0
  return a < b ? -1 : 1
}

export interface LensOrder {
  readonly compare: (a: Action, b: Action) => number
  readonly inOrder: (actions: readonly Action[]) => Action[]
  /** Whether no sort tells two actions apart: then the hand decides. */
  readonly isEqual: (a: Action, b: Action) => boolean
  /** Of a list that is in this order, those that no sort tells from `action`. */
  readonly equalsOf: (ordered: readonly Action[], action: Action) => readonly Action[]
  /** Where an action stands in such a list, or -1. */
  readonly indexIn: (ordered: readonly Action[], action: Action) => number
}

export function lensOrderOf(sorts: readonly LensSort[], around: LensAround): LensOrder {
  const rules = sorts.map(({ by, down }) => ({ read: sortTerms[by].keyOf(around), down }))
  /** Those without a key are last whichever way it goes. */
  const compareKeys = (a: Key | null, b: Key | null, down: boolean): number => {
    if (a === null || b === null) return plain(a === null ? last : 0, b === null ? last : 0)
    return down ? plain(b, a) : plain(a, b)
  }
  const bySorts = (a: Action, b: Action): number => {
    for (const { read, down } of rules) {
      const way = compareKeys(read(a), read(b), down)
      if (way !== 0) return way
    }
    return 0
  }
  const inOrder = (actions: readonly Action[]): Action[] => {
    const keyed = actions.map((action) => ({ action, keys: rules.map(({ read }) => read(action)) }))
    keyed.sort((a, b) => {
      for (let index = 0; index < rules.length; index++) {
        const way = compareKeys(
          a.keys[index] as Key | null,
          b.keys[index] as Key | null,
          (rules[index] as (typeof rules)[number]).down,
        )
        if (way !== 0) return way
      }
      return byRank(a.action, b.action)
    })
    return keyed.map(({ action }) => action)
  }
  const compare = (a: Action, b: Action): number => bySorts(a, b) || byRank(a, b)
  return {
    compare,
    inOrder,
    isEqual: (a, b) => bySorts(a, b) === 0,
    equalsOf: (ordered, action) =>
      ordered.slice(
        firstWhere(ordered, (each) => bySorts(each, action) >= 0),
        firstWhere(ordered, (each) => bySorts(each, action) > 0),
      ),
    indexIn: (ordered, action) => standsAt(ordered, action, compare),
  }
}

/** The first of a list that something holds for, as it does for all behind it; its length where there is none. */
function firstWhere<T>(list: readonly T[], holds: (each: T) => boolean): number {
  let [low, high] = [0, list.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (holds(list[middle] as T)) high = middle
    else low = middle + 1
  }
  return low
}

/** Where an action stands in a list that is in an order, or -1. */
export function standsAt(
  ordered: readonly Action[],
  action: Action,
  compare: (a: Action, b: Action) => number,
): number {
  const at = firstWhere(ordered, (each) => compare(each, action) >= 0)
  return ordered[at]?.id === action.id ? at : -1
}
