// Choosing instead of typing: a value chosen for a part of a sentence takes the place of the words that said it. What
// is chosen is written as it is said, behind a comma at the end, where every clause is understood. Law: whatever is
// chosen, the new sentence reads as it (resay.test.ts).
import { facets, sayingAgainOf } from '../facets'
import type { ActionPatch } from '../facets/amendable'
import type { CalendarDate } from '../time'
import type { Clause } from './clause'
import { wordsOfField, type NameOf } from './wordsOfField'
import type { Sentence } from './parseSentence'
import { titleWithout } from './title'

const without = (text: string, clauses: readonly Clause[]): string =>
  titleWithout(
    text,
    clauses.map((clause) => ({ ...clause, inTitle: false })),
    true,
  )

/** A bracket at the end that holds a clause, opened: what is said behind it would take its place at the end. */
function withoutBracket(text: string, sentence: Sentence): string {
  const open = text.lastIndexOf(' (')
  const isSaid = open >= 0 && sentence.clauses.some(({ start }) => start > open)
  return isSaid && /\)[.!?\s]*$/.test(text)
    ? `${text.slice(0, open)}, ${text.slice(open + 2).replace(/\)[.!?\s]*$/, '')}`
    : text
}

export type { NameOf }

export interface Resaying {
  readonly today: CalendarDate
  readonly nameOf: NameOf
  /** Reads a text as the sentence was read. */
  readonly read: (text: string) => Sentence
}

/** A sentence that says a change as if it had been typed. */
export function resay(text: string, patch: ActionPatch, { today, nameOf, read }: Resaying): string {
  const fields = facets.flatMap((facet) => facet.fields).filter((field) => field in patch)
  const kinds = new Set<string>(fields.flatMap((field) => sayingAgainOf(field)?.by ?? []))
  const named = facets.reduce(
    (so, { againInPlace }) => (againInPlace ? againInPlace(so, read(so).clauses, patch, nameOf) : so),
    text,
  )
  const opened = withoutBracket(named, read(named))
  const gone = read(opened).clauses.filter((clause) => kinds.has(clause.kind) && !clause.inTitle)
  const said = fields.flatMap((field) => wordsOfField(field, patch, today, nameOf))
  return [without(opened, gone), ...said].filter((part) => part !== '').join(', ')
}

/** What has to stay taken off in a sentence that was said again. */
export const stillTakenOff = (text: string, takenOff: readonly string[]): string[] =>
  takenOff.filter((key) => text.toLowerCase().includes(key.slice(key.indexOf(' ') + 1)))
