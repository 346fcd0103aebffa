// What a name in a question may mean: said whole, or by some of its words.
import { plainTerm } from '../search/plainTerm'

export interface Named<K extends string> {
  readonly id: K
  readonly name: string
}

const most = 6
const wordsOf = (text: string): string[] =>
  plainTerm(text)
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '' && word !== 'the')

/** 2 where it is the whole name, 1 where each word is one of the name's, 0 where it means something else. */
function likeness(said: readonly string[], name: string): 0 | 1 | 2 {
  const own = wordsOf(name)
  if (said.length === own.length && said.every((word, at) => word === own[at])) return 2
  return said.length > 0 && said.every((word) => own.includes(word)) ? 1 : 0
}

/** The likeliest first: those called just that, then those with all its words, in the order they were given. */
export function namedBy<K extends string>(names: Iterable<Named<K>>, said: string): readonly K[] {
  const words = wordsOf(said)
  const [whole, part]: [K[], K[]] = [[], []]
  for (const { id, name } of names) {
    const alike = likeness(words, name)
    if (alike === 2) whole.push(id)
    else if (alike === 1 && part.length < most) part.push(id)
  }
  return [...whole, ...part].slice(0, most)
}
