// The Week sheet: which day each open action stands on, and what has no day yet.
import { dayOnSheet, isHidden, isOpen } from '../action'
import { inOrderOfWork, loadOf, type Load } from '../day'
import { type Action } from '../record'
import { addDays, weekdayOf, weekStartOf, type CalendarDate } from '../time'

export interface WeekDay {
  readonly date: CalendarDate
  readonly actions: readonly Action[]
  readonly load: Load
}

export interface WeekSheet {
  /** Monday to Sunday. */
  readonly days: readonly WeekDay[]
  /** Held for this week and not laid on a day. */
  readonly noDayYet: readonly Action[]
}

/** The week that holds `date`. `freeMinutes` are Monday's to Sunday's. What waits for somebody takes no minutes and is left out. */
export function weekSheetOf(
  actions: Iterable<Action>,
  date: CalendarDate,
  today: CalendarDate,
  freeMinutes: readonly number[],
): WeekSheet {
  const monday = weekStartOf(date)
  const days: Action[][] = [[], [], [], [], [], [], []]
  const noDayYet: Action[] = []
  for (const action of actions) {
    if (!isOpen(action) || action.waiting !== null) continue
    const day = dayOnSheet(action, today)
    if (day === null) {
      if (action.horizon === 'week' && !isHidden(action, addDays(monday, 6))) noDayYet.push(action)
    } else if (weekStartOf(day) === monday) (days[weekdayOf(day)] as Action[]).push(action)
  }
  return {
    days: days.map((found, index) => {
      const ordered = inOrderOfWork(found)
      return {
        date: addDays(monday, index),
        actions: ordered,
        load: loadOf(ordered, freeMinutes[index] ?? 0),
      }
    }),
    noDayYet: inOrderOfWork(noDayYet),
  }
}
