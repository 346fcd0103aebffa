// An action in words.
import { hasComeBack, isHidden, isOpen } from '@/core/action'
import { recordIn, type Document } from '@/core/journal'
import { isIdOf, type Action, type When } from '@/core/record'
import { type CalendarDate } from '@/core/time'
import { times } from './counts'
import { nameOfRecord, shortened } from './names'
import { shortDate, nearDate, duration, fixedWords, when } from './dates'

export const horizonWords = {
  today: 'today',
  week: 'this week',
  soon: 'soon',
  shelf: 'later',
  someday: 'someday',
} as const

/** How often it has been given another day; nothing where it never has. */
export const movedWords = ({ moved }: Pick<Action, 'moved'>): string | null =>
  moved.length > 0 ? `moved ${times(moved.length)}` : null

/** "missed twice before": of what comes back, how many days of its rule have passed while it stood. */
export const missedWords = (missed: number): string | null =>
  missed > 0 ? `missed ${times(missed)} before` : null

export interface DetailOptions {
  readonly project?: boolean
  readonly day?: boolean
  readonly steps?: { readonly done: number; readonly of: number } | null
  /** Days of its rule that have passed while it stood. */
  readonly missed?: number
  /** When it reminds next, where that is near. */
  readonly reminds?: When | null
  /** The time it was due or fixed at today has passed. */
  readonly isOver?: boolean
  /** It is not being worked on, because its project is not. */
  readonly rests?: boolean
  /** As short as can be. */
  readonly isShort?: boolean
  /** Said before the details: why it is in the list. */
  readonly hint?: string | undefined
}

/** What matters most, where there is no room for all of it. */
const fewDetails = 3

/** Each detail with how much it matters (0 most), in the order in which they are read. */
function detailsOf(
  action: Action,
  document: Document,
  today: CalendarDate,
  options: DetailOptions,
): { readonly says: string; readonly rank: number }[] {
  const { at, due, notBefore } = action
  const isLate = options.isOver === true && isOpen(action)
  const project =
    options.project && action.projectId ? recordIn(document, action.projectId)?.title : undefined
  const isDueNow = due?.date === today && due.time !== null
  const fixed = at && (isLate && !isDueNow ? `overdue since ${at.time}` : fixedWords(at, today))
  const promised = due && (isLate && isDueNow ? `overdue since ${due.time}` : `due ${when(due, today)}`)
  const list: readonly (readonly [string | null | undefined | false, number])[] = [
    [project, 5],
    ...action.contextIds.map((id) => [recordIn(document, id)?.name, 4] as const),
    [action.energy === 'plain' ? null : action.energy, 7],
    [action.minutes ? duration(action.minutes) : null, 3],
    [fixed, 1],
    [options.hint?.startsWith('due') ? null : promised, 1],
    [options.day && action.day && !at ? nearDate(action.day, today) : null, 2],
    [notBefore && isHidden(action, today) ? `not before ${shortDate(notBefore, today)}` : null, 1],
    [notBefore && hasComeBack(action, today) ? `back since ${nearDate(notBefore, today)}` : null, 2],
    [action.waiting && isOpen(action) ? waitingWords(action, document, today, options.isShort) : null, 0],
    [options.rests && isOpen(action) ? 'rests with its project' : null, 0],
    [blockedWords(action, document), 0],
    [options.steps ? `${options.steps.done} of ${options.steps.of} steps` : null, 6],
    [missedWords(options.missed ?? 0), 5],
    [options.reminds ? `reminds ${when(options.reminds, today)}` : null, 6],
    [movedWords(action), 8],
  ]
  return list.flatMap(([says, rank]) => (says ? [{ says, rank }] : []))
}

const spoken = (details: readonly { readonly says: string }[]): string =>
  details.map(({ says }) => says).join(' · ')

/** Date, contexts and minutes of an action on one soft line. */
export const actionDetails = (
  action: Action,
  document: Document,
  today: CalendarDate,
  options: DetailOptions = {},
): string => spoken(detailsOf(action, document, today, options))

/** The same with the few that matter most, for a phone. */
export function fewActionDetails(
  action: Action,
  document: Document,
  today: CalendarDate,
  options: DetailOptions = {},
): string {
  const details = detailsOf(action, document, today, { ...options, isShort: true })
  const few = [...details]
    .sort((a, b) => a.rank - b.rank)
    .slice(0, options.hint ? fewDetails - 1 : fewDetails)
  // What holds it up is said first: the end of a line may be cut.
  const [held, rest] = [few.filter(({ rank }) => rank === 0), details.filter(({ rank }) => rank > 0)]
  return spoken([...held, ...rest.filter((detail) => few.includes(detail))])
}

/**
 * "after Draw the echo paths": what it was said to be after, or what its project is after; its place in order goes
 * unsaid.
 */
export function blockedWords({ id, afterIds, projectId }: Action, document: Document): string | null {
  const written = recordIn(document, id)?.afterIds ?? []
  const told = afterIds.find(
    (each) => written.includes(each) || (!isIdOf('action', each) && each !== projectId),
  )
  const name = told && nameOfRecord(document, told)
  return name ? `after ${shortened(name)}` : null
}

/** Whom an action waits for; empty where it waits for nobody. */
export function awaitedName({ waiting }: Pick<Action, 'waiting'>, document: Document): string {
  if (!waiting) return ''
  return (waiting.personId && recordIn(document, waiting.personId)?.name) || waiting.whom || 'somebody'
}

export function waitingWords(
  action: Pick<Action, 'waiting'>,
  document: Document,
  today: CalendarDate,
  /** Since when it waits is left out where the day to chase says more. */
  isShort = false,
): string {
  if (!action.waiting) return ''
  const { since, chaseOn } = action.waiting
  const name = awaitedName(action, document)
  const who = action.waiting.toSignOff ? `${name} to sign off` : `waiting for ${name}`
  const chase = chaseOn ? `, chase ${nearDate(chaseOn, today)}` : ''
  return isShort && chase !== '' ? `${who}${chase}` : `${who}, since ${nearDate(since, today)}${chase}`
}
