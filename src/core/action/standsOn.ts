import type { Action } from '../record'
import type { CalendarDate } from '../time'

/** The day an action is planned for: where it is fixed, else where it was picked for or moved to. */
export const laidOn = ({ at, day }: Pick<Action, 'at' | 'day'>): CalendarDate | null => at?.date ?? day

/** The day an action stands on, whatever today is: the one it is planned for, else the one it is due on. */
export const standsOn = (action: Pick<Action, 'at' | 'day' | 'due'>): CalendarDate | null =>
  laidOn(action) ?? action.due?.date ?? null
