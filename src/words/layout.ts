// Why a day was laid out as it was.
import type { Layout, Placed } from '@/core/layout'
import { recordIn, type Document } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { daysBetween, type CalendarDate } from '@/core/time'
import { duration, nearDate } from './dates'

const actionOf = (document: Document, id: string): Action | undefined =>
  recordIn(document, id as Id<'action'>)

/** Why it is to be done today at all; null for what is only in reach. */
function ofToday({ due, startedAtEpochMs, day }: Action, today: CalendarDate): string | null {
  if (due && due.date <= today) return due.date < today ? 'overdue' : 'due today'
  if (startedAtEpochMs !== null) return 'underway'
  if (day === today) return 'picked for today'
  return day !== null && day < today ? 'carried over' : null
}

/** Whether it is among what is planned for today. */
export const isOfToday = (document: Document, id: string, today: CalendarDate): boolean => {
  const action = actionOf(document, id)
  return action !== undefined && ofToday(action, today) !== null
}

/** "due 17:00", "in your deep hours", "picked for today", "Phone, with the one before". */
export function whyPlacedWords({ id, why }: Placed, document: Document, today: CalendarDate): string {
  const action = actionOf(document, id)
  if (!action) return ''
  if (why === 'due') return `due ${action.due?.time ?? ''}`.trim()
  if (why === 'deepHours') return 'in your deep hours'
  const planned = ofToday(action, today)
  if (planned) return planned
  if (action.due && daysBetween(today, action.due.date) <= 2) return `due ${nearDate(action.due.date, today)}`
  const context = recordIn(document, action.contextIds[0] as Id<'context'>)?.name
  if (why === 'alike' && context) return `${context}, with the one before`
  return action.weight === 'must' ? 'must' : 'in reach, and it fits'
}

/** Why it is there where its hour was chosen by hand. */
export const pinnedWords = (isOver: boolean): string =>
  isOver ? 'set by you, over something else' : 'set by you'

const leftWords = {
  tooLong: 'no gap is long enough',
  notAtHand: 'what it needs is not at hand in a gap',
  dueTooEarly: 'no gap before it is due',
  afterAnother: 'after another that is left out',
  full: 'the day is full',
} as const

/** "1 h 30 · no gap is long enough" */
export const whyLeftWords = ({ id, why }: Layout['left'][number], document: Document): string => {
  const minutes = actionOf(document, id)?.minutes
  return [minutes ? duration(minutes) : '', leftWords[why]].filter(Boolean).join(' · ')
}

export const wishNames = {
  protectDeep: 'Protect deep work',
  groupAlike: 'Group what is alike',
  leaveRoom: 'Leave room',
} as const
