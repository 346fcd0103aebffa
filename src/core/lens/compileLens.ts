// A lens made ready to be asked: which actions it matches, in which band and under which headings each stands, and in
// which order. Laws: an action stands in one place at most; the first band that matches it has it (lens.test.ts).
import { byRank, type Action } from '../record'
import { compareGroups, groupKeyOf } from './groupKey'
import type { Lens } from './lens'
import { lensOrderOf, standsAt, type LensOrder } from './lensOrder'
import { allMatch, matcherOf, type LensAround } from './matchers'

export interface CompiledLens extends LensOrder {
  readonly matches: (action: Action) => boolean
  /** Where it stands: `band|heading|heading`; null where the lens leaves it out. */
  readonly placeOf: (action: Action) => string | null
  readonly comparePlaces: (a: string, b: string) => number
}

/**
 * The band of what no band matches is the number after the last; that of the done, where they sink, the one after
 * that.
 */
export const restOf = (lens: Lens): number => lens.bands.length
export const sunkOf = (lens: Lens): number => lens.bands.length + 1

/** Whether what is done is never listed. */
export const isOfOpen = (lens: Lens): boolean => lens.done === 'hidden' && !asksForDone(lens)

/** The names that everything a lens lists has one of, where it says so; for the fewest of them to be looked at. */
export function namesAsked(
  lens: Lens,
): { readonly field: 'context' | 'project' | 'person'; readonly ids: readonly string[] } | null {
  for (const condition of lens.conditions) {
    if (condition.kind !== 'choice' || condition.not || condition.values.includes('')) continue
    const { field, values } = condition
    if (field === 'context' || field === 'project' || field === 'person') return { field, ids: values }
  }
  return null
}

const asksForDone = (lens: Lens): boolean =>
  lens.conditions.some((condition) => condition.kind === 'count' && condition.field === 'doneWithin')

/** What has sunk lies there as it was done, the latest first. */
function withSunk(lens: Lens, order: LensOrder): LensOrder {
  if (lens.done !== 'sunk') return order
  const asDone = (a: Action, b: Action): number =>
    (b.doneAtEpochMs ?? 0) - (a.doneAtEpochMs ?? 0) || byRank(a, b)
  const isSunk = (action: Action | undefined): boolean => !!action && action.doneAtEpochMs !== null
  const compare = (a: Action, b: Action): number =>
    isSunk(a) && isSunk(b) ? asDone(a, b) : order.compare(a, b)
  return {
    compare,
    indexIn: (ordered, action) => standsAt(ordered, action, compare),
    // A list is of one place: all of it has sunk, or none.
    inOrder: (actions) => (isSunk(actions[0]) ? [...actions].sort(asDone) : order.inOrder(actions)),
    isEqual: (a, b) => !isSunk(a) && !isSunk(b) && order.isEqual(a, b),
    equalsOf: (ordered, action) => (isSunk(ordered[0]) ? [] : order.equalsOf(ordered, action)),
  }
}

export function compileLens(lens: Lens, around: LensAround): CompiledLens {
  const conditions = allMatch(lens.conditions, around)
  const matchesDone = lens.done !== 'hidden' || asksForDone(lens)
  const matches = (action: Action): boolean =>
    action.letGoAtEpochMs === null && (matchesDone || action.doneAtEpochMs === null) && conditions(action)
  const bands = lens.bands.map(({ where }) => matcherOf(where, around))
  const [rest, sunk] = [restOf(lens), sunkOf(lens)]
  const headings = lens.groups.map((field) => groupKeyOf(field, around))
  const bandOf = (action: Action): number => {
    if (lens.done === 'sunk' && action.doneAtEpochMs !== null) return sunk
    for (let index = 0; index < bands.length; index++) if (bands[index]?.(action)) return index
    return rest
  }
  const orders = lens.groups.map((field) => compareGroups(field, around))
  return {
    ...withSunk(lens, lensOrderOf(lens.sorts, around)),
    matches,
    placeOf(action) {
      if (!matches(action)) return null
      const band = bandOf(action)
      let place = String(band)
      // What has sunk is told by its order alone.
      if (band !== sunk) for (const heading of headings) place += `|${heading(action)}`
      return place
    },
    comparePlaces(a, b) {
      const [these, those] = [a.split('|'), b.split('|')]
      const way = Number(these[0]) - Number(those[0])
      if (way !== 0) return way
      for (const [level, order] of orders.entries()) {
        const next = order(these[level + 1] ?? '', those[level + 1] ?? '')
        if (next !== 0) return next
      }
      return 0
    },
  }
}
