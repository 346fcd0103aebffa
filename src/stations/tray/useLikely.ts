// What is likely of a slip, as it was when it came under the hand: rows that moved under the thumb would be pressed wrongly.
import { useState } from 'react'
import type { Facet, Suggestion } from '@/core/sorting/learning'
import { useLearned } from '@/held/learned'

const most = 6

export type Likely = Readonly<Record<Facet, readonly Suggestion[]>>

const nothing: Likely = { compartment: [], shelf: [], context: [], minutes: [], person: [] }

/** Learned once for a title; what is learned later counts for the next slip. */
export function useLikely(title: string): Likely {
  const learner = useLearned()
  const [likely, setLikely] = useState<{ of: unknown; found: Likely }>({ of: null, found: nothing })
  if (learner === null || likely.of === learner) return likely.found
  const ask = (facet: Facet) => learner.likely(title, facet, most)
  const found: Likely = {
    compartment: ask('compartment'),
    shelf: ask('shelf'),
    context: ask('context'),
    minutes: ask('minutes'),
    person: ask('person'),
  }
  setLikely({ of: learner, found })
  return found
}
