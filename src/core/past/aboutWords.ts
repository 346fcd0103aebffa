// Whether a title is about the words of a question: every telling word of the question begins a word of the title, or
// the other way round ("measured" and "measure", "rang" and "ring").
const silent = new Set(
  'a an the my our your his her their to of for with from in on at by and or it this that last i we me us some any'.split(' '),
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

const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
/** Without what a verb or a noun ends in: "measured", "measures" and "measuring" are "measur". */
const stemOf = (word: string): string => {
  const verb = verbOf[word] ?? word
  return verb.length > 4 ? verb.replace(/(?:ied|ies)$/, 'y').replace(/(?:ing|ed|es|s|e)$/, '') : verb
}

/** The stems that say something, in their order. */
export const stemsOf = (text: string): string[] =>
  plain(text)
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '' && !silent.has(word))
    .map(stemOf)

/** Asks many titles for the same words; no words are in every title. */
export function aboutMatcher(words: string): (title: string) => boolean {
  const wanted = stemsOf(words)
  if (wanted.length === 0) return () => true
  const [first = ''] = wanted
  return (title) => {
    // Most titles are not about it: seen without taking them apart.
    if (!plain(title).includes(first.slice(0, 3))) return false
    const own = stemsOf(title)
    return wanted.every((stem) => own.some((word) => word.startsWith(stem) || (word.length > 2 && stem.startsWith(word))))
  }
}
