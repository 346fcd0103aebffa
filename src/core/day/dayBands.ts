// The Day sheet as exclusive bands: every action is in the first band that matches it. Laws: an action is in at most
// one band; what was meant for an earlier day and is unfinished is in the first.
import { isWaitingOrBlocked, isOpen, isToChase } from '../action'
import { type Action } from '../record'
import type { CalendarDate } from '../time'
import { isCarriedOver } from '../action/carryOver'
import { inOrderOfHand, inOrderOfWork } from './order'
import { isDoable, isInReach, type Reach } from './reach'

export const dayBandNames = [
  'carriedOver',
  'dueToday',
  'chase',
  'underway',
  'picked',
  'week',
  'inReach',
] as const
export type DayBandName = (typeof dayBandNames)[number]
export type DayBands = Readonly<Record<DayBandName, readonly Action[]>>

/** The band of one action on `today`'s sheet, or null where it stands in none. */
export function dayBandOf(action: Action, today: CalendarDate, reach: Reach): DayBandName | null {
  if (!isOpen(action)) return null
  if (isWaitingOrBlocked(action)) return isToChase(action, today) ? 'chase' : null
  if (isCarriedOver(action, today)) return 'carriedOver'
  if (action.due?.date === today || action.at?.date === today) return 'dueToday'
  if (action.startedAtEpochMs !== null) return 'underway'
  if (action.day === today) return 'picked'
  if (isOfWeek(action, reach) && isDoable(action, today, reach)) return 'week'
  return isInReach(action, today, reach) ? 'inReach' : null
}

/**
 * The band that an action done today was in while it was open. One that was in none of the day's bands counts as
 * picked.
 */
export function doneBandOf(
  action: Action,
  today: CalendarDate,
  reach: Reach,
): Exclude<DayBandName, 'inReach'> {
  const band = dayBandOf({ ...action, doneAtEpochMs: null }, today, reach)
  return band === null || band === 'inReach' ? 'picked' : band
}

/** Held for this week, or promised for a day of it. */
const isOfWeek = ({ horizon, due }: Action, { weekEnd }: Reach): boolean =>
  horizon === 'week' || (weekEnd !== undefined && due !== null && due.date <= weekEnd)

/**
 * The bands of a day: by the clock, weight and hand; what is in reach in the order of work. One pass, then one sort a
 * band.
 */
export function dayBandsOf(actions: Iterable<Action>, today: CalendarDate, reach: Reach): DayBands {
  const bands: Record<DayBandName, Action[]> = {
    carriedOver: [],
    dueToday: [],
    chase: [],
    underway: [],
    picked: [],
    week: [],
    inReach: [],
  }
  for (const action of actions) {
    const band = dayBandOf(action, today, reach)
    if (band) bands[band].push(action)
  }
  for (const band of dayBandNames)
    bands[band] = band === 'inReach' ? inOrderOfWork(bands[band]) : inOrderOfHand(bands[band])
  return bands
}
