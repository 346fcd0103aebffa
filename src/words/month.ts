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
