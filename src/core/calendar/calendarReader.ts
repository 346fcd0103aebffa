// All the calendars of a person, read and asked together. It lives in a worker: reading a large one takes a second.
import { joined, type Interval } from '../day/busy'
import { ok, type Result } from '../result'
import { addDays, epochMsAt, localMomentAt, type CalendarDate } from '../time'
import { eventsIn, type CalendarEvent, type Span } from './eventsIn'
import { readCalendar, type CalendarFault, type LeftOutOfCalendar, type ReadCalendar } from './readCalendar'

/** An event as lists show it; the rest of it is asked for when it is opened. */
export type ShownEvent = Pick<
  CalendarEvent,
  'id' | 'title' | 'place' | 'fromEpochMs' | 'toEpochMs' | 'isAllDay' | 'isBusy' | 'isTentative' | 'zone'
> & { readonly calendarId: string }

export type WholeEvent = CalendarEvent & { readonly calendarId: string }

export interface WasRead {
  /** As the calendar calls itself; empty where it does not. */
  readonly name: string
  readonly series: number
  readonly left: LeftOutOfCalendar
}

export interface ShownEvents {
  /** In the order they begin. */
  readonly events: readonly ShownEvent[]
  /** Whether some are missing: too many of them, or not enough time. */
  readonly isCut: boolean
}

/** Whose events are asked for, and how they are seen. */
export interface Seen {
  readonly calendarIds: readonly string[]
  /** The zone of whoever looks. */
  readonly zone: string
}

export interface CalendarReader {
  /** Reads the bytes of a calendar, in place of what was read of it before. */
  read(calendarId: string, bytes: Uint8Array): Result<WasRead, CalendarFault>
  forget(calendarId: string): void
  eventsIn(seen: Seen, span: Span): ShownEvents
  /** What busy events take of each day, from one to another; days without any are left out. */
  busyIn(seen: Seen, from: CalendarDate, to: CalendarDate): Readonly<Record<string, readonly Interval[]>>
  /** Events whose words hold all of these, those to come first. */
  search(seen: Seen, span: Span, words: string, fromEpochMs: number, most: number): readonly ShownEvent[]
  /** One event with all that is said of it, wherever it was moved to; null where it is gone. */
  whole(calendarId: string, id: string, fromEpochMs: number, zone: string): WholeEvent | null
}

/** A question as it goes to the worker: what is asked, and with what. */
export interface CalendarQuestion {
  readonly number: number
  readonly ask: keyof CalendarReader
  readonly given: readonly unknown[]
}

/** So long, in milliseconds, one question may take. */
const patienceMs = 3000
const dayMs = 86_400_000
/** An event that was moved is looked for so far around. */
const lookAroundMs = 400 * dayMs

const shownOf =
  (calendarId: string) =>
  ({
    id,
    title,
    place,
    fromEpochMs,
    toEpochMs,
    isAllDay,
    isBusy,
    isTentative,
    zone,
  }: CalendarEvent): ShownEvent => ({
    calendarId,
    id,
    title,
    place,
    fromEpochMs,
    toEpochMs,
    isAllDay,
    isBusy,
    isTentative,
    zone,
  })

const byBeginning = (a: ShownEvent, b: ShownEvent): number =>
  a.fromEpochMs - b.fromEpochMs || a.toEpochMs - b.toEpochMs || (a.id < b.id ? -1 : 1)

const saidOf = ({ title, place, note, people }: CalendarEvent): string =>
  [title, place, note, ...people.map(({ name }) => name)].join('\n').toLocaleLowerCase('en')

/** What an event takes of each day from one to another, by the wall clock. */
function takenBy(
  { fromEpochMs, toEpochMs }: CalendarEvent,
  from: CalendarDate,
  to: CalendarDate,
  zone: string,
): (Interval & { readonly date: CalendarDate })[] {
  const [begins, ends] = [localMomentAt(fromEpochMs, zone), localMomentAt(toEpochMs, zone)]
  const days: (Interval & { date: CalendarDate })[] = []
  const last = ends.date < to ? ends.date : to
  for (let date = begins.date > from ? begins.date : from; date <= last; date = addDays(date, 1)) {
    const part = {
      date,
      from: date === begins.date ? begins.minute : 0,
      to: date === ends.date ? ends.minute : 1440,
    }
    if (part.to > part.from) days.push(part)
  }
  return days
}

/** `now` is the clock: milliseconds since 1970. */
export function makeCalendarReader(now: () => number): CalendarReader {
  const calendars = new Map<string, ReadCalendar>()

  function all({ calendarIds, zone }: Seen, span: Span) {
    const until = now() + patienceMs
    return calendarIds.map((calendarId) => {
      const calendar = calendars.get(calendarId)
      const found = calendar && eventsIn(calendar, span, zone, () => now() > until)
      return { calendarId, events: found?.events ?? [], isCut: found?.isCut ?? false }
    })
  }

  return {
    read: (calendarId, bytes) => {
      const read = readCalendar(bytes)
      if (!read.ok) return read
      calendars.set(calendarId, read.value)
      const { name, series, left } = read.value
      return ok({ name, series: series.length, left })
    },
    forget: (calendarId) => void calendars.delete(calendarId),
    eventsIn: (seen, span) => {
      const found = all(seen, span)
      return {
        events: found.flatMap(({ calendarId, events }) => events.map(shownOf(calendarId))).sort(byBeginning),
        isCut: found.some(({ isCut }) => isCut),
      }
    },
    busyIn: (seen, from, to) => {
      const { zone } = seen
      const span = {
        fromEpochMs: epochMsAt({ date: from, minute: 0 }, zone),
        toEpochMs: epochMsAt({ date: addDays(to, 1), minute: 0 }, zone),
      }
      const taken: Record<string, Interval[]> = {}
      const busy = all(seen, span).flatMap(({ events }) => events.filter(({ isBusy }) => isBusy))
      for (const { date, ...interval } of busy.flatMap((event) => takenBy(event, from, to, zone)))
        (taken[date] ??= []).push(interval)
      return Object.fromEntries(Object.entries(taken).map(([date, intervals]) => [date, joined(intervals)]))
    },
    search: (seen, span, words, fromEpochMs, most) => {
      const wanted = words.toLocaleLowerCase('en').split(/\s+/).filter(Boolean)
      if (wanted.length === 0) return []
      const found = all(seen, span).flatMap(({ calendarId, events }) =>
        events
          .filter((event) => {
            const said = saidOf(event)
            return wanted.every((word) => said.includes(word))
          })
          .map(shownOf(calendarId)),
      )
      const toCome = found.filter((event) => event.toEpochMs >= fromEpochMs).sort(byBeginning)
      const passed = found.filter((event) => event.toEpochMs < fromEpochMs).sort((a, b) => byBeginning(b, a))
      return [...toCome, ...passed].slice(0, most)
    },
    whole: (calendarId, id, fromEpochMs, zone) => {
      const calendar = calendars.get(calendarId)
      if (!calendar) return null
      for (const around of [dayMs, lookAroundMs]) {
        const span = { fromEpochMs: fromEpochMs - around, toEpochMs: fromEpochMs + around }
        const event = eventsIn(calendar, span, zone).events.find((each) => each.id === id)
        if (event) return { ...event, calendarId }
      }
      return null
    },
  }
}
