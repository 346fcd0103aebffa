// The tickler by month and day: what is hidden until then.
import type { Action } from '../record'
import { addMonths, type CalendarDate } from '../time'

export interface TicklerDay {
  readonly date: CalendarDate
  readonly actions: readonly Action[]
}
export interface TicklerMonth {
  /** Its first day. */
  readonly first: CalendarDate
  readonly days: readonly TicklerDay[]
  readonly count: number
}

const monthsAhead = 12

const firstOf = (date: CalendarDate): CalendarDate => `${date.slice(0, 8)}01` as CalendarDate

/**
 * Hidden actions by month and day: every month of the next twelve, empty ones too, and behind those each later one that
 * has something. Within a day they keep the order they came in.
 */
export function ticklerMonths(hidden: readonly Action[], today: CalendarDate): TicklerMonth[] {
  const days = new Map<CalendarDate, Action[]>()
  for (const action of hidden) {
    const date = action.notBefore
    if (date === null || date <= today) continue
    const there = days.get(date)
    if (there) there.push(action)
    else days.set(date, [action])
  }
  const ahead = Array.from({ length: monthsAhead }, (_, away) => addMonths(firstOf(today), away))
  const later = [...days.keys()].map(firstOf)
  return [...new Set([...ahead, ...later])].sort().map((first) => {
    const inside = [...days]
      .filter(([date]) => firstOf(date) === first)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([date, actions]) => ({ date, actions }))
    return { first, days: inside, count: inside.reduce((sum, { actions }) => sum + actions.length, 0) }
  })
}
