import type { Action } from '../record'
import type { CalendarDate } from '../time'

/** Hidden until the day of its *not before*. */
export const isHidden = (action: Action, today: CalendarDate): boolean =>
  action.notBefore !== null && action.notBefore > today
