// The hand of slips for the morning: what may be picked for today, one after the other.
import type { Action } from '../record'
import type { DayBands } from './dayBands'

/** Why a slip is in the hand. */
export type HandFrom = 'carriedOver' | 'dueToday' | 'week' | 'soon'
export interface HandSlip {
  readonly action: Action
  readonly from: HandFrom
}

/** How many of those that are only soon are shown. */
const mostSoon = 8

/**
 * Carried over, due today, of this week, then the first of what is soon. What is picked or underway is decided
 * already.
 */
export function pickHandOf(
  { carriedOver, dueToday, week }: Pick<DayBands, 'carriedOver' | 'dueToday' | 'week'>,
  soon: readonly Action[],
): HandSlip[] {
  const laid = (actions: readonly Action[], from: HandFrom): HandSlip[] =>
    actions.map((action) => ({ action, from }))
  return [
    ...laid(carriedOver, 'carriedOver'),
    ...laid(dueToday, 'dueToday'),
    ...laid(week, 'week'),
    ...laid(soon.filter(({ horizon }) => horizon === 'soon').slice(0, mostSoon), 'soon'),
  ]
}
