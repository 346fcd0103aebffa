// Where what is done of a list stands: at the end and folded, among the rest, or left out. Remembered by this device.
import { byRank, type Action } from '@/core/record'
import { useKept } from '@/held/useKept'

export const places = ['sunk', 'among', 'hidden'] as const
export type DonePlaced = (typeof places)[number]
/** Where what is done of a list stands, and what sets it. */
export function useDonePlace(of: string): readonly [DonePlaced, (place: DonePlaced) => void] {
  const [kept, keep] = useKept(`done:${of}`)
  const place = places.find((each) => each === kept) ?? 'sunk'
  return [place, (next) => keep(next === 'sunk' ? null : next)]
}

/** Open and done together, by hand. */
export const amongTheRest = (open: readonly Action[], done: readonly Action[]): readonly Action[] =>
  [...open, ...done].sort(byRank)
