import type { Action, Id } from '../record'
import type { CalendarDate } from '../time'
import { isHidden } from '../action/isHidden'

/** What is at hand here and now. Empty contexts mean any; null minutes mean no limit. */
export interface Reach {
  readonly contextIds: readonly Id<'context'>[]
  readonly minutes: number | null
  /** Projects that rest or are over: what belongs to them is not in reach. */
  readonly restingProjectIds?: ReadonlySet<string>
}

export const anyReach: Reach = { contextIds: [], minutes: null }

/**
 * Whether an open action can be done here and now: not hidden, not someday, not laid on a later day, fitting the
 * free minutes, not of a project that rests or is over, and with one of its contexts at hand. An action without a context, or without minutes, always fits.
 */
export function isInReach(action: Action, today: CalendarDate, reach: Reach): boolean {
  if (isHidden(action, today) || action.horizon === 'someday') return false
  if (action.projectId !== null && reach.restingProjectIds?.has(action.projectId)) return false
  if ((action.day !== null && action.day > today) || (action.at !== null && action.at.date > today))
    return false
  if (reach.minutes !== null && action.minutes !== null && action.minutes > reach.minutes) return false
  if (reach.contextIds.length === 0 || action.contextIds.length === 0) return true
  return action.contextIds.some((id) => reach.contextIds.includes(id))
}
