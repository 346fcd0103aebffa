// A calendar file (RFC 5545) as series of events, with what was left out of it. Nothing in it becomes a record.
import type ICAL from 'ical.js'
import { refuse, ok, type Result } from '../result'
import { calendarLimitBytes, mostEvents } from './limits'
import { isOwnUid } from './ownUid'
import { calendarText, decoded } from './calendarText'
import { readEvent, type ReadEvent } from './seriesOf'
import type { Override, Series, ZonedWall } from './series'
import { componentFrom, describedZone, knownZone, makeZones } from './zones'

export type CalendarFault =
  | { readonly kind: 'tooLarge' }
  /** It begins as a web page does. */
  | { readonly kind: 'webPage' }
  | { readonly kind: 'noCalendar' }

/** What of a file is not among its events, and why. */
export interface LeftOutOfCalendar {
  /** Events that cannot be read. */
  readonly broken: number
  /** Events that come more often than a day can show. */
  readonly tooOften: number
  /** Events that the file begins and does not end. */
  readonly cut: number
  /** Beyond the most that are kept. */
  readonly tooMany: number
  /** Written by this program: they are shown as actions already. */
  readonly own: number
  /** Names of zones that nobody knows: their events are read by the clock here. */
  readonly zones: readonly string[]
}

export interface ReadCalendar {
  /** As it calls itself; empty where it does not. */
  readonly name: string
  readonly series: readonly Series[]
  readonly left: LeftOutOfCalendar
  /** The zones that the file describes, by its names for them. */
  readonly described: ReadonlyMap<string, ICAL.Timezone>
}

const keyOf = ({ wall, zone, isDate }: ZonedWall): string => `${wall} ${zone ?? ''} ${isDate}`

/** Of several versions of the same, the latest; where they are equally late, the last in the file. */
function latest(events: readonly ReadEvent[]): ReadEvent | undefined {
  return events.reduce<ReadEvent | undefined>(
    (best, event) => (!best || event.sequence >= best.sequence ? event : best),
    undefined,
  )
}

/** What has one uid: a series, and what was changed for days of it. */
function seriesFrom(uid: string, events: readonly ReadEvent[]): Series[] {
  const master = latest(events.filter(({ of }) => of === null))
  const byDay = new Map<string, ReadEvent>()
  for (const event of events) {
    if (event.of === null) continue
    const key = keyOf(event.of)
    byDay.set(key, latest([byDay.get(key) ?? event, event]) as ReadEvent)
  }
  const changed = [...byDay.values()]
  const overrides = changed.map(({ of, isFromThenOn, isCancelled, occasion }): Override => ({
    of: of as ZonedWall,
    isFromThenOn,
    occasion: isCancelled ? null : occasion,
  }))
  if (!master)
    // Only changed days of a series came, as in an invitation to one of them: they are events by themselves.
    return changed
      .filter(({ isCancelled }) => !isCancelled)
      .map(({ occasion, of }) => ({
        uid: `${uid} ${(of as ZonedWall).wall}`,
        occasion,
        rules: [],
        extras: [],
        exceptions: [],
        overrides: [],
      }))
  if (master.isCancelled) return []
  const { occasion, rules, extras, exceptions } = master
  return [{ uid, occasion, rules, extras, exceptions, overrides }]
}

const headName = /^(?:X-WR-CALNAME|NAME)(?:;[^:]*)?:(.*)$/i

/** Reads a file of a calendar. Times without a zone are those of whoever looks: that is said when they are asked for. */
export function readCalendar(bytes: Uint8Array): Result<ReadCalendar, CalendarFault> {
  if (bytes.length > calendarLimitBytes) return refuse({ kind: 'tooLarge' })
  const text = decoded(bytes)
  const { isCalendar, head, blocks, cut } = calendarText(text)
  if (!isCalendar)
    return refuse({ kind: /^\s*<(?:!doctype|html|head|body)/i.test(text) ? 'webPage' : 'noCalendar' })

  const described = new Map<string, ICAL.Timezone>()
  for (const { name, text: block } of blocks) {
    if (name !== 'VTIMEZONE') continue
    const zone = zoneIn(block)
    // The same zone by a name this machine knows is quicker, and right for years the file forgets.
    if (zone && knownZone(zone.tzid) === null) described.set(zone.tzid, zone)
  }
  const unknown = new Set<string>()
  const names = new Map<string, string | null>()
  const zoneNamed = (name: string): string | null => {
    let zone = names.get(name)
    if (zone === undefined) {
      zone = described.has(name) ? name : knownZone(name)
      names.set(name, zone)
    }
    if (zone === null) unknown.add(name)
    return zone
  }
  const zones = makeZones(described, 'UTC')
  const between = (from: ZonedWall, to: ZonedWall): number =>
    zones.instantAt(to.wall, to.zone) - zones.instantAt(from.wall, from.zone)

  const counts = { broken: 0, tooOften: 0, own: 0 }
  const events = blocks.filter(({ name }) => name === 'VEVENT')
  const byUid = new Map<string, ReadEvent[]>()
  for (const { text: block } of events.slice(0, mostEvents)) {
    const event = readEvent(block, zoneNamed, between)
    if (typeof event === 'string') counts[event]++
    else if (isOwnUid(event.uid)) counts.own++
    else {
      const same = byUid.get(event.uid)
      if (same) same.push(event)
      else byUid.set(event.uid, [event])
    }
  }
  return ok({
    name: head.reduce((name, line) => name || (headName.exec(line)?.[1] ?? '').trim().slice(0, 200), ''),
    series: [...byUid].flatMap(([uid, all]) => seriesFrom(uid, all)),
    left: { ...counts, cut, tooMany: Math.max(0, events.length - mostEvents), zones: [...unknown] },
    described,
  })
}

function zoneIn(block: string): ICAL.Timezone | null {
  try {
    return describedZone(componentFrom(block))
  } catch {
    return null
  }
}
