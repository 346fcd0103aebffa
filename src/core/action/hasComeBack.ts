import type { Action } from '../record'
import type { CalendarDate } from '../time'
import { isWaitingOrBlocked } from './isWaitingOrBlocked'
import { isOpen } from './isOpen'

/**
 * Whether the day has come before which an action was hidden, and nothing has been decided of it since: it waits to be
 * looked at. What stands on a day, is waited for or is underway was decided.
 */
export const hasComeBack = (action: Action, today: CalendarDate): boolean =>
  action.notBefore !== null &&
  action.notBefore <= today &&
  isOpen(action) &&
  action.day === null &&
  action.at === null &&
  !isWaitingOrBlocked(action) &&
  action.startedAtEpochMs === null
