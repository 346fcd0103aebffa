// What turns notes into pages: it loads when the first note is read, and stays.
import { useSyncExternalStore } from 'react'
import { createStore } from 'zustand/vanilla'

export type Turning = Pick<typeof import('@/core/note/turning'), 'noteOf' | 'pageOf'>

const held = createStore<{ readonly turning: Turning | null }>(() => ({ turning: null }))
let loading: Promise<void> | null = null

/** Sets what has loaded already: for tests. */
export const haveTurning = (turning: Turning): void => held.setState({ turning })

function load(): void {
  loading ??= import('@/core/note/turning').then(haveTurning, () => {
    loading = null
  })
}

function subscribe(listener: () => void): () => void {
  if (!held.getState().turning) load()
  return held.subscribe(listener)
}

/** Null until it has loaded. */
export const useTurning = (): Turning | null => useSyncExternalStore(subscribe, () => held.getState().turning)
