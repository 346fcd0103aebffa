// The time that a review looks back on, and when one is due.
import type { Review, ReviewRhythm } from '../record'
import { addDays, addMonths, monthsAround, weekStartOf, type CalendarDate } from '../time'

const monthsIn = { month: 1, quarter: 3, year: 12 } as const
/** So many days before a month, a quarter or a year is over, it can be looked back on. */
const earlyDays = { month: 4, quarter: 10, year: 20 } as const

/** The first day of what a review held today looks back on: this week, or the last month that is over or nearly so. */
export function periodToReview(rhythm: ReviewRhythm, today: CalendarDate): CalendarDate {
  if (rhythm === 'week') return weekStartOf(today)
  return addMonths(monthsAround(addDays(today, earlyDays[rhythm]), monthsIn[rhythm]).from, -monthsIn[rhythm])
}

/** The first day of the time before. */
export const periodBefore = (rhythm: ReviewRhythm, from: CalendarDate): CalendarDate =>
  rhythm === 'week' ? addDays(from, -7) : addMonths(from, -monthsIn[rhythm])

/** Both days included. */
export function periodOf(
  rhythm: ReviewRhythm,
  from: CalendarDate,
): { readonly from: CalendarDate; readonly to: CalendarDate } {
  return { from, to: rhythm === 'week' ? addDays(from, 6) : addDays(addMonths(from, monthsIn[rhythm]), -1) }
}

/** Whether the last time that is over was not looked back on yet; what was before the first day here is not due. */
export function isDue(
  rhythm: Exclude<ReviewRhythm, 'week'>,
  today: CalendarDate,
  reviews: readonly Pick<Review, 'rhythm' | 'periodFrom' | 'finishedAtEpochMs'>[],
  firstDay: CalendarDate | null,
): boolean {
  const from = periodToReview(rhythm, today)
  if (firstDay === null || firstDay > periodOf(rhythm, from).to) return false
  return !reviews.some(
    (review) => review.rhythm === rhythm && review.periodFrom >= from && review.finishedAtEpochMs !== null,
  )
}
