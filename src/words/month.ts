// A day of the month in words.
import type { Load } from '@/core/day'
import { count } from './counts'
import { duration, longDate } from './dates'
import { loadLong } from './load'
import type { CalendarDate } from '@/core/time'

interface ToldDay {
  readonly date: CalendarDate
  readonly load: Load
  readonly done: readonly unknown[]
  readonly doneMinutes: number
}

/** "7 done, 1 h 40" */
export function doneWords({ done, doneMinutes }: Pick<ToldDay, 'done' | 'doneMinutes'>): string {
  if (done.length === 0) return 'nothing done'
  return `${done.length} done${doneMinutes > 0 ? `, ${duration(doneMinutes)}` : ''}`
}

/** For the ear: "Friday, 13 March, today, 3 h 10 of 5 h planned, 2 due, 3 events" */
export function dayOfMonthWords(
  day: ToldDay,
  { due, events, away }: { readonly due: number; readonly events: number; readonly away: string | null },
  today: CalendarDate,
): string {
  return [
    longDate(day.date),
    day.date === today ? 'today' : null,
    day.date < today ? doneWords(day) : loadLong(day.load),
    due > 0 ? `${due} due` : null,
    events > 0 ? count(events, 'event') : null,
    away,
  ]
    .filter(Boolean)
    .join(', ')
}

interface Went {
  readonly plannedMinutes: number | null
  readonly doneMinutes: number
  readonly asPlannedMinutes: number
}

/** How a span is called: its title, it in a sentence, and the one before at the head of a column. */
export interface SpanNames {
  readonly title: string
  readonly before: string
}
export const weekNames = (title: string): SpanNames => ({ title, before: 'Week before' })
export const monthNames = (title: string): SpanNames => ({ title, before: 'Month before' })

/** "4 h 20 done, 5 h planned"; what was not planned beforehand says what was done. */
export const plannedAndDone = ({ plannedMinutes, doneMinutes }: Went): string =>
  plannedMinutes === null
    ? `${duration(doneMinutes)} done`
    : `${duration(doneMinutes)} done, ${duration(plannedMinutes)} planned`

/** "10 h 05 done, 8 h of it as planned. 12 h 40 planned." */
export function spanSaid({ plannedMinutes, doneMinutes, asPlannedMinutes }: Went, isOver: boolean): string {
  if (doneMinutes === 0 && plannedMinutes === null)
    return isOver ? 'Nothing was done.' : 'Nothing is done yet.'
  if (plannedMinutes === null)
    return `${duration(doneMinutes)} done. No day was planned beforehand: use Plan on the Day.`
  return `${duration(doneMinutes)} done, ${duration(asPlannedMinutes)} of it as planned. ${duration(plannedMinutes)} planned.`
}
