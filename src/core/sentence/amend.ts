// Saying what changes: a plain sentence of clauses alone, read against the action it is about.
//
//   "friday, 20 min, not on site, no due"
//   denials   not on site · no due          (parts that begin with no, not or without, and are no clause themselves)
//   clauses   friday: day · 20 min: minutes (all the rest, read as parseSentence reads them)
//   patch     day, minutes, contextIds, due (only what differs from the action)
//
// Law: saying what is already so changes nothing (amend.test.ts). What is not understood is given back, word for word.
import { horizonOf, laidOn, laidOnDay, withHorizon } from '../action'
import { isEqual } from '../isEqual'
import { kindOf, type Action, type Id } from '../record'
import type { CalendarDate } from '../time'
import type { SentenceContext } from './claim'
import type { Clause, Name } from './clause'
import { readTime } from './timePhrase'
import { draftOf, type Draft } from './draftOf'
import { parseSentence, type Sentence } from './parseSentence'
import { readMeaning } from './readMeaning'

export type AmendedField =
  | 'due'
  | 'at'
  | 'day'
  | 'horizon'
  | 'minutes'
  | 'weight'
  | 'energy'
  | 'payoff'
  | 'craft'
  | 'contextIds'
  | 'personIds'
  | 'projectId'
  | 'areaId'
  | 'notBefore'
  | 'waiting'
  | 'link'
/** What a sentence can change: an action, or what a slip says of one. */
export type Amendable = Pick<Action, AmendedField>
export type ActionPatch = Partial<Amendable>

/** What is said of the records that belong to an action. Left out: nothing is said. */
export interface PartsSaid {
  /** Null takes it off. */
  readonly repeat?: Draft['repeat']
  readonly reminders?: Draft['reminders']
  readonly noReminders?: true
  /** Blocked until these are done, besides what blocks it already. */
  readonly after?: readonly Id<'action'>[]
  readonly noAfter?: true
}

export interface Amendment {
  /** Only what differs from the action. */
  readonly patch: ActionPatch
  readonly parts: PartsSaid
  /** Words that name more than one thing, and what they may mean. */
  readonly questions: readonly { readonly words: string; readonly options: readonly Name[] }[]
  /** What was not understood, part by part as it was typed. */
  readonly unread: readonly string[]
}

/** "no due", "not waiting": what is taken off by its name. */
const takingOff: readonly (readonly [RegExp, ActionPatch])[] = [
  [/^(?:due|due date|due day|deadline|promise)$/, { due: null }],
  [/^(?:day|date)$/, { day: null, at: null }],
  [/^(?:at|fixed time|appointment)$/, { at: null }],
  [/^(?:minutes?|length|time needed|estimate)$/, { minutes: null }],
  [/^(?:weight)$/, { weight: 'should' }],
  [/^(?:energy)$/, { energy: null }],
  [/^(?:payoff)$/, { payoff: null }],
  [/^(?:craft)$/, { craft: null }],
  [/^(?:contexts?|place)$/, { contextIds: [] }],
  [/^(?:people|person|one|body)$/, { personIds: [] }],
  [/^(?:project|area|shelf)$/, { projectId: null, areaId: null }],
  [/^(?:waiting|waiting for|(?:to )?sign[- ]?off|signing off)$/, { waiting: null }],
  [/^(?:tickler|hiding|hidden)$/, { notBefore: null }],
  [/^(?:horizon)$/, { horizon: 'soon' }],
  [/^(?:link|link)$/, { link: null }],
]

const takingOffParts: readonly (readonly [RegExp, PartsSaid])[] = [
  [/^(?:repeats?|repeating|rule|coming back)$/, { repeat: null }],
  [/^(?:reminders?|reminding)$/, { noReminders: true }],
  [/^(?:after|after another|held back|holding back)$/, { noAfter: true }],
]

const denial = /^(?:no|not|without) (?:a |an |any |the )?(.+)$/
/** Parts end at commas and semicolons, and before a denial that is joined on: "20 min and not on site". */
const partsOf = (text: string): string[] =>
  text
    .split(/\s*[,;]\s*|\s+(?:and|but)\s+(?=(?:no|not|without)\s)/i)
    .map((part) => part.trim())
    .filter((part) => part !== '')

const inWords = (part: string): string => part.toLowerCase().replace(/[’]/g, "'").replace(/\s+/g, ' ')

/** What denying a meaning does to an action; null where there is nothing to deny. */
function denied(action: Amendable, clause: Clause, today: CalendarDate): ActionPatch | null {
  switch (clause.kind) {
    case 'context':
      return { contextIds: action.contextIds.filter((id) => id !== clause.name.id) }
    case 'person':
      return { personIds: action.personIds.filter((id) => id !== clause.name.id) }
    case 'project':
      return action.projectId === clause.name.id ? { projectId: null } : {}
    case 'area':
      return action.areaId === clause.name.id ? { areaId: null } : {}
    case 'weight':
      return action.weight === clause.weight ? { weight: 'should' } : {}
    case 'energy':
      return action.energy === clause.energy ? { energy: null } : {}
    case 'minutes':
      return action.minutes === clause.minutes ? { minutes: null } : {}
    case 'payoff':
    case 'craft':
      return action[clause.kind] === clause.level ? { [clause.kind]: null } : {}
    case 'horizon':
      if (horizonOf(action, today) !== clause.horizon) return {}
      return clause.horizon === 'today' ? { day: null } : { horizon: 'soon' }
    case 'due':
      return action.due?.date === clause.date ? { due: null } : {}
    case 'day':
      return {
        ...(action.day === clause.date ? { day: null } : {}),
        ...(action.at?.date === clause.date ? { at: null } : {}),
        ...(action.due?.date === clause.date ? { due: null } : {}),
      }
    case 'waiting':
      return { waiting: null }
    case 'chase':
      return action.waiting ? { waiting: { ...action.waiting, chaseOn: null } } : {}
    default:
      return null
  }
}

/** "by 17:00", where a promise stands, is about its time alone. */
const saysOnlyTime = (words: string): boolean =>
  readTime(inWords(words).replace(/^(?:by|due by|due on|due|at) /, '')) !== null

const signOff = /^(?:to be |to )?sign(?:ed)?[- ]?off by (.+)$/i

/** "to sign off by Oda" is read as waiting for her: what is waited for is that she accepts it. */
const asWaiting = (part: string): string => part.replace(signOff, 'waiting for $1')

function waitingSaid(
  action: Amendable,
  clause: Extract<Clause, { kind: 'waiting' }>,
  today: CalendarDate,
  toSignOff: boolean,
): ActionPatch {
  const personId = clause.name ? (clause.name.id as Id<'person'>) : null
  const whom = personId ? '' : clause.whom
  const before = action.waiting
  const isSame = before?.personId === personId && before.whom === whom
  if (isSame && before.toSignOff === toSignOff) return {}
  if (isSame) return { waiting: { ...before, toSignOff } }
  return { waiting: { personId, whom, since: today, chaseOn: null, how: '', toSignOff } }
}

/** What a clause sets on an action; null where it does not go with it. */
function said(
  action: Amendable,
  clause: Clause,
  words: string,
  { today, toSignOff }: { readonly today: CalendarDate; readonly toSignOff: boolean },
): ActionPatch | null {
  switch (clause.kind) {
    case 'due':
      return {
        due: {
          date: saysOnlyTime(words) ? (action.due?.date ?? clause.date) : clause.date,
          time: clause.time,
        },
      }
    case 'at': {
      // What was planned for a day that is over is today's.
      const planned = laidOn(action)
      const at = { date: clause.date ?? (planned && planned >= today ? planned : today), time: clause.time }
      const minutes = clause.minutes === undefined ? {} : { minutes: clause.minutes }
      return isEqual(at, action.at) ? minutes : { at, day: null, ...minutes }
    }
    case 'day':
      return [action.day, action.at?.date].includes(clause.date) ? {} : laidOnDay(action, clause.date)
    case 'horizon':
      return horizonOf(action, today) === clause.horizon ? {} : withHorizon(action, clause.horizon, today)
    case 'minutes':
      return { minutes: clause.minutes }
    case 'weight':
      return { weight: clause.weight }
    case 'energy':
      return { energy: clause.energy }
    case 'payoff':
    case 'craft':
      return { [clause.kind]: clause.level }
    case 'context':
      return { contextIds: [...new Set([...action.contextIds, clause.name.id as Id<'context'>])] }
    case 'person':
      return { personIds: [...new Set([...action.personIds, clause.name.id as Id<'person'>])] }
    case 'project':
      return { projectId: clause.name.id as Id<'project'>, areaId: null }
    case 'area':
      return { areaId: clause.name.id as Id<'area'>, projectId: null }
    case 'notBefore':
      return { notBefore: clause.date }
    case 'waiting':
      return waitingSaid(action, clause, today, toSignOff)
    case 'since':
      return action.waiting ? { waiting: { ...action.waiting, since: clause.date } } : null
    case 'chase':
      return action.waiting ? { waiting: { ...action.waiting, chaseOn: clause.date } } : null
    case 'link':
      return { link: clause.link }
    case 'question':
    case 'repeat':
    case 'until':
    case 'times':
    case 'reminder':
    case 'steps':
      return null
  }
}

/** What is taken in the order of the words comes first; then what builds on what another clause has set. */
const turns: Partial<Record<Clause['kind'], number>> = {
  waiting: 1,
  since: 2,
  chase: 2,
  day: 3,
  at: 4,
  due: 5,
}
const turnOf = ({ kind }: Clause): number => turns[kind] ?? 0

/** Whom an action waits for counts among its people. */
const withWhom = (action: Amendable): Amendable =>
  action.waiting?.personId && !action.personIds.includes(action.waiting.personId)
    ? { ...action, personIds: [...action.personIds, action.waiting.personId] }
    : action

function patchBetween(before: Amendable, after: Amendable): ActionPatch {
  const changed = Object.entries(after).filter(
    ([field, value]) => !isEqual(before[field as AmendedField], value),
  )
  return Object.fromEntries(changed) as ActionPatch
}

/** What was read last: of a thousand actions that are told the same, the words are read once. */
let latest: { readonly of: SentenceContext; readonly found: Map<string, Sentence> } | null = null
const mostKept = 32

function readBare(words: string, context: SentenceContext): Sentence {
  const { names, today, weekStartsOn } = context
  const { minute } = context
  const { of, found } = latest ?? {}
  const isSame =
    of?.names === names && of.today === today && of.weekStartsOn === weekStartsOn && of.minute === minute
  const kept = isSame && found && found.size < mostKept ? found : new Map<string, Sentence>()
  latest = { of: { names, today, weekStartsOn, minute }, found: kept }
  const known = kept.get(words)
  if (known) return known
  const sentence = parseSentence(words, { names, today, weekStartsOn, minute, takenOff: [], isBare: true })
  kept.set(words, sentence)
  return sentence
}

/**
 * A repeat with its end, and reminders. What comes back by the calendar is laid on its first day, where the action
 * stands on none.
 */
function comingBackSaid(
  sentence: Sentence,
  action: Amendable,
  today: CalendarDate,
): {
  readonly parts: PartsSaid
  readonly patch: ActionPatch
  readonly read: readonly Clause['kind'][]
} | null {
  const { repeat, reminders, day, at } = draftOf(sentence, today)
  if (!repeat && reminders.length === 0) return null
  const isOnNoDay = !action.day && !action.at && !action.due && !action.notBefore
  const first = at ? { at } : { day }
  return {
    parts: { ...(repeat ? { repeat } : {}), ...(reminders.length > 0 ? { reminders } : {}) },
    patch: repeat && isOnNoDay && (day || at) ? first : {},
    read: repeat ? ['repeat', 'until', 'times', 'reminder'] : ['reminder'],
  }
}

/** Words that name what is to change, and the kinds of clause that say it. */
const namedBy: readonly (readonly [RegExp, readonly Clause['kind'][]])[] = [
  [/^(?:remind|reminder|with a reminder)\b/, ['reminder']],
  [/^(?:by|due|deadline|no later than|within)\b/, ['due']],
  [/^(?:not (?:before|until)|hide|hidden)\b/, ['notBefore']],
  [/^chase\b/, ['chase']],
  [/^since\b/, ['since']],
  [/^(?:every|each|repeat|repeats)\b/, ['repeat']],
]

/**
 * Whether a part names one thing and would be read as another: "remind me at breakfast tomorrow" never moves an
 * action.
 */
function namesAnother(part: string, read: (words: string) => Sentence): boolean {
  const kinds = namedBy.find(([form]) => form.test(inWords(part)))?.[1]
  if (!kinds) return false
  const { clauses } = read(part)
  return clauses.length > 0 && !clauses.some(({ kind }) => kinds.includes(kind))
}

/** Reads what changes in an action. `context.takenOff` is not looked at. */
export function amendAction(text: string, action: Amendable, context: SentenceContext): Amendment {
  const { today } = context
  let amended = action
  let parts: PartsSaid = {}
  const unread: string[] = []
  const questions: { words: string; options: readonly Name[] }[] = []
  const rest: string[] = []
  const read = (words: string) => readBare(words, context)

  const deny = (part: string): boolean => {
    const what = denial.exec(inWords(part))?.[1]
    if (what === undefined || readMeaning(inWords(part), context, context.names)) return false
    const plainParts = takingOffParts.find(([form]) => form.test(what))?.[1]
    if (plainParts) {
      parts = { ...parts, ...plainParts }
      return true
    }
    const plain = takingOff.find(([form]) => form.test(what))?.[1]
    const sentence = read(what)
    const [clause] = sentence.clauses
    const isWhole = sentence.title === '' && sentence.clauses.length === 1
    if (clause?.kind === 'question' && isWhole) {
      // Of several of one name, the one that is there is meant.
      const meant = clause.options.filter(({ id }) =>
        [...amended.contextIds, ...amended.personIds, amended.projectId, amended.areaId].includes(
          id as never,
        ),
      )
      if (meant.length !== 1) return questions.push({ words: what, options: clause.options }) > 0
      const [name] = meant as [Name]
      const same = { ...clause, kind: kindOf(name.id), name } as unknown as Clause
      amended = { ...amended, ...denied(amended, same, today) }
      return true
    }
    const patch = plain ?? (clause && isWhole ? denied(amended, clause, today) : null)
    if (patch) amended = { ...amended, ...patch }
    return patch !== null
  }

  const isAfter = (part: string): boolean => {
    const title = /^after (.+)$/i.exec(part)?.[1]
    const id = title === undefined ? null : (context.actionCalled?.(title) ?? null)
    if (id !== null) parts = { ...parts, after: [...(parts.after ?? []), id] }
    return id !== null
  }

  for (const part of partsOf(text)) {
    if (deny(part) || isAfter(part)) continue
    if (namesAnother(part, read)) unread.push(part)
    else rest.push(part)
  }

  const toSignOff = rest.some((part) => signOff.test(part))
  const positive = rest.map(asWaiting).join(', ')
  const sentence = read(positive)
  // A promise that is said is not moved by the day that is said beside it; who is waited for comes before since and
  // chase.
  const inOrder = [...sentence.clauses].sort((a, b) => turnOf(a) - turnOf(b))
  const comesBack = comingBackSaid(sentence, amended, today)
  if (comesBack) {
    parts = { ...parts, ...comesBack.parts }
    amended = { ...amended, ...comesBack.patch }
  }
  for (const clause of inOrder) {
    const words = positive.slice(clause.start, clause.end)
    if (comesBack?.read.includes(clause.kind)) continue
    if (clause.kind === 'question') {
      questions.push({ words, options: clause.options })
      continue
    }
    const patch = said(amended, clause, words, { today, toSignOff })
    if (patch) amended = { ...amended, ...patch }
    else unread.push(words)
  }
  unread.push(...partsOf(sentence.title).filter((part) => /[\p{L}\p{N}]/u.test(part)))
  if (amended.waiting !== action.waiting) amended = withWhom(amended)
  return { patch: patchBetween(action, amended), parts, questions, unread }
}
