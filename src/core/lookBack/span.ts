// The days one looks back on, and the stretches they are drawn in.
import {
  addDays,
  addMonths,
  daysBetween,
  lastDayOfMonth,
  monthsAround,
  weekStartOf,
  type CalendarDate,
} from '../time'

/** Both days included. */
export interface DaySpan {
  readonly from: CalendarDate
  readonly to: CalendarDate
}

export const spanKinds = ['week', 'month', 'quarter', 'year'] as const
/** A week, a month or a quarter of the calendar, or the twelve months that end on a day. */
export type SpanKind = (typeof spanKinds)[number]

/** The span of its kind that holds a day; a year ends on it. */
export function spanAround(kind: SpanKind, date: CalendarDate, weekStartsOn: number): DaySpan {
  switch (kind) {
    case 'week': {
      const from = weekStartOf(date, weekStartsOn)
      return { from, to: addDays(from, 6) }
    }
    case 'month':
      return monthsAround(date, 1)
    case 'quarter':
      return monthsAround(date, 3)
    case 'year':
      return { from: addDays(addMonths(date, -12), 1), to: date }
  }
}

const monthsOf = { month: 1, quarter: 3, year: 12 } as const

/** The day around which the span so many earlier or later lies. */
export const turnedBy = (kind: SpanKind, date: CalendarDate, by: number): CalendarDate =>
  kind === 'week' ? addDays(date, 7 * by) : addMonths(date, monthsOf[kind] * by)

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
