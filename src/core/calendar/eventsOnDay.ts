// The events that touch one day, as a wall clock sees it.
import { addDays, epochMsAt, type CalendarDate } from '../time'
import type { ShownEvent } from './calendarReader'

type Times = Pick<ShownEvent, 'fromEpochMs' | 'toEpochMs' | 'isAllDay'>

/** The instants at which a day begins and ends: 23 to 25 hours apart. */
export const dayBounds = (date: CalendarDate, zone: string): readonly [number, number] => [
  epochMsAt({ date, minute: 0 }, zone),
  epochMsAt({ date: addDays(date, 1), minute: 0 }, zone),
]

/** Those of a day, whole days first; the rest stays in the order given. */
export function eventsOnDay<E extends Times>(events: readonly E[], date: CalendarDate, zone: string): E[] {
  const [begins, ends] = dayBounds(date, zone)
  const touching = events.filter(
    ({ fromEpochMs, toEpochMs }) =>
      fromEpochMs < ends && (toEpochMs > begins || (fromEpochMs === toEpochMs && fromEpochMs >= begins)),
  )
  return [...touching.filter(({ isAllDay }) => isAllDay), ...touching.filter(({ isAllDay }) => !isAllDay)]
}
