// Where on a day the clock is another than before: it is put forward or back, or what comes next is told by the clock
// of another zone.
import { epochMsAt, localMomentAt, type CalendarDate } from '../time'
import { elapsedAt, lengthOfDay } from './ribbon'

export interface ZoneMark {
  /** Minutes since the day began. */
  readonly at: number
  /** The zone from here on; null where one's own clock is changed. */
  readonly zone: string | null
  /** How far that clock is ahead of one's own, or one's own is put forward, in minutes; less than 0 where behind or back. */
  readonly minutes: number
}

const minuteMs = 60_000
const dayMinutes = 1440

/** How far the wall clock of a zone is ahead of UTC. */
function aheadOf(epochMs: number, zone: string): number {
  const { date, minute } = localMomentAt(epochMs, zone)
  return Math.round((Date.parse(`${date}T00:00:00Z`) + minute * minuteMs - epochMs) / minuteMs)
}

/** Where the clock of a zone is changed within a day. */
function changesOf(date: CalendarDate, zone: string): ZoneMark[] {
  const length = lengthOfDay(date, zone)
  if (length === dayMinutes) return []
  const begins = epochMsAt({ date, minute: 0 }, zone)
  let [low, high] = [0, length]
  const before = aheadOf(begins, zone)
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2)
    if (aheadOf(begins + middle * minuteMs, zone) === before) low = middle
    else high = middle
  }
  return [{ at: high, zone: null, minutes: dayMinutes - length }]
}

interface InZone {
  readonly fromEpochMs: number
  /** As its calendar tells it; null where that says none. */
  readonly zone: string | null
}

/** The marks of a day, in order. `timed` are its events in the order they begin, whole days left out. */
export function zoneMarks(date: CalendarDate, zone: string, timed: readonly InZone[]): ZoneMark[] {
  const marks = changesOf(date, zone)
  let shown = zone
  for (const { fromEpochMs, zone: next } of timed) {
    if (next === null || aheadOf(fromEpochMs, next) === aheadOf(fromEpochMs, shown)) continue
    const at = elapsedAt(fromEpochMs, date, zone)
    marks.push({ at, zone: next, minutes: aheadOf(fromEpochMs, next) - aheadOf(fromEpochMs, zone) })
    shown = next
  }
  return marks.sort((a, b) => a.at - b.at)
}
