// Whom a slip is likely to be handed to: those it came from or names, then those whom most has been handed to.
import { useState } from 'react'
import type { Id } from '@/core/record'
import { lists, select } from '@/state'
import { useZen } from '@/held/zen'

const learnedFrom = 2000

export function useLikelyPeople(title: string, first: readonly Id<'person'>[]): readonly Id<'person'>[] {
  const { store } = useZen()
  // Read once for a slip: rows that moved under the thumb would be pressed wrongly.
  const [people] = useState(() => {
    const { document } = store.api.getState()
    const told = new Map<Id<'person'>, number>()
    for (const { waiting, personIds } of lists.latestActions(document, learnedFrom)) {
      const ids = waiting?.personId ? [waiting.personId, ...personIds] : personIds
      ids.forEach((id) => told.set(id, (told.get(id) ?? 0) + 1))
    }
    const all = select.peopleOf(document)
    const named = all
      .filter(({ name }) => title.toLowerCase().includes(name.toLowerCase()))
      .map(({ id }) => id)
    const rest = all.map(({ id }) => id).sort((a, b) => (told.get(b) ?? 0) - (told.get(a) ?? 0))
    return [...new Set([...first, ...named, ...rest])]
  })
  return people
}
