// What is likely of a slip, learned from the person's own earlier decisions: a multinomial naive Bayes classifier for
// each thing that is decided (Manning, Raghavan & Schütze, Introduction to Information Retrieval, 2008, chapter 13),
// with Laplace smoothing. It is small, learns and forgets one decision at a time, and can say which words spoke for
// its answer. Laws: learning and forgetting a decision leaves no trace; the order of decisions does not matter;
// nothing is suggested that was never decided.
import { stemOf, tellingWords } from './tellingWords'

/** What is decided of a slip. */
export const facets = ['compartment', 'shelf', 'context', 'minutes', 'person'] as const
export type Facet = (typeof facets)[number]

/** One decision: the words it was about, and what was decided of each facet, by name or id. */
export interface Decision {
  readonly title: string
  readonly decided: Readonly<Partial<Record<Facet, readonly string[]>>>
}

export interface Suggestion {
  readonly value: string
  /** The words of the slip that speak for it, most telling first; none where it is only the usual one. */
  readonly because: readonly string[]
  /** How often it was decided. */
  readonly times: number
}

export interface Learner {
  learn(decision: Decision): void
  forget(decision: Decision): void
  /** Likeliest first. */
  likely(title: string, facet: Facet, most: number): readonly Suggestion[]
  /** Everything learned, to be handed from one thread to another. */
  state(): LearnerState
}

type Counts = Map<string, number>
interface FacetState {
  /** How often each value was decided. */
  readonly values: Counts
  /** How many telling words were said with each value. */
  readonly sums: Counts
  /** How often each word was said with each value. */
  readonly words: Map<string, Counts>
}
export interface LearnerState {
  readonly facets: Readonly<Record<Facet, FacetState>>
}

/** A word that was never said with a value counts as if it had been said so often. */
const smoothing = 0.15

const freshFacet = (): FacetState => ({ values: new Map(), sums: new Map(), words: new Map() })
export const nothingLearned = (): LearnerState => ({
  facets: Object.fromEntries(facets.map((facet) => [facet, freshFacet()])) as Record<Facet, FacetState>,
})

/** Counts up or down; what comes to nothing is not there any more. */
function add(counts: Counts, key: string, by: number): void {
  const now = (counts.get(key) ?? 0) + by
  if (now > 0) counts.set(key, now)
  else counts.delete(key)
}

function count(state: FacetState, words: readonly string[], value: string, by: number): void {
  add(state.values, value, by)
  if (words.length > 0) add(state.sums, value, by * words.length)
  for (const word of words) {
    const said = state.words.get(word) ?? new Map<string, number>()
    add(said, value, by)
    if (said.size > 0) state.words.set(word, said)
    else state.words.delete(word)
  }
}

/** The stems of a title's telling words, each with the word as it was written. */
const stemsOf = (title: string): Map<string, string> =>
  new Map(tellingWords(title).map((word) => [stemOf(word), word]))

export function makeLearner(state: LearnerState = nothingLearned()): Learner {
  const record = ({ title, decided }: Decision, by: number) => {
    const words = [...stemsOf(title).keys()]
    for (const facet of facets)
      for (const value of decided[facet] ?? []) count(state.facets[facet], words, value, by)
  }
  return {
    learn: (decision) => record(decision, 1),
    forget: (decision) => record(decision, -1),
    state: () => state,
    likely(title, facet, most) {
      const { values, sums, words } = state.facets[facet]
      const known = [...stemsOf(title)].flatMap(([stem, word]) => {
        const said = words.get(stem)
        return said ? [{ word, said }] : []
      })
      const total = [...values.values()].reduce((sum, times) => sum + times, 0)
      const vocabulary = Math.max(1, words.size)
      const scored = [...values].map(([value, times]) => {
        const room = (sums.get(value) ?? 0) + smoothing * vocabulary
        let score = Math.log(times / total)
        for (const { said } of known) score += Math.log(((said.get(value) ?? 0) + smoothing) / room)
        return { value, score }
      })
      const best = scored.sort((a, b) => b.score - a.score || (a.value < b.value ? -1 : 1)).slice(0, most)
      return best.map(({ value }) => ({
        value,
        because: wordsFor(value, known),
        times: values.get(value) ?? 0,
      }))
    },
  }
}

const mostReasons = 2

/** The words said with a value more than with all others, most telling first. */
function wordsFor(
  value: string,
  known: readonly { readonly word: string; readonly said: Counts }[],
): string[] {
  const telling = known.flatMap(({ word, said }) => {
    const own = said.get(value) ?? 0
    const all = [...said.values()].reduce((sum, times) => sum + times, 0)
    return own > 0 && own / all >= 0.25 ? [{ word, weight: own / all / Math.log(2 + all) }] : []
  })
  return telling
    .sort((a, b) => b.weight - a.weight || (a.word < b.word ? -1 : 1))
    .slice(0, mostReasons)
    .map(({ word }) => word)
}
