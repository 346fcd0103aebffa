// What lies on the ribbon of today: events, what is fixed, what is planned and what is done, each where it is.
import { useMemo } from 'react'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { eventsOnDay } from '@/core/calendar/eventsOnDay'
import type { TapePiece } from '@/core/day'
import { elapsedAt, elapsedOf, ribbonOf, type Ribbon, type RibbonThing } from '@/core/day/ribbon'
import { zoneMarks, type ZoneMark } from '@/core/day/zoneMarks'
import { fromMinute, type CalendarDate } from '@/core/time'
import { useEvents } from '@/held/calendars/useEvents'
import { useDayTape } from '@/held/useLoads'
import { useZen } from '@/held/zen'
import { heldCalendarId } from '@/state/read/offers'
import { eventTimes, eventTitle } from '@/words/events'
import { spansWords } from '@/words/hours'

/** Shorter than this nothing is drawn: it could not be tapped. */
export const leastMinutes = 20

export interface OnRibbon extends RibbonThing {
  /** When it is, for the ear. */
  readonly when: string
  /** Said under its title. */
  readonly detail: string
  /** What an action is thought to take; 0 for an event, and where nothing is said. */
  readonly minutes: number
  /** Set for an event. */
  readonly event: ShownEvent | null
}

export interface DayRibbon {
  readonly ribbon: Ribbon<OnRibbon>
  readonly wholeDays: readonly ShownEvent[]
  /** Minutes since the day began. */
  readonly now: number | null
  readonly busyEvents: number
  readonly zone: string
  /** Where the clock is another from there on. */
  readonly marks: readonly ZoneMark[]
}

const said = { fixed: 'fixed time', planned: 'planned, at no hour', done: 'done' } as const

/** Which of them holds: a fixed time, an hour it was planned for, or none. */
function detailOf({ kind, from, to, fitsTo }: TapePiece): string {
  if (kind === 'placed')
    return to === from ? 'planned, no minutes yet' : `planned ${spansWords([{ from, to }])}`
  return kind === 'planned' && fitsTo < to ? 'does not fit' : said[kind]
}

export function useRibbon(date: CalendarDate): DayRibbon {
  const { clock } = useZen()
  const zone = clock.zone()
  const { tape, size, nowMinute } = useDayTape(date)
  const all = useEvents(date, date)
  return useMemo(() => {
    const events = eventsOnDay(all, date, zone)
    const timed = events.filter(({ isAllDay }) => !isAllDay)
    const ofEvents = timed.map((event): OnRibbon => {
      const from = elapsedAt(event.fromEpochMs, date, zone)
      return {
        id: `${event.calendarId} ${event.id}`,
        title: eventTitle(event),
        when: '',
        detail: [eventTimes(event, date, zone), event.place].filter(Boolean).join(' · '),
        kind: 'event',
        minutes: 0,
        isFree: !event.isBusy,
        event,
        from,
        // What has no length still has to be seen.
        to: Math.max(from + 5, elapsedAt(event.toEpochMs, date, zone)),
      }
    })
    const ofActions = tape.pieces.map((piece): OnRibbon => {
      const from = elapsedOf(piece.from, date, zone)
      const to = elapsedOf(piece.to, date, zone)
      return {
        id: piece.id,
        title: piece.title,
        when: `${fromMinute(piece.from)}–${fromMinute(Math.min(1439, piece.to))}`,
        detail: detailOf(piece),
        minutes: piece.to - piece.from,
        kind: piece.kind,
        isFree: false,
        event: null,
        from,
        // What has no minutes yet still has to be seen where it was placed.
        to: piece.kind === 'placed' ? Math.max(from + leastMinutes, to) : to,
      }
    })
    const hours = size.hours.map(({ from, to }) => ({
      from: elapsedOf(from, date, zone),
      to: elapsedOf(to, date, zone),
    }))
    const now = nowMinute === null ? null : elapsedOf(nowMinute, date, zone)
    const ribbon = ribbonOf([...ofEvents, ...ofActions], hours, now, leastMinutes)
    return {
      ribbon,
      marks: zoneMarks(date, zone, timed).filter(({ at }) => at >= ribbon.from && at <= ribbon.to),
      wholeDays: events.filter(({ isAllDay }) => isAllDay),
      now,
      busyEvents: timed.filter(({ isBusy, calendarId }) => isBusy && calendarId !== heldCalendarId).length,
      zone,
    }
  }, [all, date, nowMinute, size, tape, zone])
}
