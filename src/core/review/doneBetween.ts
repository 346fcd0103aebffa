// What was done in some days.
import type { Action } from '../record'
import { addDays, epochMsAt, type CalendarDate } from '../time'

/** Done from `from` to `to`, both days included by the wall clock of `zone`, latest first. */
export function doneBetween(
  actions: readonly Action[],
  from: CalendarDate,
  to: CalendarDate,
  zone: string,
): Action[] {
  const begins = epochMsAt({ date: from, minute: 0 }, zone)
  const ends = epochMsAt({ date: addDays(to, 1), minute: 0 }, zone)
  return actions
    .filter(({ doneAtEpochMs }) => doneAtEpochMs !== null && doneAtEpochMs >= begins && doneAtEpochMs < ends)
    .sort((a, b) => (b.doneAtEpochMs as number) - (a.doneAtEpochMs as number))
}

/** The last seven days, today included. */
export const lastSevenDays = (today: CalendarDate): readonly [from: CalendarDate, to: CalendarDate] => [
  addDays(today, -6),
  today,
]
