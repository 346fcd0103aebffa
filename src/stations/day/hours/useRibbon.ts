// What lies on the ribbon of today: events, what is fixed, what is planned and what is done, each where it is.
import { useMemo } from 'react'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { eventsOnDay } from '@/core/calendar/eventsOnDay'
import { elapsedAt, elapsedOf, ribbonOf, type Ribbon, type RibbonThing } from '@/core/day/ribbon'
import { fromMinute, type CalendarDate } from '@/core/time'
import { useEvents } from '@/held/calendars/useEvents'
import { useDayTape } from '@/held/useLoads'
import { useZen } from '@/held/zen'
import { eventTimes, eventTitle } from '@/words/events'

/** Shorter than this nothing is drawn: it could not be tapped. */
export const leastMinutes = 20

export interface OnRibbon extends RibbonThing {
  /** When it is, for the ear. */
  readonly when: string
  /** Said under its title. */
  readonly detail: string
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
}

const said = { fixed: 'fixed time', placed: 'planned', planned: 'planned', done: 'done' } as const

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
        isFree: !event.isBusy,
        event,
        from,
        // What has no length still has to be seen.
        to: Math.max(from + 5, elapsedAt(event.toEpochMs, date, zone)),
      }
    })
    const ofActions = tape.pieces.map((piece): OnRibbon => {
      const fits = piece.kind === 'planned' && piece.fitsTo < piece.to ? 'does not fit' : said[piece.kind]
      return {
        id: piece.id,
        title: piece.title,
        when: `${fromMinute(piece.from)}–${fromMinute(Math.min(1439, piece.to))}`,
        detail: fits,
        kind: piece.kind,
        isFree: false,
        event: null,
        from: elapsedOf(piece.from, date, zone),
        to: elapsedOf(piece.to, date, zone),
      }
    })
    const hours = size.hours.map(({ from, to }) => ({
      from: elapsedOf(from, date, zone),
      to: elapsedOf(to, date, zone),
    }))
    const now = nowMinute === null ? null : elapsedOf(nowMinute, date, zone)
    return {
      ribbon: ribbonOf([...ofEvents, ...ofActions], hours, now, leastMinutes),
      wholeDays: events.filter(({ isAllDay }) => isAllDay),
      now,
      busyEvents: timed.filter(({ isBusy }) => isBusy).length,
      zone,
    }
  }, [all, date, nowMinute, size, tape, zone])
}
