// A name that is said as a context is said, and is not there: "mend the lamp, workshop". It is offered, never taken.
import type { Clause } from './clause'
import { partsOf, wordsOf } from './words'

/** So many words make a sentence of what stands before: "milk, eggs" is a list. */
const leastBefore = 3

/** The last part of a sentence that no clause took, where it could name a context; null where there is none. */
export function unknownNameIn(text: string, clauses: readonly Clause[]): string | null {
  const words = wordsOf(text)
  const parts = partsOf(words)
  for (let at = parts.length - 1; at > 0; at--) {
    const [from, to] = parts[at] as readonly [number, number]
    const [before] = parts[at - 1] as readonly [number, number]
    const [first, last] = [words[from], words[to - 1]]
    if (!first || !last) return null
    if (clauses.some(({ start, end }) => start < last.end && end > first.start)) continue
    const name = text.slice(first.start, last.end)
    const isShort = to - from <= 2 && /^\p{L}[\p{L} '’-]{2,24}$/u.test(name)
    const isAlone = words[from - 1]?.breakAfter === ',' && from - before >= leastBefore
    const isPlain = !words.slice(from, to).some(({ quoted, text: word }) => quoted || joining.has(word))
    return isShort && isAlone && isPlain ? name : null
  }
  return null
}

const joining = new Set([
  'and',
  'or',
  'but',
  'then',
  'too',
  'please',
  'again',
  'not',
  'no',
  'etc',
  'maybe',
  'perhaps',
])
