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

/** Date, contexts and minutes of an action on one soft line. */
export function actionDetails(
  action: Action,
  document: Document,
  today: CalendarDate,
  options: {
    project?: boolean
    day?: boolean
    steps?: { readonly done: number; readonly of: number } | null
    /** Days of its rule that have passed while it stood. */
    missed?: number
    /** When it reminds next, where that is near. */
    reminds?: When | null
  } = {},
): string {
  const names = action.contextIds.map((id) => recordIn(document, id)?.name)
  const project =
    options.project && action.projectId ? recordIn(document, action.projectId)?.title : undefined
  return [
    project,
    ...names,
    action.energy === 'plain' ? null : action.energy,
    action.minutes ? duration(action.minutes) : null,
    action.at ? fixedWords(action.at, today) : null,
    action.due ? `due ${when(action.due, today)}` : null,
    options.day && action.day && !action.at ? nearDate(action.day, today) : null,
    action.notBefore && isHidden(action, today) ? `not before ${shortDate(action.notBefore, today)}` : null,
    action.notBefore && hasComeBack(action, today) ? `back since ${nearDate(action.notBefore, today)}` : null,
    action.waiting && isOpen(action) ? waitingWords(action, document, today) : null,
    heldBackWords(action, document),
    options.steps ? `${options.steps.done} of ${options.steps.of} steps` : null,
    missedWords(options.missed ?? 0),
    options.reminds ? `reminds ${when(options.reminds, today)}` : null,
    movedWords(action),
  ]
    .filter(Boolean)
    .join(' · ')
}

/** "after Draw the echo paths": what it was said to be after, or what its project is after; its place in order goes unsaid. */
export function heldBackWords({ id, afterIds, projectId }: Action, document: Document): string | null {
  const written = recordIn(document, id)?.afterIds ?? []
  const told = afterIds.find(
    (each) => written.includes(each) || (!isIdOf('action', each) && each !== projectId),
  )
  const name = told && nameOfRecord(document, told)
  return name ? `after ${shortened(name)}` : null
}

export function waitingWords(
  action: Pick<Action, 'waiting'>,
  document: Document,
  today: CalendarDate,
): string {
  if (!action.waiting) return ''
  const { personId, whom, since, chaseOn } = action.waiting
  const name = (personId && recordIn(document, personId)?.name) || whom || 'somebody'
  const who = action.waiting.toSignOff ? `${name} to sign off` : `waiting for ${name}`
  return `${who}, since ${nearDate(since, today)}${chaseOn ? `, chase ${nearDate(chaseOn, today)}` : ''}`
}
