// Headings of days as they are seen from today, the numbers that days are sorted by, and what laying an action on a
// day by hand sets.
import { laidOnDay } from '../action/held'
import type { Action } from '../record'
import { addDays, weekStartOf, type CalendarDate } from '../time'
import type { GroupTerm, LaidUnder, LensAround } from './lensTerms'

export const dateGroups = ['past', 'today', 'tomorrow', 'week', 'nextWeek', 'later'] as const
export type DateGroup = (typeof dateGroups)[number]

export function dateGrouping(around: LensAround): (date: CalendarDate | null) => string {
  const { today, weekStartsOn } = around
  const tomorrow = addDays(today, 1)
  const nextWeek = addDays(weekStartOf(today, weekStartsOn), 7)
  const weekAfter = addDays(nextWeek, 7)
  return (date) => {
    if (date === null) return ''
    if (date < today) return 'past'
    if (date === today) return 'today'
    if (date === tomorrow) return 'tomorrow'
    if (date < nextWeek) return 'week'
    return date < weekAfter ? 'nextWeek' : 'later'
  }
}

export const set = (patch: Partial<Action>): LaidUnder => ({ kind: 'set', patch })

function onDay(action: Action, field: 'day' | 'due', key: string, today: CalendarDate): LaidUnder {
  const date = { today, tomorrow: addDays(today, 1), '': null }[key]
  if (key === 'past') return { kind: 'not', why: 'past' }
  if (date === undefined) return { kind: 'ask', field }
  if (field === 'day') return set(laidOnDay(action, date))
  return set({ due: date === null ? null : { date, time: action.due?.time ?? null } })
}

/** A grouping by the days of a field; what is laid there is laid on `sets`. */
export const groupedByDay = (
  word: string,
  dateOf: (action: Action) => CalendarDate | null,
  sets: 'day' | 'due',
): GroupTerm => ({
  word,
  scale: dateGroups,
  keyOf: (around) => {
    const grouped = dateGrouping(around)
    return (action) => grouped(dateOf(action))
  },
  lay: (action, key, _, { today }) => onDay(action, sets, key, today),
})

export const dayNumber = (date: string): number =>
  Number(date.slice(0, 4)) * 372 + Number(date.slice(5, 7)) * 31 + Number(date.slice(8))

/** Of a day with its time; what has no time comes last of its day. */
export const momentNumber = (date: string, time: string | null): number =>
  dayNumber(date) * 1441 + (time === null ? 1440 : Number(time.slice(0, 2)) * 60 + Number(time.slice(3)))
