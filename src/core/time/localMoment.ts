// From an instant and a zone to what the clock on the wall says.
import { calendarDateUnsafe, type CalendarDate } from './calendarDate'

/** A day and the minute of it, 0-1439, as read off a wall clock. */
export interface LocalMoment {
  readonly date: CalendarDate
  readonly minute: number
}

const formats = new Map<string, Intl.DateTimeFormat>()

function formatFor(zone: string): Intl.DateTimeFormat {
  let format = formats.get(zone)
  if (!format) {
    format = new Intl.DateTimeFormat('en-CA', {
      timeZone: zone,
      hourCycle: 'h23',
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
    })
    formats.set(zone, format)
  }
  return format
}

/** What the wall clock of an IANA `zone` shows at an instant. Throws a RangeError for a zone that does not exist. */
export function localMomentAt(epochMs: number, zone: string): LocalMoment {
  const part: Record<string, string> = {}
  for (const { type, value } of formatFor(zone).formatToParts(epochMs)) part[type] = value
  return {
    date: calendarDateUnsafe(`${part['year']}-${part['month']}-${part['day']}`),
    minute: Number(part['hour']) * 60 + Number(part['minute']),
  }
}

/** Milliseconds until the wall clock of `zone` turns to the next day; right on 23- and 25-hour days too. */
export function msUntilMidnight(epochMs: number, zone: string): number {
  const today = localMomentAt(epochMs, zone).date
  let low = 0
  let high = 26 * 3_600_000
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2)
    if (localMomentAt(epochMs + middle, zone).date === today) low = middle
    else high = middle
  }
  return high
}

const wallEpochMs = ({ date, minute }: LocalMoment): number =>
  Date.parse(`${date}T00:00:00Z`) + minute * 60_000

/**
 * The instant at which the wall clock of `zone` shows this day and minute. Of an hour that comes twice, the first; of
 * one that is skipped, the first instant after it, so that a midnight that is skipped is the beginning of its day.
 */
export function epochMsAt(moment: LocalMoment, zone: string): number {
  const wanted = wallEpochMs(moment)
  const shows = (instant: number) => wallEpochMs(localMomentAt(instant, zone))
  const offsetAt = (instant: number) => shows(instant) - instant
  const dayMs = 86_400_000
  const guesses = [wanted - offsetAt(wanted - dayMs), wanted - offsetAt(wanted + dayMs)].sort((a, b) => a - b)
  const exact = guesses.find((guess) => shows(guess) === wanted)
  if (exact !== undefined) return exact
  let [low, high] = guesses as [number, number]
  while (high - low > 60_000) {
    const middle = low + Math.floor((high - low) / 120_000) * 60_000
    if (shows(middle) < wanted) low = middle
    else high = middle
  }
  return high
}

/** The minute that the wall clock shows so many minutes after a day began. */
export const minuteAfterStart = (date: CalendarDate, elapsed: number, zone: string): number =>
  localMomentAt(epochMsAt({ date, minute: 0 }, zone) + elapsed * 60_000, zone).minute
