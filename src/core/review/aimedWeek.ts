import type { Review } from '../record'
import { addDays, daysBetween, weekdayOf, weekStartOf, type CalendarDate } from '../time'

/** A review in the first days of a week is late for that week; after them it looks ahead to the next. */
const lateDays = 3

/** The first day of the week that a review held on `date` aims at. */
export function aimedWeekOf(date: CalendarDate, weekStartsOn: number): CalendarDate {
  const first = weekStartOf(date, weekStartsOn)
  return daysBetween(first, date) < lateDays ? first : addDays(first, 7)
}

/** The Thursday of the week from `first` on: it names the week, on whatever day weeks begin (ISO 8601). */
export const thursdayOf = (first: CalendarDate): CalendarDate =>
  addDays(first, (3 - weekdayOf(first) + 7) % 7)

/** The aims that were named, one or two or none. */
export const aimsOf = ({ firstAim, secondAim }: Pick<Review, 'firstAim' | 'secondAim'>): string[] =>
  [firstAim, secondAim].filter((aim) => aim !== '')
