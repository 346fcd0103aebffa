// The days one looks back on, and the stretches they are drawn in.
import { addDays, addMonths, daysBetween, lastDayOfMonth, weekStartOf, type CalendarDate } from '../time'

/** Both days included. */
export interface DaySpan {
  readonly from: CalendarDate
  readonly to: CalendarDate
}

export const spanKinds = ['week', 'month', 'year'] as const
/** A week, a month of the calendar, or the twelve months that end on a day. */
export type SpanKind = (typeof spanKinds)[number]

/** The span of its kind that holds a day; a year ends on it. */
export function spanAround(kind: SpanKind, date: CalendarDate, weekStartsOn: number): DaySpan {
  if (kind === 'year') return { from: addDays(addMonths(date, -12), 1), to: date }
  const from = kind === 'week' ? weekStartOf(date, weekStartsOn) : (`${date.slice(0, 8)}01` as CalendarDate)
  return { from, to: kind === 'week' ? addDays(from, 6) : lastDayOfMonth(date) }
}

/** The day around which the span so many earlier or later lies. */
export function turnedBy(kind: SpanKind, date: CalendarDate, by: number): CalendarDate {
  if (kind === 'week') return addDays(date, 7 * by)
  return addMonths(date, kind === 'month' ? by : 12 * by)
}

export const daysOf = ({ from, to }: DaySpan): CalendarDate[] =>
  Array.from({ length: Math.max(0, daysBetween(from, to) + 1) }, (_, at) => addDays(from, at))

export type Stretch = 'day' | 'week' | 'month'

/** Up to a month is drawn by the day, up to half a year by the week, what is longer by the month. */
export function stretchOf({ from, to }: DaySpan): Stretch {
  const days = daysBetween(from, to) + 1
  if (days <= 31) return 'day'
  return days <= 190 ? 'week' : 'month'
}

const endOf: Readonly<Record<Stretch, (date: CalendarDate, weekStartsOn: number) => CalendarDate>> = {
  day: (date) => date,
  week: (date, weekStartsOn) => addDays(weekStartOf(date, weekStartsOn), 6),
  month: lastDayOfMonth,
}

/** The stretches of a span, in order; together they are its days, each in one of them. */
export function stretchesOf(span: DaySpan, weekStartsOn: number): DaySpan[] {
  const stretch = stretchOf(span)
  const found: DaySpan[] = []
  for (let from = span.from; from <= span.to;) {
    const end = endOf[stretch](from, weekStartsOn)
    const to = end < span.to ? end : span.to
    found.push({ from, to })
    from = addDays(to, 1)
  }
  return found
}
