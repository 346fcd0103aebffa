// What laying an action on a day, or holding it nearer or further, does to its fields.
import type { Action, Horizon } from '../record'
import type { CalendarDate } from '../time'

/** *Today* as a horizon is a day; the other horizons are kept as they are. */
export const heldAt = (
  horizon: Horizon | null | undefined,
  today: CalendarDate,
): Partial<Pick<Action, 'horizon' | 'day'>> =>
  horizon === 'today' ? { horizon: 'week', day: today } : { horizon: horizon ?? 'soon' }

/** How near an action is held, where *today* stands for its day. */
export const horizonOf = (action: Pick<Action, 'horizon' | 'day'>, today: CalendarDate): Horizon =>
  action.day === today ? 'today' : action.horizon

/** Held nearer or further: what is held further than today does not stay on today or on a day that has passed. */
export function withHorizon(
  action: Pick<Action, 'day'>,
  horizon: Horizon,
  today: CalendarDate,
): Partial<Pick<Action, 'horizon' | 'day'>> {
  const leavesToday = horizon !== 'today' && action.day !== null && action.day <= today
  return { ...heldAt(horizon, today), ...(leavesToday ? { day: null } : {}) }
}

/**
 * Laid on a day: what is fixed keeps its time on the new day, and a promise that the new day would break moves with it.
 * Null takes it off its day.
 */
export function laidOnDay(
  action: Pick<Action, 'at' | 'due'>,
  day: CalendarDate | null,
): Partial<Pick<Action, 'at' | 'day' | 'due'>> {
  if (day === null) return { day: null, at: null }
  const due = action.due && action.due.date < day ? { ...action.due, date: day } : action.due
  return action.at ? { at: { ...action.at, date: day }, day: null, due } : { day, due }
}
