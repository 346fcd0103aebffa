import { keptHorizons, weights, type Action } from '../record'

const weightAt = Object.fromEntries(weights.map((weight, index) => [weight, index])) as Record<string, number>
const horizonAt = Object.fromEntries(keptHorizons.map((horizon, index) => [horizon, index])) as Record<string, number>

/** When on the clock it happens or is due, as sortable text; actions without a time come last. */
const clockOf = (action: Action): string => {
  const when = action.at?.time ? action.at : action.due
  return when?.time ?? '~'
}

const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

/** The order of work in a band: by the clock, then weight, horizon, promise, the person's own rank, and age. */
export function compareForDay(a: Action, b: Action): number {
  return (
    byText(clockOf(a), clockOf(b)) ||
    (weightAt[a.weight] as number) - (weightAt[b.weight] as number) ||
    (horizonAt[a.horizon] as number) - (horizonAt[b.horizon] as number) ||
    byText(a.due?.date ?? '~', b.due?.date ?? '~') ||
    a.rank - b.rank ||
    a.createdAtEpochMs - b.createdAtEpochMs ||
    byText(a.id, b.id)
  )
}
