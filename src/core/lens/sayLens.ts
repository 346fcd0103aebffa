// A lens out of plain words: "short phone calls due this week, by area, then by due". Parts that are the sentence's
// own are read as they stand (readLens); in the rest, runs of words are looked for that mean a condition, the longest
// first. What is not understood is given back, word for word. Law: the sentence of a lens said again is that lens
// (sayLens.test.ts).
import { mayBeDate, readDate } from '../sentence/datePhrase'
import { readLength } from '../sentence/lengthPhrase'
import type { CalendarDate } from '../time'
import {
  emptyLens,
  groupFields,
  sortFields,
  type Condition,
  type DateField,
  type DateSpan,
  type GroupField,
  type Lens,
  type LensState,
  type SortField,
} from './lens'
import { cutAt, readCondition, readLens } from './readLens'
import { inSentenceOrder } from './sentenceOrder'
import type { SpanAround } from './spanDays'
import { groupWords, namedFields, sortWords, type LensNames, type NamedField } from './vocabulary'

export interface SayingNames extends LensNames {
  /** Every id whose name begins with these words. */
  readonly idsBeginning: (kind: NamedField, words: string) => readonly string[]
}

export interface LensSaid {
  readonly lens: Lens
  readonly unread: readonly string[]
}

const state = (name: LensState, not = false): Condition => ({ kind: 'state', state: name, not })
const minutes = (from: number | null, to: number | null): Condition => ({ kind: 'minutes', from, to })
const date = (field: DateField, span: DateSpan): Condition => ({ kind: 'date', field, span, not: false })
const choice = (field: Extract<Condition, { kind: 'choice' }>['field'], ...values: string[]): Condition => ({
  kind: 'choice',
  field,
  values,
  not: false,
})
const days = (
  field: 'age' | 'untouched' | 'doneWithin' | 'moved',
  number: number,
  atMost: boolean,
): Condition => ({
  kind: 'count',
  field,
  number,
  atMost,
})

const anyOf = (...of: Condition[]): Condition => ({ kind: 'many', joined: 'any', of: inSentenceOrder(of) })

/** Words that mean a condition by themselves. */
const plainWords: Readonly<Record<string, Condition>> = {
  short: minutes(null, 15),
  quick: minutes(null, 15),
  brief: minutes(null, 15),
  long: minutes(60, null),
  easy: choice('energy', 'light'),
  'deep work': choice('energy', 'deep'),
  'light work': choice('energy', 'light'),
  late: date('due', { kind: 'past' }),
  overdue: date('due', { kind: 'past' }),
  'coming back': state('repeating'),
  'held back': state('blocked'),
  'to sign off': state('toSignOff'),
  'due by today': anyOf(date('due', { kind: 'past' }), date('due', { kind: 'today' })),
  'by today': anyOf(date('due', { kind: 'past' }), date('due', { kind: 'today' })),
  'due by tomorrow': anyOf(date('due', { kind: 'past' }), date('due', { kind: 'next', days: 2 })),
  'by tomorrow': anyOf(date('due', { kind: 'past' }), date('due', { kind: 'next', days: 2 })),
  'no minutes': minutes(null, null),
  unestimated: minutes(null, null),
  'no due': date('due', { kind: 'none' }),
  'no due day': date('due', { kind: 'none' }),
  'no due date': date('due', { kind: 'none' }),
  'no date': date('date', { kind: 'none' }),
  'no day': date('date', { kind: 'none' }),
  unplanned: date('date', { kind: 'none' }),
  due: date('due', { kind: 'any' }),
  fixed: date('at', { kind: 'any' }),
  picked: date('day', { kind: 'today' }),
  'this week': date('date', { kind: 'week' }),
  'next week': date('date', { kind: 'nextWeek' }),
  today: date('date', { kind: 'today' }),
  tomorrow: date('date', { kind: 'tomorrow' }),
  soon: choice('horizon', 'soon'),
  someday: choice('horizon', 'someday'),
  'on the shelf': choice('horizon', 'shelf'),
  later: choice('horizon', 'shelf'),
  'waiting for': state('waiting'),
  'to be signed off': state('toSignOff'),
  started: state('underway'),
  repeating: state('repeating'),
  recurring: state('repeating'),
  'no steps': state('withSteps', true),
  'with notes': state('withNote'),
  'no note': state('withNote', true),
  'no notes': state('withNote', true),
  'no files': state('withFiles', true),
  'with a file': state('withFiles'),
  new: days('age', 7, true),
  old: days('age', 30, false),
  untouched: days('untouched', 30, false),
  'not looked at': days('untouched', 30, false),
  'moved once': days('moved', 1, false),
  'moved twice': days('moved', 2, false),
  'moved often': days('moved', 3, false),
  moved: days('moved', 1, false),
  done: days('doneWithin', 7, true),
  'done lately': days('doneWithin', 14, true),
  'done today': days('doneWithin', 0, true),
}

/** Words that say nothing of their own. */
const fillers = new Set(
  'actions action things thing stuff items ones one all any every everything anything what which that is are i can do my the a an of and only just show me still'.split(
    ' ',
  ),
)

const unitDays: Readonly<Record<string, number>> = { day: 1, week: 7, fortnight: 14, month: 30, year: 365 }
const spanForm = /^(?:the )?(?:(a|\d{1,3}) )?(day|week|fortnight|month|year)s?$/
/** "a month", "2 weeks", in days. */
function daysSaid(words: string): number | null {
  const parts = spanForm.exec(words)
  if (!parts) return null
  return (
    (parts[1] === undefined || parts[1] === 'a' ? 1 : Number(parts[1])) * (unitDays[parts[2] as string] ?? 1)
  )
}

function lengthSaid(words: string): Condition | null {
  const form =
    /^(up to|under|less than|at most|within|no more than|over|more than|at least|longer than)? ?(.+)$/.exec(
      words,
    )
  const said = form?.[2] ?? ''
  const length = readLength(/^\d+$/.test(said) ? `${said} min` : said)
  // A bare number is a length only behind such a word.
  if (length === null || (form?.[1] === undefined && /^\d+$/.test(said))) return null
  return /^(?:over|more than|at least|longer than)$/.test(form?.[1] ?? '')
    ? minutes(length, null)
    : minutes(null, length)
}

const periods: readonly (readonly [RegExp, (number: number) => Condition])[] = [
  [/^(?:older than|made over|set down over) (.+?)(?: ago)?$/, (number) => days('age', number, false)],
  [/^(?:made|set down) (?:in|within) (?:the last |the past )?(.+)$/, (number) => days('age', number, true)],
  [
    /^(?:untouched|not looked at|never looked at|not touched|unchanged) (?:for|in) (?:the last )?(.+)$/,
    (number) => days('untouched', number, false),
  ],
  [/^done (?:in|within) (?:the last |the past )?(.+)$/, (number) => days('doneWithin', number, true)],
  [/^due (?:in|within) (?:the next )?(.+)$/, (number) => date('due', { kind: 'next', days: number })],
]

const dayForms: readonly (readonly [RegExp, (day: CalendarDate) => Condition])[] = [
  [
    /^(?:due )?(?:by|until|before the end of) (.+)$/,
    (to) => date('due', { kind: 'between', from: null, to }),
  ],
  [/^due (?:on )?(.+)$/, (on) => date('due', { kind: 'between', from: on, to: on })],
  [/^picked for (.+)$/, (on) => date('day', { kind: 'between', from: on, to: on })],
  [/^(?:fixed for|at) (.+)$/, (on) => date('at', { kind: 'between', from: on, to: on })],
  [/^(?:on |dated )?(.+)$/, (on) => date('date', { kind: 'between', from: on, to: on })],
]

const lead = /^(?:(?:at|on|in|for|with|from|about|of|to|under)(?: the)?|the) (.+)$/

/** Kinds of work that are done in a place or with a tool, where there is a context of that name. */
const workIn: Readonly<Record<string, string>> = {
  call: 'phone',
  calls: 'phone',
  'phone call': 'phone',
  'phone calls': 'phone',
  errand: 'errands',
  shopping: 'errands',
}

/** Days that have passed and cannot be said as they are seen from today: refused rather than fixed to a date. */
const refused =
  /^(?:(?:done|due|finished) )?(?:yesterday|last \w+)$|^(?:done|finished) (?:this|on|since|before|by) .+$/

function nameSaid(words: string, names: SayingNames): Condition | null {
  const context = Object.hasOwn(workIn, words) ? names.idsCalled('context', workIn[words] as string) : []
  if (context.length === 1) return choice('context', context[0] as string)
  const bare = lead.exec(words)?.[1] ?? words
  for (const said of bare === words ? [words] : [words, bare])
    for (const find of [names.idsCalled, names.idsBeginning]) {
      if (find === names.idsBeginning && said.length < 3) continue
      for (const field of namedFields) {
        const found = find(field, said)
        if (found.length === 1) return choice(field, found[0] as string)
      }
    }
  return null
}

interface Saying extends SpanAround {
  readonly names: SayingNames
}

/** The condition that a run of words means; null where it means none. */
function meant(words: string, saying: Saying): Condition | 'refused' | null {
  const exact = readCondition(words, saying.names)
  if (exact) return exact
  const said = words.toLowerCase()
  if (refused.test(said)) return 'refused'
  if (Object.hasOwn(plainWords, said)) return plainWords[said] as Condition
  const length = lengthSaid(said)
  if (length) return length
  for (const [form, make] of periods) {
    const number = daysSaid(form.exec(said)?.[1] ?? '')
    if (number !== null) return make(number)
  }
  const name = nameSaid(said, saying.names)
  if (name) return name
  for (const [form, make] of dayForms) {
    const phrase = form.exec(said)?.[1]
    const day = phrase && mayBeDate(phrase) ? readDate(phrase, saying) : null
    if (day) return make(day)
  }
  const denied = /^(?:not|no|without) (.+)$/.exec(said)?.[1]
  const inner = denied ? meant(denied, saying) : null
  if (inner === 'refused') return inner
  if (inner && 'not' in inner && !inner.not) {
    const isSpanless = inner.kind === 'date' && (inner.span.kind === 'any' || inner.span.kind === 'none')
    return isSpanless ? null : { ...inner, not: true }
  }
  return null
}

/** One or the other: more values of the same thing, else any of both. */
function either(one: Condition, other: Condition): Condition {
  if (one.kind === 'choice' && other.kind === 'choice' && one.field === other.field && one.not === other.not)
    return { ...one, values: [...new Set([...one.values, ...other.values])] }
  return one.kind === 'many' && one.joined === 'any' ? anyOf(...one.of, other) : anyOf(one, other)
}

const longestRun = 8

/** Conditions in a run of words, and the words that mean nothing. */
function scanned(part: string, saying: Saying): { found: Condition[]; unread: string[] } {
  const words = part.split(/\s+/).filter((word) => word !== '')
  const found: Condition[] = []
  const unread: string[] = []
  let isOr = false
  for (let at = 0; at < words.length;) {
    let length = Math.min(longestRun, words.length - at)
    let condition: Condition | 'refused' | null = null
    for (; length > 0; length--) {
      condition = meant(words.slice(at, at + length).join(' '), saying)
      if (condition) break
    }
    const word = (words[at] as string).toLowerCase()
    if (condition === 'refused') {
      unread.push(...words.slice(at, at + length))
      at += length
    } else if (condition) {
      const last = found.at(-1)
      if (isOr && last) found[found.length - 1] = either(last, condition)
      else found.push(condition)
      at += length
    } else {
      if (!fillers.has(word) && word !== 'or') unread.push(words[at] as string)
      at++
    }
    isOr = condition === null && word === 'or'
  }
  return { found, unread }
}

const groupCalled = (words: string): GroupField | undefined =>
  groupFields.find((field) => groupWords[field] === words || (field === 'project' && words === 'shelf'))
function sortCalled(words: string): Lens['sorts'][number] | undefined {
  for (const by of sortFields) {
    const [plain, down] = sortWords[by]
    if (words === plain || words === `${plain} first`) return { by, down: false }
    if (words === `${plain} ${down}`) return { by, down: true }
  }
  const turned = downWords[words]
  return turned && { by: turned, down: true }
}
const downWords: Readonly<Record<string, SortField>> = { 'longest first': 'minutes', 'newest first': 'age' }

/** "by area, then by due": what it is gathered or sorted by; null where a word is neither. */
function byPart(part: string, isGathering: boolean): Listed | null {
  const groups: GroupField[] = []
  const sorts: Lens['sorts'][number][] = []
  for (const words of part.split(/(?:,? then(?: by)? |,? and (?:by )?)/)) {
    const said = words.trim().replace(/^(?:the )/, '')
    const [group, sort] = [groupCalled(said), sortCalled(said)]
    if (group && (isGathering || !sort)) groups.push(group)
    else if (sort) sorts.push(sort)
    else return null
  }
  return { groups, sorts }
}

const byForm = /^(?:and )?(?:then )?(gathered |grouped |sorted |ordered |in order )?(?:by|of) (.+)$/

/** A condition laid beside those of a lens: of the same thing the later stands. */
export function withCondition(lens: Lens, condition: Condition): Lens {
  const isSame = (other: Condition): boolean => {
    if (other.kind !== condition.kind) return false
    if (other.kind === 'minutes') return true
    if (other.kind === 'state') return condition.kind === 'state' && other.state === condition.state
    return (other.kind === 'choice' || other.kind === 'date') && 'field' in condition
      ? other.field === condition.field && other.not === (condition as { not?: boolean }).not
      : false
  }
  const kept = lens.conditions.filter((other) => !isSame(other))
  return { ...lens, conditions: inSentenceOrder([...kept, condition]) }
}

type Listed = Pick<Lens, 'groups' | 'sorts'>

/** What a part says to gather or sort by, also one that goes on with it: "by area", "then by due". */
function listedIn(said: string, was: Listed | null): Listed | null {
  const goesOn = was ? /^then (?:by )?(.+)$/.exec(said)?.[1] : undefined
  const isGathering = was !== null && was.groups.length > 0 && was.sorts.length === 0
  if (goesOn !== undefined) return byPart(goesOn, isGathering && !/^then by /.test(said))
  const by = byForm.exec(said)
  return by ? byPart(by[2] as string, /^(?:gathered|grouped)/.test(by[1] ?? '')) : null
}

const withListed = (lens: Lens, { groups, sorts }: Listed): Lens => ({
  ...lens,
  groups: [...new Set([...lens.groups, ...groups])].slice(0, 2),
  sorts: [...lens.sorts.filter(({ by }) => !sorts.some((sort) => sort.by === by)), ...sorts],
})

/** "first what is due today": a band, out of everything said there. */
function withBand(lens: Lens, found: readonly Condition[]): Lens {
  const [only] = found
  if (!only) return lens
  const where: Condition =
    found.length === 1 ? only : { kind: 'many', joined: 'all', of: inSentenceOrder(found) }
  return { ...lens, bands: [...lens.bands, { name: '', where }] }
}

/** Reads a lens out of what is said, over `base` where there is one. */
export function sayLens(text: string, saying: Saying, base: Lens = emptyLens): LensSaid {
  const whole = readLens(text, saying.names)
  if (whole) return { lens: whole, unread: [] }
  let lens = base
  const unread: string[] = []
  let was: Listed | null = null
  for (const part of cutAt(text, ';').flatMap((some) => cutAt(some, ','))) {
    const said = part.trim().replace(/\.$/, '')
    if (said === '' || said === 'then the rest') continue
    was = listedIn(said, was)
    if (was) {
      lens = withListed(lens, was)
      continue
    }
    const first = /^first (?:what is )?(.+)$/.exec(said)?.[1]
    const { found, unread: rest } = scanned(first ?? said, saying)
    unread.push(...rest)
    lens = first === undefined ? found.reduce(withCondition, lens) : withBand(lens, found)
  }
  return { lens, unread }
}
