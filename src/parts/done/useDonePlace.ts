// Where what is done of a list stands: at the end and folded, among the rest, or left out. Remembered by this device.
import { useSyncExternalStore } from 'react'
import { byRank, type Action } from '@/core/record'
import { useZen } from '@/held/zen'

export const places = ['sunk', 'among', 'hidden'] as const
export type DonePlaced = (typeof places)[number]
const listeners = new Set<() => void>()
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Where what is done of a list stands, and what sets it. */
export function useDonePlace(of: string): readonly [DonePlaced, (place: DonePlaced) => void] {
  const { memory } = useZen()
  const name = `done:${of}`
  const kept = useSyncExternalStore(subscribe, () => memory.read(name))
  const place = places.find((each) => each === kept) ?? 'sunk'
  return [
    place,
    (next) => {
      memory.write(name, next === 'sunk' ? null : next)
      listeners.forEach((listener) => listener())
    },
  ]
}

/** Open and done together, by hand. */
export const amongTheRest = (open: readonly Action[], done: readonly Action[]): readonly Action[] =>
  [...open, ...done].sort(byRank)
