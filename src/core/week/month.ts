// A month as whole weeks, and what a year is made of.
import { addDays, addMonths, lastDayOfMonth, weekStartOf, type CalendarDate } from '../time'

/** The first day of the month that holds a date. */
export const monthStartOf = (date: CalendarDate): CalendarDate => `${date.slice(0, 8)}01` as CalendarDate

/** The whole weeks that hold a month: four to six of them, with days of the months around at both ends. */
export function weeksOfMonth(date: CalendarDate, weekStartsOn: number): CalendarDate[][] {
  const last = lastDayOfMonth(date)
  const weeks: CalendarDate[][] = []
  for (let first = weekStartOf(monthStartOf(date), weekStartsOn); first <= last; first = addDays(first, 7))
    weeks.push([0, 1, 2, 3, 4, 5, 6].map((ahead) => addDays(first, ahead)))
  return weeks
}

/** The first days of the twelve months of the year that holds a date. */
export function monthsOfYear(date: CalendarDate): CalendarDate[] {
  const first = `${date.slice(0, 4)}-01-01` as CalendarDate
  return Array.from({ length: 12 }, (_, ahead) => addMonths(first, ahead))
}
