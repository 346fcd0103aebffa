// Days as places along the line: weeks or months, how wide a day is, and where the marks stand.
import { addDays, addMonths, daysBetween, weekStartOf, type CalendarDate } from '../time'

export const pixelsPerDay = { weeks: 14, months: 4 } as const
export type Zoom = keyof typeof pixelsPerDay

export interface Span {
  readonly from: CalendarDate
  /** The last day that is shown. */
  readonly to: CalendarDate
}

/** Further back or ahead than that nothing is drawn. */
const [mostBack, mostAhead] = [120, 730]

/** The days that hold today and everything on the line, with room on both sides; whole weeks. */
export function spanOf(
  rows: readonly { readonly from: CalendarDate | null; readonly to: CalendarDate | null }[],
  today: CalendarDate,
): Span {
  let [first, last] = [today, addDays(today, 28)]
  for (const { from, to } of rows) {
    if (from && from < first) first = from
    if (to && to > last) last = to
  }
  const [back, ahead] = [addDays(today, -mostBack), addDays(today, mostAhead)]
  if (first < back) first = back
  if (last > ahead) last = ahead
  return { from: weekStartOf(addDays(first, -7)), to: addDays(weekStartOf(addDays(last, 14)), 6) }
}

export interface Mark {
  readonly date: CalendarDate
  readonly kind: 'week' | 'month'
}

/** The first day of each month, and of each week where weeks are shown. */
export function marksOf({ from, to }: Span, zoom: Zoom): Mark[] {
  const marks: Mark[] = []
  for (let month = `${from.slice(0, 7)}-01` as CalendarDate; month <= to; month = addMonths(month, 1))
    if (month >= from) marks.push({ date: month, kind: 'month' })
  if (zoom === 'weeks')
    for (let week = weekStartOf(from); week <= to; week = addDays(week, 7))
      if (week >= from) marks.push({ date: week, kind: 'week' })
  return marks
}

/** How many days a way along the line is. */
export const daysIn = (pixels: number, zoom: Zoom): number => Math.round(pixels / pixelsPerDay[zoom])

/** Where a day begins, in pixels from the beginning of the line. */
export const placeOf = ({ from }: Span, date: CalendarDate, zoom: Zoom): number =>
  daysBetween(from, date) * pixelsPerDay[zoom]
