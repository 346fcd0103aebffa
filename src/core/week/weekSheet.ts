// The Week sheet: which day each open action stands on, what is to be chased on it, and what has no day yet.
import { bySince, dayOnSheet, isWaitingOrBlocked, isHidden, isOpen } from '../action'
import { inOrderOfWork } from '../day'
import { type Action } from '../record'
import { addDays, daysBetween, weekStartOf, type CalendarDate } from '../time'

export interface WeekDay {
  readonly date: CalendarDate
  readonly actions: readonly Action[]
  /** Waits for somebody who is to be asked after it on this day: those of earlier days today. */
  readonly toChase: readonly Action[]
}

export interface WeekSheet {
  /** From the first day of the week to its last. */
  readonly days: readonly WeekDay[]
  /** Held for this week and not laid on a day. */
  readonly noDayYet: readonly Action[]
}

/**
 * The week that holds `date`. What waits for somebody takes no minutes: it stands on its day for chasing alone. What is
 * underway and on no day is worked on today.
 */
export function weekSheetOf(
  actions: Iterable<Action>,
  date: CalendarDate,
  today: CalendarDate,
  weekStartsOn = 0,
): WeekSheet {
  const first = weekStartOf(date, weekStartsOn)
  const days: Action[][] = [[], [], [], [], [], [], []]
  const toChase: Action[][] = [[], [], [], [], [], [], []]
  const noDayYet: Action[] = []
  for (const action of actions) {
    if (!isOpen(action)) continue
    const chaseOn = action.waiting?.chaseOn
    if (chaseOn) toChase[daysBetween(first, chaseOn < today ? today : chaseOn)]?.push(action)
    if (isWaitingOrBlocked(action)) continue
    const day = dayOnSheet(action, today) ?? (action.startedAtEpochMs === null ? null : today)
    if (day === null) {
      if (action.horizon === 'week' && !isHidden(action, addDays(first, 6))) noDayYet.push(action)
    } else days[daysBetween(first, day)]?.push(action)
  }
  return {
    days: days.map((found, index) => ({
      date: addDays(first, index),
      actions: inOrderOfWork(found),
      toChase: (toChase[index] ?? []).sort(bySince),
    })),
    noDayYet: inOrderOfWork(noDayYet),
  }
}
