// What this device remembers, where it is shown: whoever reads it hears of every writing.
import { useSyncExternalStore } from 'react'
import { createStore } from 'zustand/vanilla'
import type { DeviceMemory } from '@/state'
import { useZen } from './zen'

/** Counts the writings. What was written is in the device's memory. */
const writings = createStore(() => 0)

export const onKept = (listener: () => void): (() => void) => writings.subscribe(listener)

/** Writes what is remembered under a name; null forgets it. */
export function keep(memory: DeviceMemory, name: string, value: string | null): void {
  memory.write(name, value)
  writings.setState((count) => count + 1)
}

/** What is remembered under a name on this device, and what sets it. */
export function useKept(name: string): readonly [string | null, (value: string | null) => void] {
  const { memory } = useZen()
  const value = useSyncExternalStore(onKept, () => memory.read(name))
  return [value, (next) => keep(memory, name, next)]
}
