// From what a wall clock shows to the instant it shows it, as RFC 5545 says it (section 3.3.5): of an hour that comes
// twice the first; an hour that is skipped is counted with the offset before it.
import ICAL from 'ical.js'
import type { WallMs } from '../recurrence'
import { localMomentAt } from '../time'

/** A component from its lines. Throws where they cannot be read. */
export const componentFrom = (text: string): ICAL.Component =>
  new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0])

const dayMs = 86_400_000
const minuteMs = 60_000

/** Whether this machine knows a zone by this name. */
function isKnown(name: string): boolean {
  try {
    localMomentAt(0, name)
    return true
  } catch {
    return false
  }
}

/**
 * The zone that a file means by a name: some programs write their own address before the usual one. Null where none of
 * them is known here.
 */
export function knownZone(name: string): string | null {
  const parts = name.split('/').filter((part) => part !== '')
  const last = [name, parts.slice(-3).join('/'), parts.slice(-2).join('/'), parts.slice(-1).join('/')]
  return last.find((each) => each !== '' && isKnown(each)) ?? null
}

/** The offset of a zone at an instant, in milliseconds; a zone changes it on few days, so it is kept day by day. */
function makeOffsets(zone: string): (instant: number) => number {
  const byDay = new Map<number, number | null>()
  const readAt = (instant: number): number => {
    const minute = Math.floor(instant / minuteMs) * minuteMs
    const { date, minute: shown } = localMomentAt(minute, zone)
    return Date.parse(`${date}T00:00:00Z`) + shown * minuteMs - minute
  }
  return (instant) => {
    const day = Math.floor(instant / dayMs)
    let offset = byDay.get(day)
    if (offset === undefined) {
      const [first, last] = [readAt(day * dayMs), readAt((day + 1) * dayMs)]
      offset = first === last ? first : null
      byDay.set(day, offset)
    }
    return offset ?? readAt(instant)
  }
}

/** Repeats of a zone's own changes that a file may give: once a year. Others would be counted for minutes. */
const isPlain = (zone: ICAL.Component): boolean =>
  zone.getAllSubcomponents().every((change) =>
    change.getAllProperties('rrule').every((rule) => {
      const value = rule.getFirstValue()
      return value instanceof ICAL.Recur && value.freq === 'YEARLY' && value.interval === 1
    }),
  )

/** A zone as a file describes it (VTIMEZONE); null for one that cannot be counted with. */
export function describedZone(component: ICAL.Component): ICAL.Timezone | null {
  if (!isPlain(component) || component.getAllSubcomponents().length === 0) return null
  try {
    const zone = new ICAL.Timezone(component)
    zone.utcOffset(ICAL.Time.fromData({ year: 2026, month: 7, day: 1 }))
    return zone
  } catch {
    return null
  }
}

/** The zones of one file, and of whoever looks at it. */
export interface Zones {
  /** The instant at which the wall clock shows this; `null` is the clock of whoever looks. */
  readonly instantAt: (wall: WallMs, zone: string | null) => number
  readonly wallAt: (instant: number, zone: string | null) => WallMs
}

export const utc = 'UTC'

const offsets = new Map<string, (instant: number) => number>()
/** How far the clock of a zone that this machine knows is before that of UTC, in milliseconds. */
export function offsetAt(instant: number, zone: string): number {
  let of = offsets.get(zone)
  if (!of) offsets.set(zone, (of = makeOffsets(zone)))
  return of(instant)
}

/** The zones that a file describes go by its own names for them; the rest are known to this machine. */
export function makeZones(described: ReadonlyMap<string, ICAL.Timezone>, viewerZone: string): Zones {
  const describedAt = (wall: WallMs, zone: ICAL.Timezone): number =>
    wall - zone.utcOffset(ICAL.Time.fromJSDate(new Date(wall), true)) * 1000
  return {
    instantAt: (wall, name) => {
      const zone = name ?? viewerZone
      if (zone === utc) return wall
      const own = described.get(zone)
      if (own) return describedAt(wall, own)
      const [before, after] = [offsetAt(wall - dayMs, zone), offsetAt(wall + dayMs, zone)]
      if (before === after) return wall - before
      const shows = (instant: number) => instant + offsetAt(instant, zone) === wall
      return !shows(wall - before) && shows(wall - after) ? wall - after : wall - before
    },
    wallAt: (instant, name) => {
      const zone = name ?? viewerZone
      if (zone === utc) return instant
      const own = described.get(zone)
      return own ? instant + (instant - describedAt(instant, own)) : instant + offsetAt(instant, zone)
    },
  }
}
