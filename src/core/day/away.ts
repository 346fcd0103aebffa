// Days away: leave, a journey. They lie one by one in the plans of their days, and are told in stretches.
import type { Plan } from '../record'
import { addDays, type CalendarDate } from '../time'

/** Days away one behind the other, for the same. */
export interface AwaySpan {
  readonly from: CalendarDate
  readonly to: CalendarDate
  /** What for; empty where that is not said. */
  readonly what: string
}

/** The stretches of days away from a day on, the earliest first. */
export function awaySpans(
  plans: readonly Pick<Plan, 'date' | 'away'>[],
  from: CalendarDate,
): readonly AwaySpan[] {
  const spans: AwaySpan[] = []
  const days = plans
    .flatMap(({ date, away }) => (away !== null && date >= from ? [{ date, what: away }] : []))
    .sort((a, b) => (a.date < b.date ? -1 : 1))
  for (const { date, what } of days) {
    const last = spans.at(-1)
    if (last?.what === what && addDays(last.to, 1) === date) spans[spans.length - 1] = { ...last, to: date }
    else spans.push({ from: date, to: date, what })
  }
  return spans
}

/** Every day of a stretch. */
export function daysOf({ from, to }: Pick<AwaySpan, 'from' | 'to'>): CalendarDate[] {
  const days: CalendarDate[] = []
  for (let date = from; date <= to; date = addDays(date, 1)) days.push(date)
  return days
}
