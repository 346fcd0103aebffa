import type { Action } from '../record'
import type { CalendarDate } from '../time'
import { standsOn } from './standsOn'

/**
 * The day an action is worked on: the one it stands on; what was meant for an earlier day stands on today.
 */
export function dayOnSheet(action: Action, today: CalendarDate): CalendarDate | null {
  const day = standsOn(action)
  return day !== null && day < today ? today : day
}
