// The events of a calendar in a span of time, as whoever looks sees them: repeats counted out, exceptions and changes
// of single days heeded.
import { wallsBetween, type WallMs } from '../recurrence'
import type { ReadCalendar } from './readCalendar'
import type { EventTexts, Length, Occasion, Override, Series, ZonedWall } from './series'
import { makeZones, utc, type Zones } from './zones'

/** One event on one day; its times are instants. */
export interface CalendarEvent extends EventTexts {
  /** The same for the same day of the same series, however often the calendar is read. */
  readonly id: string
  readonly fromEpochMs: number
  /** Not before `fromEpochMs`; the first moment after it. */
  readonly toEpochMs: number
  /** It takes whole days, whatever their hours. */
  readonly isAllDay: boolean
  readonly isRepeating: boolean
  /** The IANA zone its times are told in; null for a whole day, and where its calendar names none that is known. */
  readonly zone: string | null
}

export interface Span {
  readonly fromEpochMs: number
  readonly toEpochMs: number
}

export interface EventsIn {
  /** In the order they begin. */
  readonly events: readonly CalendarEvent[]
  /** Whether some are missing, for there are too many or no time was left. */
  readonly isCut: boolean
}

/** Of one series in one span. */
const mostOfSeries = 2000
const mostInSpan = 50_000
const dayMs = 86_400_000
/** A zone moves its clock by no more than this. */
const mostShiftMs = 3 * 3_600_000

interface Counting {
  readonly span: Span
  /** Zones by names of the file's own: nobody else knows them. */
  readonly isDescribed: (zone: string) => boolean
  readonly zones: Zones
}

const wallAfter = ({ wall }: ZonedWall, { days }: Length): WallMs => wall + days * dayMs

/** From when to when, as instants. A whole day is that of whoever looks. */
function instantsOf(starts: ZonedWall, length: Length, zones: Zones): readonly [number, number] {
  const from = zones.instantAt(starts.wall, starts.zone)
  const to = length.days === 0 ? from : zones.instantAt(wallAfter(starts, length), starts.zone)
  return [from, Math.max(from, to + length.ms)]
}

const touches = (from: number, to: number, { fromEpochMs, toEpochMs }: Span): boolean =>
  from < toEpochMs && (to > fromEpochMs || (from === to && from >= fromEpochMs))

const eventOf = (
  id: string,
  { title, place, note, link, people, isBusy, isTentative, starts }: Occasion,
  fromEpochMs: number,
  toEpochMs: number,
  isRepeating: boolean,
  isDescribed: (zone: string) => boolean,
): CalendarEvent => ({
  id,
  title,
  place,
  note,
  link,
  people,
  isBusy,
  isTentative,
  isRepeating,
  isAllDay: starts.isDate,
  zone:
    starts.isDate || starts.zone === utc || (starts.zone && isDescribed(starts.zone)) ? null : starts.zone,
  fromEpochMs,
  toEpochMs,
})

/** The day of a series that is meant, as an instant; a whole day by its date. */
const markOf = (at: ZonedWall, zones: Zones): number =>
  at.isDate ? at.wall : zones.instantAt(at.wall, at.zone)
const dateOf = ({ wall }: ZonedWall): number => Math.floor(wall / dayMs) * dayMs

/** What is taken out of a series: moments, and whole days. */
function exceptionsOf({ exceptions }: Series, zones: Zones): (at: ZonedWall) => boolean {
  if (exceptions.length === 0) return () => false
  const dates = new Set(exceptions.filter(({ isDate }) => isDate).map(({ wall }) => wall))
  const moments = new Set(exceptions.filter(({ isDate }) => !isDate).map((at) => markOf(at, zones)))
  const days = new Set(exceptions.map(dateOf))
  return (at) => (at.isDate ? days.has(at.wall) : moments.has(markOf(at, zones)) || dates.has(dateOf(at)))
}

const longest = ({ occasion, extras, overrides }: Series): number => {
  const lengths = [
    occasion.length,
    ...extras.flatMap(({ length }) => length ?? []),
    ...overrides.flatMap((override) => override.occasion?.length ?? []),
  ]
  return lengths.reduce((most, { days, ms }) => Math.max(most, days * dayMs + ms), 0)
}

/** How far a change from one day on moves what comes after. */
const shiftOf = ({ of, occasion }: Override): number => (occasion ? occasion.starts.wall - of.wall : 0)

/** The moments a series gives that may touch the span, by its own clock; its changes are not heeded yet. */
function wallsOf(series: Series, { span, zones }: Counting): { at: ZonedWall; length: Length | null }[] {
  const { occasion, rules, extras, overrides } = series
  const { starts } = occasion
  const shifts = overrides.filter(({ isFromThenOn }) => isFromThenOn).map(shiftOf)
  const reach = longest(series) + mostShiftMs
  const from = zones.wallAt(span.fromEpochMs, starts.zone) - reach - Math.max(0, ...shifts)
  const to = zones.wallAt(span.toEpochMs, starts.zone) + mostShiftMs - Math.min(0, ...shifts)
  const walls = new Set<WallMs>()
  if (starts.wall >= from && starts.wall <= to) walls.add(starts.wall)
  for (const { rule, until } of rules) {
    const last = until && (until.zone === starts.zone ? until.wall : wallInZone(until, starts.zone, zones))
    for (const wall of wallsBetween({ rule, startsAt: starts.wall, until: last }, from, to, mostOfSeries))
      walls.add(wall)
  }
  const given = [...walls].map((wall) => ({ at: { ...starts, wall }, length: null }))
  return extras.length === 0 ? given : [...given, ...extras.map(({ at, length }) => ({ at, length }))]
}

const wallInZone = (at: ZonedWall, zone: string | null, zones: Zones): WallMs =>
  zones.wallAt(zones.instantAt(at.wall, at.zone), zone)

function eventsOf(series: Series, counting: Counting): CalendarEvent[] {
  const { span, zones, isDescribed } = counting
  const { uid, occasion, rules, extras, overrides } = series
  const isRepeating = rules.length > 0 || extras.length > 0
  if (!isRepeating && overrides.length === 0) {
    const [from, to] = instantsOf(occasion.starts, occasion.length, zones)
    return touches(from, to, span) ? [eventOf(uid, occasion, from, to, false, isDescribed)] : []
  }
  const found = new Map<number, CalendarEvent>()
  const isException = exceptionsOf(series, zones)
  const single = new Map<number, Override>()
  const lasting: (readonly [number, Override])[] = []
  for (const override of overrides) {
    const mark = markOf(override.of, zones)
    single.set(mark, override)
    if (override.isFromThenOn) lasting.push([mark, override])
  }
  lasting.sort(([a], [b]) => b - a)
  const add = (mark: number, one: Occasion, starts: ZonedWall, length: Length) => {
    const [from, to] = instantsOf(starts, length, zones)
    if (touches(from, to, span))
      found.set(mark, eventOf(`${uid} ${mark}`, one, from, to, isRepeating, isDescribed))
  }
  for (const { at, length } of wallsOf(series, counting)) {
    const mark = markOf(at, zones)
    if (single.has(mark) || isException(at)) continue
    const last = lasting.find(([from]) => from < mark)?.[1]
    if (last && !last.occasion) continue
    const like = last?.occasion ?? occasion
    const starts = last ? { ...like.starts, wall: at.wall + shiftOf(last) } : at
    add(mark, like, starts, length ?? like.length)
  }
  // What was changed is where it was moved to, wherever its day would have been.
  for (const [mark, { occasion: changed }] of single)
    if (changed) add(mark, changed, changed.starts, changed.length)
  return [...found.values()]
}

/**
 * The events of a calendar that touch a span, as seen in `viewerZone`. `isLate` is asked between series: where it
 * says yes, the rest is left out, and `isCut` says it.
 */
export function eventsIn(
  { series, described }: Pick<ReadCalendar, 'series' | 'described'>,
  span: Span,
  viewerZone: string,
  isLate: () => boolean = () => false,
): EventsIn {
  const isDescribed = (zone: string) => described.has(zone)
  const counting = { span, isDescribed, zones: makeZones(described, viewerZone) }
  const events: CalendarEvent[] = []
  let isCut = false
  for (const one of series) {
    if (isLate() || events.length > mostInSpan) {
      isCut = true
      break
    }
    events.push(...eventsOf(one, counting))
  }
  events.sort((a, b) => a.fromEpochMs - b.fromEpochMs || (a.id < b.id ? -1 : 1))
  return { events: events.slice(0, mostInSpan), isCut: isCut || events.length > mostInSpan }
}
