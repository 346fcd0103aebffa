// "waiting for Oda's quote", "drawings, waiting for Oda since monday": whom somebody waits for.
import { kindOf } from '../record'
import type { Claim } from './claim'
import type { Name } from './clause'
import type { NameIndex } from './nameIndex'
import { phraseOf, type Word } from './words'

/** What follows whom somebody waits for: since when, and what is to come of it. */
const afterWhom = new Set(['since', 'chase', 'to', 'about', 'by', 'before', 'until', 'till'])

/** Where whom is waited for ends: at a break, behind "Ana's", or where more is said of it. */
function endOfWhom(words: readonly Word[], from: number): number {
  const at = words.findIndex(
    (word, index) =>
      index >= from + 2 &&
      (word.breakAfter !== null || /'s$/.test(word.text) || afterWhom.has(words[index + 1]?.text ?? '')),
  )
  return at < 0 ? words.length : at + 1
}

/** Behind a comma and with nothing more of it, it is told by its chip; elsewhere the words are the title. */
const endsPart = (words: readonly Word[], to: number): boolean =>
  !/'s$/.test(words[to - 1]?.text ?? '') &&
  (to === words.length ||
    words[to - 1]?.breakAfter !== null ||
    /^(?:since|chase)$/.test(words[to]?.text ?? ''))

/** "waiting for Oda's quote": the words stay. Oda is understood where she is known, the words themselves where not. */
export function waitingFrom(words: readonly Word[], from: number, names: NameIndex): Claim | null {
  const [first, second, third] = words.slice(from, from + 3)
  const isAsked =
    first?.text === 'waiting' &&
    second !== undefined &&
    /^(?:for|on)$/.test(second.text) &&
    third !== undefined
  if (
    !isAsked ||
    first.breakAfter ||
    second.breakAfter ||
    [first, second, third].some(({ quoted }) => quoted)
  )
    return null
  const end = endOfWhom(words, from)
  for (let to = Math.min(end, from + 8); to >= from + 3; to--) {
    const phrase = phraseOf(words, from + 2, to).replace(/'s$/, '')
    const name = names.byWords.get(phrase)?.filter(({ id }) => kindOf(id) === 'person') ?? []
    if (name.length === 1)
      return {
        meaning: { kind: 'waiting', name: name[0] as Name, whom: '' },
        weak: false,
        inTitle: from === 0 || !endsPart(words, to),
        guess: null,
        from,
        to,
      }
  }
  const whom = words
    .slice(from + 2, end)
    .map(({ typed }) => typed)
    .join(' ')
    .replace(/['’]s$/, '')
  return whom.trim() === ''
    ? null
    : {
        meaning: { kind: 'waiting', name: null, whom },
        weak: false,
        inTitle: true,
        guess: 'unknownPerson',
        from,
        to: end,
      }
}
