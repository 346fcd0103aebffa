// A lens said as a sentence, part by part: "Actions ready, at Desk or Phone, up to 20 min; first what is due this
// week, then the rest; grouped by area; sorted by due." Law: read again (readLens), the sentence is the same lens.
import { isEqual } from '../isEqual'
import { dayWords } from './dayWords'
import type { Condition, DateSpan, Lens, LensBand } from './lens'
import { inSentenceOrder } from './sentenceOrder'
import { readCondition } from './readLens'
import {
  countWords,
  dateWords,
  doneWords,
  groupWords,
  joinWords,
  namedWords,
  scaleWords,
  sortWords,
  spanWords,
  stateWords,
  type LensNames,
  type NamedField,
} from './vocabulary'

/** What a part of the sentence stands for: which condition, band, group or sort of the lens. */
export type LensPart =
  | { readonly kind: 'condition' | 'band' | 'group' | 'sort'; readonly index: number; readonly text: string }
  | { readonly kind: 'done'; readonly text: string }
  /** Joins the others. */
  | { readonly kind: 'words'; readonly text: string }

/** "1 h 30", "2 h", "20 min". */
export function lengthWords(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60]
  if (hours === 0) return `${rest} min`
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`
}

export const counted = (number: number, noun: string): string => `${number} ${noun}${number === 1 ? '' : 's'}`

export const quoted = (text: string): string => `“${text.replace(/[\\”]/g, '\\$&')}”`

type SayName = (field: NamedField, id: string) => string

function choiceWords(
  { field, values, not }: Extract<Condition, { kind: 'choice' }>,
  sayName: SayName,
): string {
  const named = (namedWords as Partial<typeof namedWords>)[field as NamedField]
  if (named && not && isEqual(values, [''])) return named.some
  const scale = named ? null : scaleWords[field as keyof typeof scaleWords]
  const said = values.map((value) => {
    if (!named) return scale?.values[value] ?? value
    return value === '' ? named.none : sayName(field as NamedField, value)
  })
  const lead = named?.lead ?? scale?.lead
  return [not ? 'not' : null, lead, said.join(' or '), scale?.tail].filter(Boolean).join(' ')
}

function minutesWords({ from, to }: Extract<Condition, { kind: 'minutes' }>): string {
  if (from === null) return to === null ? 'without minutes' : `up to ${lengthWords(to)}`
  if (to === null) return `${lengthWords(from)} or more`
  return from === to ? `exactly ${lengthWords(from)}` : `${lengthWords(from)} to ${lengthWords(to)}`
}

function spanSaid(span: DateSpan): string {
  switch (span.kind) {
    case 'none':
    case 'any':
      return ''
    case 'next':
      return `within ${counted(span.days, 'day')}`
    case 'between': {
      const { from, to } = span
      if (from === null) return to === null ? 'ever' : `up to ${dayWords(to)}`
      if (to === null) return `from ${dayWords(from)}`
      return from === to ? `on ${dayWords(from)}` : `${dayWords(from)} to ${dayWords(to)}`
    }
    default:
      return spanWords[span.kind]
  }
}

function dateSaid({ field, span, not }: Extract<Condition, { kind: 'date' }>): string {
  const { lead, noun } = dateWords[field]
  if (span.kind === 'none' || span.kind === 'any')
    return `${(span.kind === 'none') === not ? 'with' : 'without'} ${noun}`
  if (field === 'due' && span.kind === 'past') return not ? 'not overdue' : 'overdue'
  return `${not ? 'not ' : ''}${lead} ${spanSaid(span)}`
}

function countSaid({ field, number, atMost }: Extract<Condition, { kind: 'count' }>): string {
  const words = countWords[field]
  return ((atMost ? null : words.atLeast) ?? words.atMost).replace('#', counted(number, words.noun))
}

function said(condition: Condition, sayName: SayName): string {
  switch (condition.kind) {
    case 'choice':
      return choiceWords(condition, sayName)
    case 'minutes':
      return minutesWords(condition)
    case 'date':
      return dateSaid(condition)
    case 'state':
      return stateWords[condition.state][condition.not ? 1 : 0]
    case 'count':
      return countSaid(condition)
    case 'text':
      return `${condition.not ? 'not ' : ''}saying ${quoted(condition.text)}`
    case 'many':
      return `${joinWords[condition.joined]} (${inSentenceOrder(condition.of)
        .map((each) => said(each, sayName))
        .join(', ')})`
  }
}

/** A condition as a person reads it: what is gone is said to be. */
export const conditionWords = (condition: Condition, names: LensNames): string =>
  said(condition, (field, id) => names.nameOf(id) ?? `${field === 'area' ? 'an' : 'a'} ${field} that is gone`)

/** Whether a name can stand in the sentence without being taken for a part of it. */
const isPlain = (name: string): boolean =>
  /^[\p{L}\p{N}][\p{L}\p{N}\p{M} '’&/.+-]*$/u.test(name) && !/ (?:as|or|then|to)(?: |$)/i.test(name)

/** A condition in words that read back as the same: a name that is not plain, or not the only one, stands as its id. */
export function exactWords(condition: Condition, names: LensNames): string {
  if (condition.kind === 'many')
    return `${joinWords[condition.joined]} (${inSentenceOrder(condition.of)
      .map((each) => exactWords(each, names))
      .join(', ')})`
  const asId: SayName = (_, id) => `[${id}]`
  const plain = said(condition, (field, id) => {
    const name = names.nameOf(id)
    return name !== null && isPlain(name) && names.idsCalled(field, name).length === 1 ? name : `[${id}]`
  })
  return isEqual(readCondition(plain, names), condition) ? plain : said(condition, asId)
}

const bandSaid = ({ name, where }: LensBand, say: (condition: Condition) => string): string =>
  `what is ${say(where)}${name === '' ? '' : ` as ${quoted(name)}`}`

/** The sentence in parts, for a lens whose conditions stand in the order of the sentence. */
export function lensParts(
  lens: Lens,
  names: LensNames,
  say: (condition: Condition, names: LensNames) => string = conditionWords,
): LensPart[] {
  const words = (text: string): LensPart => ({ kind: 'words', text })
  const listed = (
    kind: 'condition' | 'band' | 'group' | 'sort',
    texts: readonly string[],
    joint: string,
  ): LensPart[] =>
    texts.flatMap((text, index) => [...(index > 0 ? [words(joint)] : []), { kind, index, text }])
  const parts: LensPart[] = [
    words(lens.conditions.length > 0 ? 'Actions ' : 'Actions'),
    ...listed(
      'condition',
      lens.conditions.map((condition) => say(condition, names)),
      ', ',
    ),
  ]
  if (lens.bands.length > 0)
    parts.push(
      words('; first '),
      ...listed(
        'band',
        lens.bands.map((band) => bandSaid(band, (condition) => say(condition, names))),
        ', then ',
      ),
      words(', then the rest'),
    )
  if (lens.groups.length > 0)
    parts.push(
      words('; grouped by '),
      ...listed(
        'group',
        lens.groups.map((field) => groupWords[field]),
        ', then ',
      ),
    )
  if (lens.sorts.length > 0)
    parts.push(
      words('; sorted by '),
      ...listed(
        'sort',
        lens.sorts.map(({ by, down }) => (down ? sortWords[by].join(' ') : sortWords[by][0])),
        ', then ',
      ),
    )
  if (lens.done !== 'hidden') parts.push(words('; '), { kind: 'done', text: doneWords[lens.done] })
  return [...parts, words('.')]
}

/** The whole sentence, which reads back as the same lens. */
export const lensSentence = (lens: Lens, names: LensNames): string =>
  lensParts(lens, names, exactWords)
    .map(({ text }) => text)
    .join('')
