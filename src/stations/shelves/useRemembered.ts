// How this device shows the shelves: what is folded, and how dense they stand.
import { useSyncExternalStore } from 'react'
import { useZen } from '@/held/zen'

const listeners = new Set<() => void>()
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Whether projects stand denser: a line each. */
export const useDense = () => useRemembered('shelves-dense')

/** Whether something is set on this device, and what sets it. */
export function useRemembered(name: string): readonly [boolean, (on: boolean) => void] {
  const { memory } = useZen()
  const isOn = useSyncExternalStore(subscribe, () => memory.read(name) === 'yes')
  return [
    isOn,
    (on) => {
      memory.write(name, on ? 'yes' : null)
      listeners.forEach((listener) => listener())
    },
  ]
}
