// What this device remembers of how things are shown: what is folded or opened, and how dense the shelves stand.
import { useSyncExternalStore } from 'react'
import { useZen } from '@/held/zen'

const listeners = new Set<() => void>()
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Whether projects stand denser: a line each. */
export const useDense = () => useRemembered('shelves-dense')

/** What is remembered under a name on this device, and what sets it. */
export function useKept(name: string): readonly [string | null, (value: string | null) => void] {
  const { memory } = useZen()
  const value = useSyncExternalStore(subscribe, () => memory.read(name))
  return [
    value,
    (next) => {
      memory.write(name, next)
      listeners.forEach((listener) => listener())
    },
  ]
}

/** Whether something is set on this device, and what sets it. */
export function useRemembered(name: string): readonly [boolean, (on: boolean) => void] {
  const [value, set] = useKept(name)
  return [value === 'yes', (on) => set(on ? 'yes' : null)]
}
