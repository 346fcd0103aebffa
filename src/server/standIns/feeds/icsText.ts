// How the stand-ins write their calendars: events with relative days, as lines of RFC 5545.
import { addDays, type CalendarDate } from '../../../core/time'

export interface WrittenEvent {
  readonly uid: string
  readonly title: string
  readonly place?: string
  readonly note?: string
  /** Names of who takes part. */
  readonly people?: readonly string[]
  readonly on: CalendarDate
  /** `10:00` by the clock in London, and how long; left out where it takes the whole day. */
  readonly at?: string
  readonly minutes?: number
  /** Of whole days. */
  readonly days?: number
  readonly more?: readonly string[]
}

const compact = (date: CalendarDate): string => date.replaceAll('-', '')
const zone = 'TZID=Europe/London'
/** A day and a time as a value with its zone. */
export const moment = (name: string, on: CalendarDate, at: string): string =>
  `${name};${zone}:${compact(on)}T${at.replace(':', '')}00`

const escaped = (text: string): string => text.replace(/[\\;,]/g, '\\$&').replaceAll('\n', '\\n')
const mail = (name: string): string => `${name.toLowerCase().replaceAll(' ', '.')}@fenwick-hall.example`

function linesOf({
  uid,
  title,
  place,
  note,
  people = [],
  on,
  at,
  minutes = 60,
  days = 1,
  more = [],
}: WrittenEvent) {
  const times = at
    ? [moment('DTSTART', on, at), `DURATION:PT${minutes}M`]
    : [`DTSTART;VALUE=DATE:${compact(on)}`, `DTEND;VALUE=DATE:${compact(addDays(on, days))}`]
  return [
    'BEGIN:VEVENT',
    `UID:${uid}@fenwick-hall.example`,
    'DTSTAMP:20260101T090000Z',
    `SUMMARY:${escaped(title)}`,
    ...(place ? [`LOCATION:${escaped(place)}`] : []),
    ...(note ? [`DESCRIPTION:${escaped(note)}`] : []),
    ...people.map((name) => `ATTENDEE;CN="${name}":mailto:${mail(name)}`),
    ...times,
    ...more,
    'END:VEVENT',
  ]
}

/** Lines longer than 75 octets are folded (section 3.1); these are plain letters, one octet each. */
const folded = (line: string): string => line.replace(/(.{74})(?=.)/g, '$1\r\n ')

export const icsOf = (name: string, events: readonly WrittenEvent[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Zen Tray//Stand-in//EN', `X-WR-CALNAME:${name}`]
    .concat(events.flatMap(linesOf), 'END:VCALENDAR', '')
    .map(folded)
    .join('\r\n')
