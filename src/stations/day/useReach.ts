// What is at hand right now. It belongs to the device and the moment, so it is remembered here and not in the store.
import { useMemo, useSyncExternalStore } from 'react'
import type { Reach } from '@/core/day'
import type { Id } from '@/core/record'
import { select, type DeviceMemory } from '@/state'
import { useHeld, useZen } from '@/held/zen'

const listeners = new Set<() => void>()
let cached: { text: string | null; reach: Reach } = { text: null, reach: { contextIds: [], minutes: null } }

function reachIn(memory: DeviceMemory): Reach {
  const text = memory.read('at-hand')
  if (text === cached.text) return cached.reach
  try {
    const kept = JSON.parse(text ?? '') as Partial<Reach>
    cached = {
      text,
      reach: {
        contextIds: Array.isArray(kept.contextIds) ? kept.contextIds : [],
        minutes: typeof kept.minutes === 'number' ? kept.minutes : null,
      },
    }
  } catch {
    cached = { text, reach: { contextIds: [], minutes: null } }
  }
  return cached.reach
}

export function useReach(): {
  reach: Reach
  toggleContext: (id: Id<'context'>) => void
  setMinutes: (minutes: number | null) => void
  clear: () => void
} {
  const { memory } = useZen()
  const remembered = useSyncExternalStore(
    (listener) => (listeners.add(listener), () => listeners.delete(listener)),
    () => reachIn(memory),
  )
  const contexts = useHeld((state) => select.contextsOf(state.document))
  const restingProjectIds = useHeld((state) => select.restingProjectIdsOf(state.document))
  // A context that was removed since is not at hand any more, and must not narrow the list unseen.
  const reach = useMemo(
    () => ({
      ...remembered,
      contextIds: remembered.contextIds.filter((id) => contexts.some((context) => context.id === id)),
      restingProjectIds,
    }),
    [remembered, contexts, restingProjectIds],
  )
  const keep = (next: Reach) => {
    memory.write('at-hand', JSON.stringify(next))
    listeners.forEach((listener) => listener())
  }
  return {
    reach,
    toggleContext: (id) =>
      keep({
        ...reach,
        contextIds: reach.contextIds.includes(id)
          ? reach.contextIds.filter((other) => other !== id)
          : [...reach.contextIds, id],
      }),
    setMinutes: (minutes) => keep({ ...reach, minutes }),
    clear: () => keep({ contextIds: [], minutes: null }),
  }
}
