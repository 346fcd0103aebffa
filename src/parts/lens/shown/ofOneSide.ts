import type { Condition, Lens } from '@/core/lens'
import type { SideChoice } from '@/state/read/sides'

/** A lens that lists one side of life alone, and what is on none. */
export function ofOneSide(lens: Lens, side: SideChoice): Lens {
  if (side === 'both') return lens
  const isOfSide: Condition = { kind: 'choice', field: 'side', values: [side, ''], not: false }
  return { ...lens, conditions: [...lens.conditions, isOfSide] }
}
