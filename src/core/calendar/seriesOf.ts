// One VEVENT as it is written to what it says, through ical.js. Each is read by itself, so a broken one is left out
// and spoils no other.
import ICAL from 'ical.js'
import { isRule, isTooOften } from '../recurrence'
import { componentFrom, utc } from './zones'
import type { EventTexts, ExtraDay, Length, Occasion, ZonedWall } from './series'

/** More of a text than this is not shown anywhere. */
const longestTitle = 500
const longestText = 4000
const mostPeople = 200
/** More days than these are no exceptions any longer. */
const mostDays = 20_000

const dayMs = 86_400_000
const hourMs = 3_600_000

/** What a part of a file cannot be: a reason to leave the event out. */
export type LeftOut = 'broken' | 'tooOften'

/** An event, or what belongs to one: grouped by `uid` later. */
export interface ReadEvent {
  readonly uid: string
  readonly occasion: Occasion
  readonly rules: readonly { readonly rule: string; readonly until: ZonedWall | null }[]
  readonly extras: readonly ExtraDay[]
  readonly exceptions: readonly ZonedWall[]
  readonly isCancelled: boolean
  /** Set where it stands in the place of one day of a series. */
  readonly of: ZonedWall | null
  readonly isFromThenOn: boolean
  /** Later versions of the same replace earlier ones. */
  readonly sequence: number
}

/** Finds the zone a name of the file means; null where nobody knows it. */
export type ZoneNamed = (name: string) => string | null

type Property = ICAL.Property

const one = <T>(property: Property): T => property.getFirstValue() as T
const textOf = (event: ICAL.Component, name: string, most = longestText): string => {
  const value: unknown = event.getFirstPropertyValue(name)
  return value === null ? '' : String(value).slice(0, most).trim()
}

function wallOf(time: ICAL.Time, property: Property, zoneNamed: ZoneNamed): ZonedWall {
  const { year, month, day, hour, minute, second } = time
  const wall = Date.UTC(
    year,
    month - 1,
    day,
    time.isDate ? 0 : hour,
    time.isDate ? 0 : minute,
    time.isDate ? 0 : second,
  )
  if (!Number.isFinite(wall)) throw new Error('no such day')
  if (time.isDate) return { wall, zone: null, isDate: true }
  if (time.zone === ICAL.Timezone.utcTimezone) return { wall, zone: utc, isDate: false }
  const name: unknown = property.getParameter('tzid')
  return { wall, zone: typeof name === 'string' ? zoneNamed(name) : null, isDate: false }
}

const lengthOf = (duration: ICAL.Duration): Length => {
  if (duration.isNegative) return { days: 0, ms: 0 }
  const { weeks, days, hours, minutes, seconds } = duration
  return { days: weeks * 7 + days, ms: hours * hourMs + minutes * 60_000 + seconds * 1000 }
}

/** From its beginning to its end on the wall clock; where the two are in different zones, the zones are asked. */
type Between = (from: ZonedWall, to: ZonedWall) => number

function lengthIn(event: ICAL.Component, starts: ZonedWall, zoneNamed: ZoneNamed, between: Between): Length {
  const duration = event.getFirstProperty('duration')
  if (duration) return lengthOf(one<ICAL.Duration>(duration))
  const end = event.getFirstProperty('dtend')
  // Section 3.6.1: a day without an end is that day; a moment without one has no length.
  if (!end) return { days: starts.isDate ? 1 : 0, ms: 0 }
  const ends = wallOf(one<ICAL.Time>(end), end, zoneNamed)
  if (starts.isDate) return { days: Math.max(1, Math.ceil((ends.wall - starts.wall) / dayMs)), ms: 0 }
  return { days: 0, ms: Math.max(0, between(starts, ends)) }
}

function peopleOf(event: ICAL.Component): EventTexts['people'] {
  const all = [...event.getAllProperties('organizer'), ...event.getAllProperties('attendee')]
  const found = new Map<string, { name: string; address: string }>()
  for (const property of all.slice(0, mostPeople)) {
    const address = String(one<unknown>(property) ?? '')
      .replace(/^mailto:/i, '')
      .slice(0, longestTitle)
    const name: unknown = property.getParameter('cn')
    const kind: unknown = property.getParameter('cutype')
    if (address === '' || kind === 'ROOM' || kind === 'RESOURCE') continue
    const said = typeof name === 'string' ? name.slice(0, longestTitle) : address
    if (!found.has(address.toLowerCase())) found.set(address.toLowerCase(), { name: said, address })
  }
  return [...found.values()]
}

/** A whole day takes its time only where the file says it does: holidays and birthdays seldom say anything. */
function isBusyIn(event: ICAL.Component, isDate: boolean): boolean {
  const said = textOf(event, 'transp').toUpperCase()
  // Some programs say it in a property of their own.
  const own = event.getAllProperties().find(({ name }) => name.endsWith('-busystatus'))
  const others = String(own?.getFirstValue() ?? '').toUpperCase()
  if (said === 'TRANSPARENT' || others === 'FREE') return false
  return !isDate || said === 'OPAQUE'
}

function timesOf(event: ICAL.Component, name: string, zoneNamed: ZoneNamed): ExtraDay[] {
  const found: ExtraDay[] = []
  for (const property of event.getAllProperties(name))
    for (const value of property.getValues() as readonly unknown[]) {
      if (found.length >= mostDays) return found
      if (value instanceof ICAL.Time) found.push({ at: wallOf(value, property, zoneNamed), length: null })
      else if (value instanceof ICAL.Period)
        found.push({ at: wallOf(value.start, property, zoneNamed), length: lengthOf(value.getDuration()) })
    }
  return found
}

/** The rules of an event. What is no rule is passed over; what comes too often leaves the event out. */
function rulesOf(event: ICAL.Component, starts: ZonedWall): ReadEvent['rules'] | 'tooOften' {
  const rules: { rule: string; until: ZonedWall | null }[] = []
  for (const property of event.getAllProperties('rrule')) {
    const value: unknown = property.getFirstValue()
    if (!(value instanceof ICAL.Recur)) continue
    const until = value.until as ICAL.Time | null | undefined
    const rule = value
      .toString()
      .split(';')
      .filter((part) => !part.startsWith('UNTIL='))
      .join(';')
    if (isTooOften(rule)) return 'tooOften'
    if (isRule(rule)) rules.push({ rule, until: until ? untilOf(until, starts) : null })
  }
  return rules
}

/** A rule ends at an instant, or with a whole day by the clock of its event (section 3.3.10). */
function untilOf(until: ICAL.Time, { zone, isDate }: ZonedWall): ZonedWall {
  const { year, month, day, hour, minute, second } = until
  const isWhole = until.isDate || isDate
  const wall = isWhole
    ? Date.UTC(year, month - 1, day, 23, 59, 59)
    : Date.UTC(year, month - 1, day, hour, minute, second)
  const isUtc = !isWhole && until.zone === ICAL.Timezone.utcTimezone
  return { wall, zone: isUtc && zone !== null ? utc : zone, isDate }
}

/** Whether a line says something that ical.js can read. */
function isReadable(line: string): boolean {
  if (/^(?:BEGIN|END):/i.test(line)) return true
  try {
    ICAL.parse.property(line)
    return true
  } catch {
    return false
  }
}

/** What cannot be read of an event is no reason to lose the rest of it. */
function componentOf(text: string): ICAL.Component {
  try {
    return componentFrom(text)
  } catch {
    return componentFrom(text.split('\r\n').filter(isReadable).join('\r\n'))
  }
}

export function readEvent(text: string, zoneNamed: ZoneNamed, between: Between): ReadEvent | LeftOut {
  try {
    const event = componentOf(text)
    const start = event.getFirstProperty('dtstart')
    if (!start) return 'broken'
    const starts = wallOf(one<ICAL.Time>(start), start, zoneNamed)
    const rules = rulesOf(event, starts)
    if (rules === 'tooOften') return rules
    const recurrence = event.getFirstProperty('recurrence-id')
    const title = textOf(event, 'summary', longestTitle)
    const status = textOf(event, 'status').toUpperCase()
    return {
      // An event without a name of its own is known by what it says.
      uid: textOf(event, 'uid', longestTitle) || `${starts.wall} ${title}`,
      occasion: {
        title,
        place: textOf(event, 'location', longestTitle),
        note: textOf(event, 'description'),
        link: textOf(event, 'url', longestTitle),
        people: peopleOf(event),
        isBusy: isBusyIn(event, starts.isDate),
        isTentative: status === 'TENTATIVE',
        starts,
        length: lengthIn(event, starts, zoneNamed, between),
      },
      rules,
      extras: timesOf(event, 'rdate', zoneNamed),
      exceptions: timesOf(event, 'exdate', zoneNamed).map(({ at }) => at),
      isCancelled: status === 'CANCELLED',
      of: recurrence ? wallOf(one<ICAL.Time>(recurrence), recurrence, zoneNamed) : null,
      isFromThenOn: recurrence?.getParameter('range') === 'THISANDFUTURE',
      sequence: Number(textOf(event, 'sequence')) || 0,
    }
  } catch {
    return 'broken'
  }
}
