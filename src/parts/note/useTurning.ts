// What turns notes into pages: it loads when the first note is read, and stays.
import { useSyncExternalStore } from 'react'

export type Turning = Pick<typeof import('@/core/note/turning'), 'noteOf' | 'pageOf'>

let turning: Turning | null = null
let loading: Promise<void> | null = null
const listeners = new Set<() => void>()

/** Sets what has loaded already: for tests. */
export function haveTurning(given: Turning): void {
  turning = given
  listeners.forEach((listener) => listener())
}

function load(): void {
  loading ??= import('@/core/note/turning').then(haveTurning, () => {
    loading = null
  })
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  if (!turning) load()
  return () => listeners.delete(listener)
}

/** Null until it has loaded. */
export const useTurning = (): Turning | null => useSyncExternalStore(subscribe, () => turning)
