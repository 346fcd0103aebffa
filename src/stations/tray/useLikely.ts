// What is likely of a slip, as it was when it came under the hand: rows that moved under the thumb would be pressed
// wrongly.
import { useState } from 'react'
import type { Facet, Learner, Suggestion } from '@/core/sorting/learning'
import { useReader, type Reader } from '@/held/reader'
import { useLearned } from '@/held/useLearned'
import { useHeldDocument } from '@/held/zen'
import { select } from '@/state'

const most = 6

export type Likely = Readonly<Record<Facet, readonly Suggestion[]>>

/** What the first word says stands first, unless something was learned of that very word. */
function withFirst(
  learned: readonly Suggestion[],
  value: string | null | undefined,
  word: string | null,
): readonly Suggestion[] {
  if (!value || !word || learned[0]?.because.some((each) => each.toLowerCase() === word)) return learned
  return [{ value, because: [word], times: 0 }, ...learned.filter((each) => each.value !== value)]
}

/** Learned once for a title; what is learned later counts for the next slip. */
export function useLikely(title: string): Likely {
  const learner = useLearned()
  const reader = useReader()
  const document = useHeldDocument()
  const [likely, setLikely] = useState<{ of: Learner | null; by: Reader; found: Likely } | null>(null)
  if (likely && likely.of === learner && likely.by === reader) return likely.found
  const ask = (facet: Facet) => learner?.likely(title, facet, most) ?? []
  const word = reader.firstWordOf(title)
  const first = reader.contextByFirstWord(title, select.contextsOf(document), learner)
  const found: Likely = {
    compartment: withFirst(ask('compartment'), reader.isForReading(title) ? 'reading' : null, word),
    shelf: ask('shelf'),
    context: withFirst(ask('context'), first?.id, word),
    minutes: ask('minutes'),
    person: ask('person'),
  }
  setLikely({ of: learner, by: reader, found })
  return found
}
