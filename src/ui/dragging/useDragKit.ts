// The way to the drag and drop library, which loads when something that is dragged is first shown.
import { use, useEffect, useSyncExternalStore } from 'react'
import type * as kit from './kit'

export type DragKit = typeof kit

let loading: Promise<DragKit> | null = null
let loaded: DragKit | null = null
const listeners = new Set<() => void>()

/** Sets a kit that has loaded already: for tests. */
export function haveDragKit(given: DragKit): void {
  loaded = given
  // As React marks a promise that it need not wait for.
  loading = Object.assign(Promise.resolve(given), { status: 'fulfilled', value: given })
  listeners.forEach((listener) => listener())
}

function load(): Promise<DragKit> {
  loading ??= import('./kit').then(
    (given) => {
      haveDragKit(given)
      return given
    },
    (error) => {
      loading = null
      throw error
    },
  )
  return loading
}

/** The kit; what asks for it is shown once it is there. */
export const useDragKit = (): DragKit => use(load())

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** The kit once it is there: what asks for it is shown before, and not dragged. */
export function useDragKitOnDemand(): DragKit | null {
  useEffect(() => void load().catch(() => {}), [])
  return useSyncExternalStore(subscribe, () => loaded)
}
