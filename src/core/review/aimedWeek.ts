import { addDays, daysBetween, weekStartOf, type CalendarDate } from '../time'

/** A review in the first days of a week is late for that week; after them it looks ahead to the next. */
const lateDays = 3

/** The first day of the week that a review held on `date` aims at. */
export function aimedWeekOf(date: CalendarDate, weekStartsOn: number): CalendarDate {
  const first = weekStartOf(date, weekStartsOn)
  return daysBetween(first, date) < lateDays ? first : addDays(first, 7)
}
