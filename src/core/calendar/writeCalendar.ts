// Fixed times, due dates and planned work as a calendar file that other programs read (RFC 5545): events for what has
// its place on the clock, to-dos for what is due.
import ICAL from 'ical.js'
import type { When, Weight } from '../record'
import { parseRuleText, toRuleText } from '../repeat'
import { daysWithin } from '../repeat/days'
import { addDays, epochMsAt, localMomentAt, toMinute, type CalendarDate, type LocalMoment } from '../time'
import { offsetAt, utc } from './zones'

/** How something comes back, as its repeat says it. */
export interface EntryRepeat {
  readonly rule: string
  readonly startsOn: CalendarDate
  readonly skips: readonly CalendarDate[]
}

export interface CalendarEntry {
  readonly uid: string
  readonly kind: 'event' | 'todo'
  readonly title: string
  readonly note: string
  readonly link: string | null
  readonly createdAtEpochMs: number
  /** When an event begins, or when a to-do is due; the whole day where it has no time. */
  readonly when: When
  /** How long an event is; null where nothing says it. */
  readonly minutes: number | null
  readonly weight: Weight
  /** Planned and not fixed: it takes no time in the eyes of other programs, and is tentative. */
  readonly isPlanned: boolean
  /** Null for what comes once, or comes back counted from when it was done. */
  readonly repeat: EntryRepeat | null
  /** Moments that remind, by the person's clock. */
  readonly alarms: readonly LocalMoment[]
}

export interface WrittenFor {
  readonly name: string
  readonly nowEpochMs: number
  /** Of the person: all times are told by its clock. */
  readonly zone: string
}

/** As programs take it for length: an event that says no length. */
const usualMinutes = 30
const priorities: Readonly<Record<Weight, number>> = { must: 1, should: 5, could: 9 }
/** Zones are described so many years beyond the last day written, for what repeats. */
const yearsBeyond = 15
const dayMs = 86_400_000
const minuteMs = 60_000

// A line is no longer than 75 octets (section 3.1): the space that a folded one begins with counts too.
ICAL.foldLength = 74

type Parts = readonly [year: number, month: number, day: number]
const partsOf = (date: CalendarDate) => date.split('-').map(Number) as unknown as Parts

const dayTime = (date: CalendarDate): ICAL.Time => {
  const [year, month, day] = partsOf(date)
  return ICAL.Time.fromData({ year, month, day, isDate: true })
}
/** What the wall clock shows so many milliseconds after its own 1970, as a time without a zone. */
const wallTime = (wallMs: number): ICAL.Time => ICAL.Time.fromJSDate(new Date(wallMs), true)
const utcTime = (epochMs: number): ICAL.Time => {
  const time = wallTime(epochMs)
  time.zone = ICAL.Timezone.utcTimezone
  return time
}
const floating = (wallMs: number): ICAL.Time => {
  const time = wallTime(wallMs)
  time.zone = ICAL.Timezone.localTimezone
  return time
}
const wallMsOf = ({ date, time }: When): number =>
  Date.parse(`${date}T00:00:00Z`) + (time ? toMinute(time) : 0) * minuteMs

/** Sets a day or a time of the person's clock. */
function setWhen(component: ICAL.Component, name: string, when: When, zone: string, laterMinutes = 0): void {
  if (!when.time) {
    component.updatePropertyWithValue(name, dayTime(when.date))
    return
  }
  if (zone === utc) {
    component.updatePropertyWithValue(name, utcTime(wallMsOf(when) + laterMinutes * minuteMs))
    return
  }
  // What is so many minutes later on the clock of a stopwatch, told by the clock on the wall.
  const begins = epochMsAt({ date: when.date, minute: toMinute(when.time) }, zone)
  const wall =
    laterMinutes === 0
      ? wallMsOf(when)
      : begins + laterMinutes * minuteMs + offsetAt(begins + laterMinutes * minuteMs, zone)
  component.updatePropertyWithValue(name, floating(wall)).setParameter('tzid', zone)
}

/** The rule from the entry's own day on; null where that day is not one of the rule's. */
function ruleOf({ when, repeat }: CalendarEntry, zone: string): string | null {
  const rule = repeat && parseRuleText(repeat.rule)
  if (!rule) return null
  const [on] = daysWithin({ rule, startsOn: repeat.startsOn }, when.date, when.date)
  if (on !== when.date) return null
  const before =
    rule.times === null
      ? 0
      : daysWithin({ rule, startsOn: repeat.startsOn }, repeat.startsOn, addDays(when.date, -1), rule.times)
          .length
  const text = toRuleText({
    ...rule,
    until: null,
    times: rule.times === null ? null : Math.max(1, rule.times - before),
  })
  if (!rule.until) return text
  // As RFC 5545 has it (section 3.3.10): a time where there is a time, and then that of UTC.
  const until = when.time
    ? utcTime(epochMsAt({ date: rule.until, minute: toMinute(when.time) }, zone)).toICALString()
    : rule.until.replaceAll('-', '')
  return `${text};UNTIL=${until}`
}

/** Reminders: of what comes once at their moment, of what comes back so long before it. */
function setAlarms(component: ICAL.Component, entry: CalendarEntry, repeats: boolean, zone: string): void {
  const { when, alarms, title, kind } = entry
  const begins = epochMsAt({ date: when.date, minute: when.time ? toMinute(when.time) : 0 }, zone)
  for (const moment of alarms) {
    const alarm = new ICAL.Component('valarm')
    alarm.updatePropertyWithValue('action', 'DISPLAY')
    alarm.updatePropertyWithValue('description', title)
    const at = epochMsAt(moment, zone)
    if (repeats) {
      const trigger = alarm.updatePropertyWithValue(
        'trigger',
        ICAL.Duration.fromSeconds(Math.round((at - begins) / 1000)),
      )
      if (kind === 'todo') trigger.setParameter('related', 'END')
    } else alarm.updatePropertyWithValue('trigger', utcTime(at))
    component.addSubcomponent(alarm)
  }
}

function componentOf(entry: CalendarEntry, { nowEpochMs, zone }: WrittenFor): ICAL.Component {
  const { uid, kind, title, note, link, createdAtEpochMs, when, minutes, weight, isPlanned } = entry
  const component = new ICAL.Component(kind === 'event' ? 'vevent' : 'vtodo')
  const set = (name: string, value: Parameters<ICAL.Component['updatePropertyWithValue']>[1]) =>
    component.updatePropertyWithValue(name, value)
  set('uid', uid)
  set('dtstamp', utcTime(nowEpochMs))
  set('created', utcTime(createdAtEpochMs))
  set('summary', title)
  if (note.trim() !== '') set('description', note)
  if (link) set('url', link)
  const rule = ruleOf(entry, zone)
  if (kind === 'event') {
    setWhen(component, 'dtstart', when, zone)
    if (when.time) setWhen(component, 'dtend', when, zone, minutes ?? usualMinutes)
    else set('dtend', dayTime(addDays(when.date, 1)))
    if (isPlanned) {
      set('status', 'TENTATIVE')
      set('transp', 'TRANSPARENT')
    } else set('transp', when.time ? 'OPAQUE' : 'TRANSPARENT')
  } else {
    // What repeats needs a beginning.
    if (rule) setWhen(component, 'dtstart', when, zone)
    setWhen(component, 'due', when, zone)
    set('status', 'NEEDS-ACTION')
    set('priority', priorities[weight])
  }
  if (rule) {
    set('rrule', ICAL.Recur.fromString(rule))
    for (const skip of entry.repeat?.skips ?? []) {
      if (skip <= when.date) continue
      const property = new ICAL.Property('exdate')
      const wall = wallMsOf({ date: skip, time: when.time })
      const moment = zone === utc ? utcTime(wall) : floating(wall)
      property.setValue(when.time ? moment : dayTime(skip))
      if (!when.time) property.setParameter('value', 'DATE')
      else if (zone !== utc) property.setParameter('tzid', zone)
      component.addProperty(property)
    }
  }
  setAlarms(component, entry, rule !== null, zone)
  return component
}

/** The instants at which a zone changes its clock, between two instants. */
function changesOf(zone: string, from: number, to: number): number[] {
  const changes: number[] = []
  const week = 7 * dayMs
  for (let begins = from; begins < to; begins += week) {
    let [low, high] = [begins, Math.min(begins + week, to)]
    if (offsetAt(low, zone) === offsetAt(high, zone)) continue
    while (high - low > minuteMs) {
      const middle = low + Math.max(1, Math.floor((high - low) / (2 * minuteMs))) * minuteMs
      if (offsetAt(middle, zone) === offsetAt(low, zone)) low = middle
      else high = middle
    }
    changes.push(high)
  }
  return changes
}

/** A zone as RFC 5545 describes one (section 3.6.5), for the years from one to another. */
function zoneComponent(zone: string, firstYear: number, lastYear: number): ICAL.Component {
  const component = new ICAL.Component('vtimezone')
  component.updatePropertyWithValue('tzid', zone)
  const [from, to] = [Date.UTC(firstYear, 0, 1), Date.UTC(lastYear + 1, 0, 1)]
  const changes = changesOf(zone, from, to)
  const offsets = [from, ...changes].map((instant) => offsetAt(instant, zone))
  const least = Math.min(...offsets)
  const add = (before: number, after: number, walls: readonly number[]) => {
    const observance = new ICAL.Component(after > least ? 'daylight' : 'standard')
    walls.forEach((wall, at) => {
      const property = new ICAL.Property(at === 0 ? 'dtstart' : 'rdate')
      property.setValue(floating(wall))
      observance.addProperty(property)
    })
    observance.updatePropertyWithValue('tzoffsetfrom', ICAL.UtcOffset.fromSeconds(before / 1000))
    observance.updatePropertyWithValue('tzoffsetto', ICAL.UtcOffset.fromSeconds(after / 1000))
    component.addSubcomponent(observance)
  }
  const first = offsets[0] as number
  add(first, first, [from + first])
  const byStep = new Map<
    string,
    { readonly before: number; readonly after: number; readonly walls: number[] }
  >()
  changes.forEach((instant, at) => {
    const [before, after] = [offsets[at] as number, offsets[at + 1] as number]
    const key = `${before} ${after}`
    const step = byStep.get(key) ?? { before, after, walls: [] }
    byStep.set(key, step)
    step.walls.push(instant + before)
  })
  byStep.forEach(({ before, after, walls }) => add(before, after, walls))
  return component
}

/** The text of a calendar file. The same entries written again have the same UIDs. */
export function writeCalendar(entries: readonly CalendarEntry[], written: WrittenFor): string {
  const calendar = new ICAL.Component('vcalendar')
  calendar.updatePropertyWithValue('version', '2.0')
  calendar.updatePropertyWithValue('prodid', '-//Zen Tray//Zen Tray//EN')
  calendar.updatePropertyWithValue('x-wr-calname', written.name)
  if (written.zone !== utc && entries.some(({ when }) => when.time !== null)) {
    const today = localMomentAt(written.nowEpochMs, written.zone).date
    const years = [today, ...entries.map(({ when }) => when.date)].map((date) => Number(date.slice(0, 4)))
    const [first, last] = [Math.min(...years) - 1, Math.max(...years) + yearsBeyond]
    calendar.addSubcomponent(zoneComponent(written.zone, first, last))
  }
  for (const entry of entries) calendar.addSubcomponent(componentOf(entry, written))
  return `${calendar.toString()}\r\n`
}
