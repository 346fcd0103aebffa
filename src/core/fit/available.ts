// The minutes there are from now to any day to come, counted up once.
import { addDays, daysBetween, type CalendarDate } from '../time'

/** What one day has for actions. */
export interface DayRoom {
  readonly minutes: number
  /** What of it lies before a minute of the day. */
  readonly before: (minute: number) => number
}

export interface Available {
  readonly today: CalendarDate
  /** How many days from today a day is; it is looked up again and again. */
  readonly dayOf: (date: CalendarDate) => number
  /** From now to a minute of the `day`-th day from today, `1440` for the whole of it. */
  readonly before: (day: number, minute: number) => number
  /** What the `day`-th day has by itself. */
  readonly on: (day: number) => number
}

/** Days that are asked for, today's as it is left; each is asked once, when it is first needed. */
export function makeAvailable(today: CalendarDate, roomOn: (date: CalendarDate) => DayRoom): Available {
  const rooms: DayRoom[] = []
  const before = [0]
  const days = new Map<CalendarDate, number>()
  const upTo = (day: number): void => {
    for (let at = rooms.length; at <= day; at++) {
      const room = roomOn(addDays(today, at))
      rooms.push(room)
      before.push((before[at] as number) + room.minutes)
    }
  }
  return {
    today,
    dayOf: (date) => {
      const known = days.get(date) ?? daysBetween(today, date)
      days.set(date, known)
      return known
    },
    before: (day, minute) => {
      if (day < 0) return 0
      if (day >= rooms.length) upTo(day)
      const last = rooms[day] as DayRoom
      return (before[day] as number) + (minute >= 1440 ? last.minutes : last.before(minute))
    },
    on: (day) => {
      upTo(day)
      return (rooms[day] as DayRoom).minutes
    },
  }
}

/** The same with more minutes, or fewer, on one day. */
export const withMore = (available: Available, date: CalendarDate, minutes: number): Available => {
  const day = available.dayOf(date)
  return {
    ...available,
    before: (at, minute) =>
      available.before(at, minute) + (at > day || (at === day && minute >= 1440) ? minutes : 0),
    on: (at) => available.on(at) + (at === day ? minutes : 0),
  }
}
