// A report for somebody else: what was done, day by day, with minutes rounded as they are wanted.
import type { CalendarDate } from '../time'

export interface DoneForReport {
  readonly date: CalendarDate
  readonly title: string
  /** Null where nothing says how long it took. */
  readonly minutes: number | null
}

export interface ReportDay {
  readonly date: CalendarDate
  readonly titles: readonly string[]
  /** Rounded. */
  readonly minutes: number
}

export interface Report {
  /** In order. */
  readonly days: readonly ReportDay[]
  /** The sum of the rounded days: what is read is what is added up. */
  readonly minutes: number
}

/** Steps that a day's minutes are rounded up to; 1 leaves them as they are. */
export const roundings = [1, 5, 15, 30, 60] as const
export type Rounding = (typeof roundings)[number]

export function reportOf(done: readonly DoneForReport[], rounding: Rounding): Report {
  const byDate = new Map<CalendarDate, { titles: Set<string>; minutes: number }>()
  for (const { date, title, minutes } of done) {
    const day = byDate.get(date) ?? { titles: new Set<string>(), minutes: 0 }
    byDate.set(date, day)
    day.titles.add(title)
    day.minutes += minutes ?? 0
  }
  const days = [...byDate]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([date, { titles, minutes }]): ReportDay => ({
      date,
      titles: [...titles],
      minutes: Math.ceil(minutes / rounding) * rounding,
    }))
  return { days, minutes: days.reduce((sum, { minutes }) => sum + minutes, 0) }
}
