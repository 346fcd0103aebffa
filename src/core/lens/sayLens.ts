// A lens out of plain words: "short phone calls due this week, by area, then by due". Parts that are the sentence's
// own are read as they stand (readLens); in the rest, runs of words are looked for that mean a condition, the longest
// first. What is not understood is given back, word for word. Law: the sentence of a lens said again is that lens
// (sayLens.test.ts).
import { anyOf, choice } from './asking'
import {
  emptyLens,
  groupFields,
  sortFields,
  type Condition,
  type GroupField,
  type Lens,
  type SortField,
} from './lens'
import { cutAt, readCondition, readLens } from './readLens'
import { inSentenceOrder } from './sentenceOrder'
import type { SpanAround } from './spanDays'
import { ask, askFirst, meaningOf } from './terms'
import { groupWords, namedFields, sortWords, type LensNames, type NamedField } from './vocabulary'

export interface SayingNames extends LensNames {
  /** Every id whose name begins with these words. */
  readonly idsBeginning: (kind: NamedField, words: string) => readonly string[]
}

export interface LensSaid {
  readonly lens: Lens
  readonly unread: readonly string[]
}

/** Words that say nothing of their own. */
const fillers = new Set(
  'actions action things thing stuff items ones one all any every everything anything what which that is are i can do my the a an of and only just show me still'.split(
    ' ',
  ),
)

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
  const plain = meaningOf(said) ?? askFirst(said, saying) ?? nameSaid(said, saying.names) ?? ask(said, saying)
  if (plain) return plain
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
