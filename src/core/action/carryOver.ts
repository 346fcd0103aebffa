import type { Action } from '../record'
import type { CalendarDate } from '../time'
import { isWaitingOrBlocked } from './isWaitingOrBlocked'
import { isOpen } from './isOpen'

/** The day an action was meant for: the earliest of its promise, its fixed date and the day it was picked for. */
export function meantFor(action: Action): CalendarDate | null {
  let earliest: CalendarDate | null = action.day
  for (const when of [action.due, action.at])
    if (when && (earliest === null || when.date < earliest)) earliest = when.date
  return earliest
}

/**
 * Whether an open action was meant for a day before today. It then stands first on the Day sheet, whatever else it
 * is.
 */
export function isCarriedOver(action: Action, today: CalendarDate): boolean {
  const day = meantFor(action)
  return day !== null && day < today && isOpen(action) && !isWaitingOrBlocked(action)
}
