// How alike two things are by their words, to find duplicates: Dice's coefficient over stems (Dice, "Measures of the
// Amount of Ecologic Association Between Species", 1945), each stem weighted by how rare it is among all titles
// (inverse document frequency: Manning, Raghavan & Schütze, Introduction to Information Retrieval, 2008, chapter 6).
// A word that is typed slightly differently counts as the same word.
import { distance } from 'fastest-levenshtein'
import { stemOf, tellingWords } from './tellingWords'

/** Words that say when, how long or how heavy, and never what. */
const settingWords = new Set(
  `today tomorrow monday tuesday wednesday thursday friday saturday sunday week weeks month months day days min mins
  minute minutes hour hours someday soon must should could deep plain light every remind`.split(/\s+/),
)

/** A text of hundreds of words is told by its first. */
const mostStems = 24

/** The stems by which duplicates are found, each once, at most 24. */
export const stemsOf = (text: string): string[] =>
  [
    ...new Set(
      tellingWords(text)
        .filter((word) => !settingWords.has(word) && !/^\d+$/.test(word))
        .map(stemOf),
    ),
  ].slice(0, mostStems)

/** From here on two things are shown as duplicates. */
export const duplicatesFrom = 0.6

const shortestMisspelt = 5
const lettersOf = (word: string): string => [...word].sort().join('')
/** One sign off, two in a long word, or two signs that changed places. */
function isMisspelt(a: string, b: string): boolean {
  if (Math.min(a.length, b.length) < shortestMisspelt) return false
  const off = distance(a, b)
  return off <= (a.length > 7 ? 2 : 1) || (off === 2 && lettersOf(a) === lettersOf(b))
}

const sum = (stems: readonly string[], rarityOf: (stem: string) => number): number =>
  stems.reduce((total, stem) => total + rarityOf(stem), 0)

/**
 * From 0, nothing in common, to 1, the same words in whatever order. Things that share a single word are alike only
 * where neither has another. Symmetric.
 */
export function likeness(
  a: readonly string[],
  b: readonly string[],
  rarityOf: (stem: string) => number,
): number {
  const [mine, theirs] = [new Set(a), new Set(b)]
  const shared: string[] = []
  const pair = (stem: string, other: string | undefined) => {
    if (other === undefined) return
    mine.delete(stem)
    theirs.delete(other)
    shared.push(stem, other)
  }
  // The same words first: a misspelt one takes none of them away.
  for (const stem of a) pair(stem, theirs.has(stem) ? stem : undefined)
  for (const stem of mine)
    pair(
      stem,
      [...theirs].find((other) => isMisspelt(stem, other)),
    )
  const fewest = Math.max(a.length, b.length) > 1 ? 2 : 1
  const all = sum(a, rarityOf) + sum(b, rarityOf)
  return shared.length / 2 < fewest || all === 0 ? 0 : Math.min(1, sum(shared, rarityOf) / all)
}

/** How much a word tells that stands in `times` of `all` titles; never nothing. */
export const rarity = (times: number, all: number): number => 0.2 + Math.log((all + 1) / (times + 1))
