// The way to the drag and drop library, which loads when something that is dragged is first shown.
import { use, useEffect } from 'react'
import { useStore } from 'zustand'
import { createStore } from 'zustand/vanilla'
import type * as kit from './kit'

export type DragKit = typeof kit

let loading: Promise<DragKit> | null = null
const held = createStore<{ readonly kit: DragKit | null }>(() => ({ kit: null }))

/** Sets a kit that has loaded already: for tests. */
export function haveDragKit(given: DragKit): void {
  // As React marks a promise that it need not wait for.
  loading = Object.assign(Promise.resolve(given), { status: 'fulfilled', value: given })
  held.setState({ kit: given })
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

/** The kit once it is there: what asks for it is shown before, and not dragged. */
export function useDragKitOnDemand(): DragKit | null {
  useEffect(() => void load().catch(() => {}), [])
  return useStore(held, ({ kit: loaded }) => loaded)
}
