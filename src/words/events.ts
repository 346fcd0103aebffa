// Events of calendars, as a day shows them.
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { dayBounds } from '@/core/calendar/eventsOnDay'
import type { ZoneMark } from '@/core/day/zoneMarks'
import { fromMinute, localMomentAt, type CalendarDate } from '@/core/time'
import { duration } from './dates'

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

/** "New York", of "America/New_York". */
export const zoneName = (zone: string): string => (zone.split('/').at(-1) ?? zone).replaceAll('_', ' ')

/** How far a clock is from another: "5 h ahead", "30 min behind". */
const apartWords = (minutes: number): string =>
  `${duration(Math.abs(minutes))} ${minutes > 0 ? 'ahead' : 'behind'}`

/** Where the clock is another from here on: "New York time, 4 h behind", "Clocks go forward 1 h". */
export function zoneMarkWords({ zone, minutes }: Pick<ZoneMark, 'zone' | 'minutes'>): string {
  if (zone === null) return `Clocks go ${minutes > 0 ? 'forward' : 'back'} ${duration(Math.abs(minutes))}`
  return minutes === 0 ? 'Your own time again' : `${zoneName(zone)} time, ${apartWords(minutes)}`
}
