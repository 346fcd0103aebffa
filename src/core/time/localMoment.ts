// From an instant and a zone to what the clock on the wall says.
import { calendarDateUnsafe, fromEpochDay, type CalendarDate } from './calendarDate'

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

const minuteMs = 60_000
const dayMs = 86_400_000

const asWall = ({ date, minute }: LocalMoment): number => Date.parse(`${date}T00:00:00Z`) + minute * minuteMs

function momentByFormat(epochMs: number, zone: string): LocalMoment {
  const part: Record<string, string> = {}
  for (const { type, value } of formatFor(zone).formatToParts(epochMs)) part[type] = value
  return {
    date: calendarDateUnsafe(`${part['year']}-${part['month']}-${part['day']}`),
    minute: Number(part['hour']) * 60 + Number(part['minute']),
  }
}

// Formatting costs some 20 µs, and a day that is drawn asks hundreds of times. On a UTC day at whose two ends the clock
// is as far from UTC, it is as far all day: no zone has turned its clock twice within a day. Before 1973 an offset could
// have seconds, which the format cuts off; after 9999 a year has five digits.
const firstKnown = Date.UTC(1973, 0, 1)
const lastKnown = Date.UTC(9999, 11, 30)
const offsetsKept = 4000
const offsets = new Map<string, Map<number, number | null>>()

/** How far the clock of `zone` is ahead of UTC all through a UTC day, ms; null when it changes on that day. */
function offsetAllDay(utcDay: number, zone: string): number | null {
  let known = offsets.get(zone)
  if (!known) offsets.set(zone, (known = new Map()))
  const kept = known.get(utcDay)
  if (kept !== undefined) return kept
  const offsetAt = (epochMs: number) => asWall(momentByFormat(epochMs, zone)) - epochMs
  const first = offsetAt(utcDay * dayMs)
  const offset = first === offsetAt((utcDay + 1) * dayMs) ? first : null
  if (known.size >= offsetsKept) known.clear()
  known.set(utcDay, offset)
  return offset
}

/** The same for the day before and the day after too, within which every instant lies that could show a wall time. */
function offsetAround(wallMs: number, zone: string): number | null {
  if (!(wallMs >= firstKnown + dayMs && wallMs < lastKnown - dayMs)) return null
  const day = Math.floor(wallMs / dayMs)
  const offset = offsetAllDay(day, zone)
  return [day - 1, day + 1].every((each) => offsetAllDay(each, zone) === offset) ? offset : null
}

/** What the wall clock of an IANA `zone` shows at an instant. Throws a RangeError for a zone that does not exist. */
export function localMomentAt(epochMs: number, zone: string): LocalMoment {
  if (!(epochMs >= firstKnown && epochMs < lastKnown)) return momentByFormat(epochMs, zone)
  const offset = offsetAllDay(Math.floor(epochMs / dayMs), zone)
  if (offset === null) return momentByFormat(epochMs, zone)
  const wall = epochMs + offset
  const day = Math.floor(wall / dayMs)
  return { date: fromEpochDay(day), minute: Math.floor((wall - day * dayMs) / minuteMs) }
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

/**
 * The instant at which the wall clock of `zone` shows this day and minute. Of an hour that comes twice, the first; of
 * one that is skipped, the first instant after it, so that a midnight that is skipped is the beginning of its day.
 */
export function epochMsAt(moment: LocalMoment, zone: string): number {
  const wanted = asWall(moment)
  const steady = offsetAround(wanted, zone)
  if (steady !== null) return wanted - steady
  const shows = (instant: number) => asWall(localMomentAt(instant, zone))
  const offsetAt = (instant: number) => shows(instant) - instant
  const guesses = [wanted - offsetAt(wanted - dayMs), wanted - offsetAt(wanted + dayMs)].sort((a, b) => a - b)
  const exact = guesses.find((guess) => shows(guess) === wanted)
  if (exact !== undefined) return exact
  let [low, high] = guesses as [number, number]
  while (high - low > minuteMs) {
    const middle = low + Math.floor((high - low) / (2 * minuteMs)) * minuteMs
    if (shows(middle) < wanted) low = middle
    else high = middle
  }
  return high
}

/** The minute that the wall clock shows so many minutes after a day began. */
export const minuteAfterStart = (date: CalendarDate, elapsed: number, zone: string): number =>
  localMomentAt(epochMsAt({ date, minute: 0 }, zone) + elapsed * minuteMs, zone).minute
