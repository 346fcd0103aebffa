// Which words of a question a title is about: a telling word of the question begins a word of the title, or the other
// way round ("measured" and "measure", "rang" and "ring").
import { plainTerm } from '../search/plainTerm'

const silent = new Set(
  'a an the my our your his her their to of for with from in on at by and or it this that last i we me us some any'.split(
    ' ',
  ),
)
/** Past forms that have not the beginning of their verb, of the verbs that to-dos begin with. */
const verbOf: Readonly<Record<string, string>> = {
  rang: 'ring',
  rung: 'ring',
  wrote: 'write',
  written: 'write',
  sent: 'send',
  bought: 'buy',
  paid: 'pay',
  met: 'meet',
  read: 'read',
  took: 'take',
  taken: 'take',
  made: 'make',
  gave: 'give',
  given: 'give',
  went: 'go',
  gone: 'go',
  drew: 'draw',
  drawn: 'draw',
  spoke: 'speak',
  spoken: 'speak',
  told: 'tell',
  thought: 'think',
  brought: 'bring',
  kept: 'keep',
  left: 'leave',
  lent: 'lend',
  sold: 'sell',
  built: 'build',
  cut: 'cut',
  did: 'do',
  done: 'do',
  saw: 'see',
  seen: 'see',
  ate: 'eat',
  drove: 'drive',
  driven: 'drive',
  found: 'find',
  held: 'hold',
  swept: 'sweep',
}

/** Without what a verb or a noun ends in: "measured", "measures" and "measuring" are "measur". */
const stemOf = (word: string): string => {
  const verb = Object.hasOwn(verbOf, word) ? (verbOf[word] as string) : word
  return verb.length > 4 ? verb.replace(/(?:ied|ies)$/, 'y').replace(/(?:ing|ed|es|s|e)$/, '') : verb
}

const wordsOf = (text: string): string[] => plainTerm(text).split(/[^\p{L}\p{N}]+/u)

/** The stems that say something, in their order. */
export const stemsOf = (text: string): string[] =>
  wordsOf(text)
    .filter((word) => word !== '' && !silent.has(word))
    .map(stemOf)

/** So many words of a question count, the first ones. */
const mostStems = 24

export interface AboutWords {
  /** A bit for each word that a text is about. */
  readonly in: (text: string) => number
  /** What `in` gives for a text that is about them all; 0 where nothing is asked for. */
  readonly all: number
  readonly count: number
}

const isAbout = (stem: string, word: string): boolean =>
  word.startsWith(stem) || (word.length > 2 && stem.startsWith(word))

/** Asks many texts for the same words. */
export function aboutWords(words: string): AboutWords {
  const stems = [...new Set(stemsOf(words))].slice(0, mostStems)
  const beginnings = stems.map((stem) => stem.slice(0, 3))
  return {
    count: stems.length,
    all: 2 ** stems.length - 1,
    in: (text) => {
      const plain = plainTerm(text)
      // Most texts are about none of them: seen without taking them apart.
      if (!beginnings.some((beginning) => plain.includes(beginning))) return 0
      const own = stemsOf(plain)
      return stems.reduce(
        (found, stem, at) => (own.some((word) => isAbout(stem, word)) ? found | (1 << at) : found),
        0,
      )
    },
  }
}
