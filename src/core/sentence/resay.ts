// Choosing instead of typing: a value chosen for a part of a sentence takes the place of the words that said it. What
// is chosen is written as it is said, behind a comma at the end, where every clause is understood. Law: whatever is
// chosen, the new sentence reads as it (resay.test.ts).
import type { Action } from '../record'
import type { CalendarDate } from '../time'
import type { ActionPatch } from './amend'
import type { Clause } from './clause'
import { wordsOfField, type NameOf } from './wordsOfField'
import type { Sentence } from './parseSentence'
import { titleWithout } from './title'

type Field = keyof ActionPatch

/** The kinds of clause that say a field. */
const saidBy: Readonly<Record<Field, readonly Clause['kind'][]>> = {
  due: ['due'],
  at: ['at', 'day'],
  day: ['day', 'at', 'horizon'],
  horizon: ['horizon'],
  minutes: ['minutes'],
  weight: ['weight'],
  energy: ['energy'],
  payoff: ['payoff'],
  craft: ['craft'],
  contextIds: ['context'],
  personIds: ['person'],
  projectId: ['project', 'area'],
  areaId: ['area', 'project'],
  notBefore: ['notBefore'],
  waiting: ['since', 'chase'],
  link: ['link'],
}

/** "waiting for Oda’s quote" with somebody else in it. */
function withWhom(text: string, sentence: Sentence, waiting: Action['waiting'], nameOf: NameOf): string {
  const clause = sentence.clauses.find(({ kind }) => kind === 'waiting')
  if (!waiting || !clause) return text
  const whom = waiting.personId ? nameOf(waiting.personId) : waiting.whom
  const ending = /['’]s$/.exec(text.slice(clause.start, clause.end))?.[0] ?? ''
  return `${text.slice(0, clause.start)}waiting for ${whom}${ending}${text.slice(clause.end)}`
}

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
  const fields = Object.keys(patch) as Field[]
  const kinds = new Set(fields.flatMap((field) => saidBy[field]))
  const named = patch.waiting === undefined ? text : withWhom(text, read(text), patch.waiting, nameOf)
  const opened = withoutBracket(named, read(named))
  const gone = read(opened).clauses.filter((clause) => kinds.has(clause.kind) && !clause.inTitle)
  const said = fields.flatMap((field) => wordsOfField(field, patch, today, nameOf))
  return [without(opened, gone), ...said].filter((part) => part !== '').join(', ')
}

/** What has to stay taken off in a sentence that was said again. */
export const stillTakenOff = (text: string, takenOff: readonly string[]): string[] =>
  takenOff.filter((key) => text.toLowerCase().includes(key.slice(key.indexOf(' ') + 1)))
