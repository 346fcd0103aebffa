import type { Action } from '../record'
import type { CalendarDate } from '../time'

/**
 * The day an action is worked on: the day it was picked for or moved to, else where it is fixed, else when it is due.
 * In the current week, what was meant for an earlier day stands on today.
 */
export function dayOnSheet(action: Action, today: CalendarDate): CalendarDate | null {
  const day = action.at?.date ?? action.day ?? action.due?.date ?? null
  return day !== null && day < today ? today : day
}
