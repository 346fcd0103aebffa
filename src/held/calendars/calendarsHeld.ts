// What is known of calendars at this moment: how each was read, and the events of the spans somebody looks at.
import { createStore } from 'zustand/vanilla'
import type { ShownEvent, ShownEvents } from '@/core/calendar/calendarReader'
import type { Interval } from '@/core/day'
import type { CalendarDate } from '@/core/time'

/** How one calendar was read. */
export interface Reading {
  readonly isBusy: boolean
  /** When what is shown came, in milliseconds since 1970; null where nothing has come yet. */
  readonly readAtEpochMs: number | null
  /** What went wrong the last time, and what to do; what was read before is still shown. */
  readonly fault: string | null
  /** What of it is not shown, and why; empty where all of it is. */
  readonly left: string
  /** Whether it has been read at all. */
  readonly isRead: boolean
}

export const unreadCalendar: Reading = {
  isBusy: false,
  readAtEpochMs: null,
  fault: null,
  left: '',
  isRead: false,
}

export interface CalendarsHeld {
  readonly readings: Readonly<Record<string, Reading>>
  /** By the span they are in. */
  readonly events: Readonly<Record<string, ShownEvents>>
  /** What busy events take of each day of the year to come. */
  readonly busy: Readonly<Record<string, readonly Interval[]>>
}

const nothingTaken = {}
export const calendarsHeld = createStore<CalendarsHeld>(() => ({
  readings: {},
  events: {},
  busy: nothingTaken,
}))

/** The days from one to another, the last included. */
export const spanKey = (from: CalendarDate, to: CalendarDate): string => `${from}~${to}`
export const noEvents: readonly ShownEvent[] = []
