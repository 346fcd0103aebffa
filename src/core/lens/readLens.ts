// The sentence of a lens read again, word for word as lensSentence writes it. What people type more freely is
// sayLens's.
import { readLength } from '../sentence/lengthPhrase'
import { isCalendarDate } from '../time'
import {
  countFields,
  dateFields,
  emptyLens,
  groupFields,
  joins,
  lensStates,
  sortFields,
  type ChoiceField,
  type Condition,
  type DateSpan,
  type Lens,
  type LensBand,
  type LensSort,
} from './lens'
import { inSentenceOrder } from './sentenceOrder'
import { readDayWords } from './dayWords'
import {
  countWords,
  dateWords,
  doneWords,
  groupWords,
  joinWords,
  namedFields,
  namedWords,
  scaleFields,
  scaleWords,
  sortWords,
  spanWords,
  stateWords,
  type LensNames,
  type NamedField,
} from './vocabulary'

/** Cuts at a mark, but not inside brackets or between quotation marks. */
export function cutAt(text: string, mark: string): string[] {
  const parts: string[] = []
  let [depth, isQuoted, from] = [0, false, 0]
  for (let at = 0; at < text.length; at++) {
    const sign = text[at]
    if (isQuoted) {
      if (sign === '\\') at++
      else if (sign === '”') isQuoted = false
      continue
    }
    if (sign === '“') isQuoted = true
    else if (sign === '(' || sign === '[') depth++
    else if (sign === ')' || sign === ']') depth--
    else if (depth === 0 && text.startsWith(mark, at)) {
      parts.push(text.slice(from, at))
      from = at + mark.length
      at = from - 1
    }
  }
  return [...parts, text.slice(from)]
}

/** What stands between quotation marks, if that is all there is. */
function unquoted(text: string): string | null {
  if (!text.startsWith('“') || !text.endsWith('”') || text.length < 2) return null
  const inside = text.slice(1, -1)
  // Every mark inside is written with a stroke before it.
  return /^(?:[^\\”]|\\[\\”])*$/.test(inside) ? inside.replace(/\\([\\”])/g, '$1') : null
}

/** The one thing a name can mean; null where there is none, or more than one. */
function idOf(field: NamedField, said: string, names: LensNames): string | null {
  const bare = /^\[([a-z]+:[A-Za-z0-9_~-]{1,128})\]$/.exec(said)?.[1]
  if (bare !== undefined) return bare.startsWith(`${field}:`) ? bare : null
  const found = names.idsCalled(field, said)
  return found.length === 1 ? (found[0] as string) : null
}

function namedChoice(said: string, not: boolean, names: LensNames): Condition | null {
  const some = not ? undefined : namedFields.find((field) => namedWords[field].some === said)
  if (some) return choice(some, [''], true)
  for (const field of ['group', ...namedFields] as const) {
    const { lead, none } = namedWords[field]
    if (!said.startsWith(`${lead} `)) continue
    const values = cutAt(said.slice(lead.length + 1), ' or ').map((name) =>
      name === none ? '' : idOf(field, name, names),
    )
    if (values.every((value) => value !== null)) return choice(field, values as string[], not)
  }
  return null
}

const choice = (field: ChoiceField, values: readonly string[], not: boolean): Condition => ({
  kind: 'choice',
  field,
  values: [...new Set(values)],
  not,
})

function scaleChoice(said: string, not: boolean): Condition | null {
  for (const field of scaleFields) {
    const { lead, tail, values } = scaleWords[field]
    if (lead && !said.startsWith(`${lead} `)) continue
    if (tail && !said.endsWith(` ${tail}`)) continue
    const bare = said.slice(lead ? lead.length + 1 : 0, tail ? -tail.length - 1 : undefined)
    const byWord = new Map(Object.entries(values).map(([value, word]) => [word, value]))
    const found = bare.split(' or ').map((word) => byWord.get(word))
    if (found.every((value) => value !== undefined)) return choice(field, found as string[], not)
  }
  return null
}

function minutesSaid(said: string): Condition | null {
  if (said === 'without minutes') return { kind: 'minutes', from: null, to: null }
  const upTo = /^up to (.+)$/.exec(said)?.[1]
  const orMore = /^(.+) or more$/.exec(said)?.[1]
  const exactly = /^exactly (.+)$/.exec(said)?.[1]
  const between = /^(.+?) to (.+)$/.exec(said)
  const range = (from: string | undefined, to: string | undefined): Condition | null => {
    const [a, b] = [from === undefined ? null : readLength(from), to === undefined ? null : readLength(to)]
    const isRead = (from === undefined || a !== null) && (to === undefined || b !== null)
    return isRead ? { kind: 'minutes', from: a, to: b } : null
  }
  if (upTo) return range(undefined, upTo)
  if (orMore) return range(orMore, undefined)
  if (exactly) return range(exactly, exactly)
  return between ? range(between[1], between[2]) : null
}

function spanOf(said: string): DateSpan | null {
  for (const [kind, words] of Object.entries(spanWords))
    if (said === words) return { kind: kind as keyof typeof spanWords }
  const within = /^within (\d{1,5}) days?$/.exec(said)
  if (within) return { kind: 'next', days: Number(within[1]) }
  const [upTo, from, on, between] = [
    /^up to (.+)$/.exec(said),
    /^from (.+)$/.exec(said),
    /^on (.+)$/.exec(said),
    /^(.+?) to (.+)$/.exec(said),
  ]
  const day = (words: string | undefined) => (words === undefined ? null : readDayWords(words))
  if (upTo) return day(upTo[1]) && { kind: 'between', from: null, to: day(upTo[1]) }
  if (from) return day(from[1]) && { kind: 'between', from: day(from[1]), to: null }
  if (on) return day(on[1]) && { kind: 'between', from: day(on[1]), to: day(on[1]) }
  if (!between) return null
  const [first, last] = [day(between[1]), day(between[2])]
  return isCalendarDate(first) && isCalendarDate(last) ? { kind: 'between', from: first, to: last } : null
}

function dateSaid(said: string, not: boolean): Condition | null {
  if (said === 'overdue') return { kind: 'date', field: 'due', span: { kind: 'past' }, not }
  for (const field of dateFields) {
    const { lead, noun } = dateWords[field]
    if (!not && said === `with ${noun}`) return { kind: 'date', field, span: { kind: 'any' }, not: false }
    if (!not && said === `without ${noun}`) return { kind: 'date', field, span: { kind: 'none' }, not: false }
    const span = said.startsWith(`${lead} `) ? spanOf(said.slice(lead.length + 1)) : null
    if (span) return { kind: 'date', field, span, not }
  }
  return null
}

function countSaid(said: string): Condition | null {
  for (const field of countFields) {
    const { atLeast, atMost, noun } = countWords[field]
    for (const [words, isMost] of [
      [atLeast, false],
      [atMost, true],
    ] as const) {
      const [before, after] = words?.split('#') ?? []
      if (before === undefined || !said.startsWith(before) || !said.endsWith(after ?? '')) continue
      const number = new RegExp(`^(\\d{1,5}) ${noun}s?$`).exec(
        said.slice(before.length, said.length - (after ?? '').length),
      )?.[1]
      if (number !== undefined) return { kind: 'count', field, number: Number(number), atMost: isMost }
    }
  }
  return null
}

function manySaid(said: string, names: LensNames): Condition | null {
  for (const joined of joins) {
    const lead = `${joinWords[joined]} (`
    if (!said.startsWith(lead) || !said.endsWith(')')) continue
    const of = cutAt(said.slice(lead.length, -1), ', ').map((part) => readCondition(part, names))
    if (of.every((each) => each !== null)) return { kind: 'many', joined, of: inSentenceOrder(of) }
  }
  return null
}

/** One condition out of its words; null where they are none. */
export function readCondition(said: string, names: LensNames): Condition | null {
  for (const state of lensStates) {
    const at = stateWords[state].indexOf(said)
    if (at >= 0) return { kind: 'state', state, not: at === 1 }
  }
  const many = manySaid(said, names)
  if (many) return many
  // "not before today" is about a day, "not at Desk" says no.
  const whole = dateSaid(said, false) ?? scaleChoice(said, false)
  if (whole) return whole
  const not = said.startsWith('not ')
  const bare = not ? said.slice(4) : said
  const text = bare.startsWith('saying ') ? unquoted(bare.slice(7)) : null
  if (text !== null) return { kind: 'text', text, not }
  return (
    scaleChoice(bare, not) ??
    namedChoice(bare, not, names) ??
    dateSaid(bare, not) ??
    (not ? null : (minutesSaid(bare) ?? countSaid(bare)))
  )
}

function bandOf(said: string, names: LensNames): LensBand | null {
  const [words, as] = cutAt(said, ' as ')
  const where = words?.startsWith('what is ') ? readCondition(words.slice(8), names) : null
  const name = as === undefined ? '' : unquoted(as)
  return where && name !== null ? { name, where } : null
}

function sortOf(said: string): LensSort | null {
  for (const by of sortFields) {
    const [plain, down] = sortWords[by]
    if (said === plain) return { by, down: false }
    if (said === `${plain} ${down}`) return { by, down: true }
  }
  return null
}

/** Every one of them, or null. */
const all = <T>(found: readonly (T | null)[]): T[] | null =>
  found.every((each) => each !== null) ? (found as T[]) : null

/** A clause behind a semicolon: bands, groups, sorts, or what becomes of the done. */
function withClause(lens: Lens, clause: string, names: LensNames): Lens | null {
  for (const done of ['among', 'sunk'] as const) if (clause === doneWords[done]) return { ...lens, done }
  const first = /^first (.*), then the rest$/s.exec(clause)?.[1]
  if (first !== undefined) {
    const bands = all(cutAt(first, ', then ').map((said) => bandOf(said, names)))
    return bands && { ...lens, bands }
  }
  const grouped = /^grouped by (.*)$/.exec(clause)?.[1]
  if (grouped !== undefined) {
    const groups = all(
      grouped.split(', then ').map((said) => groupFields.find((field) => groupWords[field] === said) ?? null),
    )
    return groups && { ...lens, groups }
  }
  const sorted = /^sorted by (.*)$/.exec(clause)?.[1]
  const sorts = sorted === undefined ? null : all(sorted.split(', then ').map(sortOf))
  return sorts && { ...lens, sorts }
}

/** The lens that a whole sentence says; null where a word of it is not understood. */
export function readLens(sentence: string, names: LensNames): Lens | null {
  const [first = '', ...clauses] = cutAt(sentence.trim().replace(/\.$/, ''), '; ')
  const asked = /^Actions(?: (.*))?$/s.exec(first)
  if (!asked) return null
  const conditions = all(
    asked[1] === undefined ? [] : cutAt(asked[1], ', ').map((part) => readCondition(part, names)),
  )
  return clauses.reduce<Lens | null>(
    (lens, clause) => lens && withClause(lens, clause, names),
    conditions && { ...emptyLens, conditions: inSentenceOrder(conditions) },
  )
}
