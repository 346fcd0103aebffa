// Days, times and lengths, the British way.
import { type When } from '@/core/record'
import {
  daysBetween,
  fromMinute,
  isoWeekOf,
  localMomentAt,
  type CalendarDate,
  type LocalMoment,
} from '@/core/time'

const utc = (date: CalendarDate) => new Date(`${date}T00:00:00Z`)

export const format = (options: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', ...options })

const formats = {
  long: format({ weekday: 'long', day: 'numeric', month: 'long' }),
  short: format({ weekday: 'short', day: 'numeric', month: 'short' }),
  dayMonth: format({ day: 'numeric', month: 'long' }),
  dayMonthShort: format({ day: 'numeric', month: 'short' }),
  shortYear: format({ day: 'numeric', month: 'short', year: 'numeric' }),
  monthYear: format({ month: 'long', year: 'numeric' }),
  monthShort: format({ month: 'short' }),
  weekday: format({ weekday: 'long' }),
  weekdayAlone: format({ weekday: 'short' }),
  weekdayShort: format({ weekday: 'short', day: 'numeric' }),
}

/** "Wednesday, 11 March" */
export const longDate = (date: CalendarDate): string =>
  formats.long.format(utc(date)).replace(/^(\w+),? /, '$1, ')

/** "Wed 11 Mar" */
export const headDate = (date: CalendarDate): string =>
  `${formats.weekdayAlone.format(utc(date))} ${formats.dayMonthShort.format(utc(date))}`

export const weekdayShort = (date: CalendarDate): string =>
  formats.weekdayShort.format(utc(date)).replace(/^(\d+) (\w+)$/, '$2 $1')

export const dayMonth = (date: CalendarDate): string => formats.dayMonth.format(utc(date))

/** "9–15 March"; over two months "30 Nov – 6 Dec", which fits on one line; "9 March" where it is one day. */
export function spanWords(from: CalendarDate, to: CalendarDate): string {
  if (from === to) return dayMonth(to)
  return from.slice(0, 7) === to.slice(0, 7)
    ? `${Number(from.slice(8))}–${dayMonth(to)}`
    : [from, to].map((date) => formats.dayMonthShort.format(utc(date))).join(' – ')
}

/** "Week 11": by its Thursday, as ISO 8601 numbers it. */
export const weekName = (thursday: CalendarDate): string => `Week ${isoWeekOf(thursday)}`

/** "March 2026", "Mar" */
export const monthWords = (date: CalendarDate): string => formats.monthYear.format(utc(date))
export const monthShort = (date: CalendarDate): string => formats.monthShort.format(utc(date))

/** "Fri 13 Mar", with the year where it is another one. */
export function shortDate(date: CalendarDate, today: CalendarDate): string {
  return date.slice(0, 4) === today.slice(0, 4)
    ? formats.short.format(utc(date)).replace(',', '')
    : formats.shortYear.format(utc(date))
}

/** "today", "tomorrow", "yesterday", a weekday within the week around, else the date. */
export function nearDate(date: CalendarDate, today: CalendarDate): string {
  const away = daysBetween(today, date)
  if (away === 0) return 'today'
  if (away === 1) return 'tomorrow'
  if (away === -1) return 'yesterday'
  return shortDate(date, today)
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** "on Fri 13 Mar", "tomorrow" */
export function onDate(date: CalendarDate, today: CalendarDate): string {
  const near = nearDate(date, today)
  return /\d/.test(near) ? `on ${near}` : near
}

/** "5 h 40", "40 min", "2 h" */
export function duration(minutes: number): string {
  const hours = Math.floor(minutes / 60)
  const rest = minutes % 60
  if (hours === 0) return `${rest} min`
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`
}

/** "tomorrow at 12:15": fixed on the clock. */
export const fixedWords = ({ date, time }: When, today: CalendarDate): string =>
  time ? `${nearDate(date, today)} at ${time}` : nearDate(date, today)

export const when = ({ date, time }: When, today: CalendarDate): string =>
  [nearDate(date, today), time].filter(Boolean).join(', ')

/** "09:30" of today, else with its day. */
export const momentSaid = ({ date, minute }: LocalMoment, today: CalendarDate): string =>
  date === today ? fromMinute(minute) : when({ date, time: fromMinute(minute) }, today)

/** "Wed 11 Mar, 09:14" */
export function momentWords(epochMs: number, zone: string, today: CalendarDate): string {
  const { date, minute } = localMomentAt(epochMs, zone)
  return `${nearDate(date, today)}, ${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`
}
