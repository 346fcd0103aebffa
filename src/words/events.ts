// Events of calendars, as a day shows them.
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { dayBounds } from '@/core/calendar/eventsOnDay'
import { fromMinute, localMomentAt, type CalendarDate } from '@/core/time'

export const eventTitle = ({ title }: Pick<ShownEvent, 'title'>): string => title || 'Untitled event'

const clockAt = (epochMs: number, zone: string): string => fromMinute(localMomentAt(epochMs, zone).minute)

/** When it is on one day: "09:30–10:30", "until 10:30", "all day". */
export function eventTimes(
  { fromEpochMs, toEpochMs, isAllDay }: Pick<ShownEvent, 'fromEpochMs' | 'toEpochMs' | 'isAllDay'>,
  date: CalendarDate,
  zone: string,
): string {
  const [begins, ends] = dayBounds(date, zone)
  const [isBefore, isAfter] = [fromEpochMs < begins, toEpochMs > ends]
  if (isAllDay || (isBefore && isAfter)) return 'all day'
  if (isBefore) return `until ${clockAt(toEpochMs, zone)}`
  if (isAfter) return `from ${clockAt(fromEpochMs, zone)}`
  const from = clockAt(fromEpochMs, zone)
  return toEpochMs === fromEpochMs ? from : `${from}–${clockAt(toEpochMs, zone)}`
}
