import { addDays, weekStartOf, type CalendarDate } from '../time'
import type { DateSpan } from './lens'

/** What a span is seen from. */
export interface SpanAround {
  readonly today: CalendarDate
  /** `0` Monday to `6` Sunday. */
  readonly weekStartsOn: number
}

/** The first and the last day of a span, both included; null is open. Not for `none` and `any`, which are no days. */
export function spanDays(
  span: DateSpan,
  { today, weekStartsOn }: SpanAround,
): readonly [from: CalendarDate | null, to: CalendarDate | null] {
  const week = weekStartOf(today, weekStartsOn)
  switch (span.kind) {
    case 'none':
    case 'any':
      return [null, null]
    case 'past':
      return [null, addDays(today, -1)]
    case 'today':
      return [today, today]
    case 'tomorrow':
      return [addDays(today, 1), addDays(today, 1)]
    case 'week':
      return [week, addDays(week, 6)]
    case 'nextWeek':
      return [addDays(week, 7), addDays(week, 13)]
    case 'next':
      return [today, addDays(today, span.days - 1)]
    case 'between':
      return [span.from, span.to]
  }
}
