// What a day holds and what is left of it: the one place that every screen asks, so that all of them say the same
// about the same day.
import { dayOnSheet, isWaitingOrBlocked } from '@/core/action'
import {
  hasPrivateHours,
  joined,
  loadAt,
  loadOf,
  minutesLeft,
  roomIn,
  type DaySize,
  type DayTape,
  type Interval,
  type Load,
} from '@/core/day'
import { tapeOf } from '@/core/day/tapeOf'
import type { Document } from '@/core/journal'
import type { Action } from '@/core/record'
import { localMomentAt, type CalendarDate, type LocalMoment } from '@/core/time'
import * as lists from './actionIndexes'
import { minutesDoneIn, minutesDoneOf } from './ownedIndexes'
import { heldOn } from './offers'
import { availableMinutesOn, placedOn, settingsOf, workedHoursOn } from './selectors'
import { ofSide, type SideChoice } from './sides'

/** The moment of asking, as the wall clock of `zone` shows it. */
export interface Asked {
  readonly now: LocalMoment
  readonly zone: string
  /** What events take of a day; nothing where it is left out. */
  readonly busyOn?: (date: CalendarDate) => readonly Interval[]
  /** Of which side of life; of both where it is left out. */
  readonly side?: SideChoice
}

export const askedAt = (epochMs: number, zone: string): Asked => ({ now: localMomentAt(epochMs, zone), zone })

/**
 * Open actions that take from a day's minutes: those on its sheet and, today, those underway that are on no other
 * day.
 */
export function plannedOn(document: Document, date: CalendarDate, today: CalendarDate): readonly Action[] {
  const laid = lists.actionsOfDay(document, date, today)
  if (date !== today) return laid
  const alsoUnderway = lists
    .underwayOf(document)
    .filter((action) => !isWaitingOrBlocked(action) && dayOnSheet(action, today) === null)
  return alsoUnderway.length === 0 ? laid : [...laid, ...alsoUnderway]
}

/** Both, where the hours of the two sides are not told apart: a day has one size then, whichever side is shown. */
export const sideOf = (document: Document, { side = 'both' }: Asked): SideChoice =>
  hasPrivateHours(settingsOf(document)) ? side : 'both'

/** What a day is made of, of the side that is asked for. */
export function sizeOf(document: Document, date: CalendarDate, asked: Asked): DaySize {
  const side = sideOf(document, asked)
  const events = asked.busyOn?.(date) ?? []
  const held = heldOn(document, date, asked.zone)
  return {
    availableMinutes: availableMinutesOn(document, date, side),
    hours: workedHoursOn(document, date, side),
    busy: held.length > 0 ? joined([...events, ...held]) : events,
  }
}

/** What comes to the day, and what goes from it, before it is done. */
export interface Moving {
  readonly come?: readonly Action[]
  readonly go?: (action: Action) => boolean
}

/** What a day has for actions: of today what the clock and what is done leave of it, of another all of it. */
export interface DayLeft {
  readonly size: DaySize
  readonly minutes: number
  readonly doneMinutes: number
}
export function leftOn(document: Document, date: CalendarDate, asked: Asked): DayLeft {
  const { now, zone } = asked
  const size = sizeOf(document, date, asked)
  if (date !== now.date) return { size, minutes: roomIn(size), doneMinutes: 0 }
  const done = ofSide(document, sideOf(document, asked), lists.doneOf(document, date, date, zone))
  const doneMinutes = minutesDoneIn(document, done)
  return { size, minutes: minutesLeft(size, doneMinutes, now.minute), doneMinutes }
}

/** The load of a day: of today as the clock leaves it, of a day that has passed none. */
export function loadOn(
  document: Document,
  date: CalendarDate,
  asked: Asked,
  { come = [], go }: Moving = {},
): Load {
  const { now } = asked
  const side = sideOf(document, asked)
  const planned = ofSide(document, side, plannedOn(document, date, now.date))
  const coming = new Set(come.map(({ id }) => id))
  const stays = ({ id }: Action) => !coming.has(id)
  const actions =
    come.length === 0 && !go
      ? planned
      : [...planned.filter((action) => stays(action) && !go?.(action)), ...come]
  const { size, minutes, doneMinutes } = leftOn(document, date, asked)
  return date === now.date ? loadAt(actions, doneMinutes, size, now.minute) : loadOf(actions, minutes)
}

/** The same day to scale. */
export function tapeOn(document: Document, date: CalendarDate, asked: Asked): DayTape {
  const { now, zone } = asked
  const side = sideOf(document, asked)
  const done = date === now.date ? ofSide(document, side, lists.doneOf(document, date, date, zone)) : []
  return tapeOf({
    size: sizeOf(document, date, asked),
    minute: date === now.date ? now.minute : 0,
    date,
    planned: ofSide(document, side, plannedOn(document, date, now.date)),
    placed: placedOn(document, date),
    done: done.map((action) => ({
      ...action,
      doneMinutes: minutesDoneOf(document, action) ?? 0,
      doneAtMinute: localMomentAt(action.doneAtEpochMs ?? 0, zone).minute,
    })),
    availableMinutes: loadOn(document, date, asked).availableMinutes,
  })
}
