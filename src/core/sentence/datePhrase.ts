// Days and times in ordinary English. Our grammar decides what may be a date at all; chrono-node works out which.
// Decided here: a bare weekday is the next one after today; "next friday" is the Friday of next week, counted from the
// day on which the person's week begins.
import { GB as chrono } from 'chrono-node/en'
import {
  addDays,
  addMonths,
  calendarDateFrom,
  fromMinute,
  isClockTime,
  lastDayOfMonth,
  weekStartOf,
  weekdayOf,
  type CalendarDate,
  type ClockTime,
} from '../time'
import { numberWords } from './numberWords'

/** What a phrase is seen from. */
export interface Calendar {
  readonly today: CalendarDate
  /** `0` Monday (where left out) to `6` Sunday. */
  readonly weekStartsOn?: number
}

const weekdays = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday']
const weekday =
  '(?:mon(?:day)?|tue(?:s|sday)?|wed(?:nesday)?|thu(?:r|rs|rsday)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)'
const month =
  '(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)'
const dayNumber = '(?:3[01]|[12]\\d|0?[1-9])(?:st|nd|rd|th)?'
const weekdayForm = new RegExp(`^(next |this |coming )?(${weekday})$`)
const chronoForm = new RegExp(
  `^(?:(?:${weekday},? )?(?:the )?${dayNumber}(?: of)? ${month}(?:,? \\d{4})?|${month} ${dayNumber}(?:,? \\d{4})?|\\d{4}-\\d{2}-\\d{2}|\\d{1,2}/\\d{1,2}(?:/\\d{4})?)$`,
)
const numberedForm = /^the (3[01]|[12]\d|[1-9])(?:st|nd|rd|th)$/
const firstWord = new RegExp(
  `^(?:${weekday}|${month}|today|tonight|tomorrow|the|next|this|coming|in|end|\\d)`,
)

/** Whether a phrase in lower case could begin a date. Cheap: it spares the full reading of most words. */
export const mayBeDate = (phrase: string): boolean => firstWord.test(phrase)

function byChrono(phrase: string, today: CalendarDate, past: boolean): CalendarDate | null {
  const instant = new Date(`${today}T12:00:00Z`)
  const [found] = chrono.parse(phrase, { instant, timezone: 0 }, { forwardDate: !past })
  if (!found || found.text.length !== phrase.length) return null
  const { start } = found
  return calendarDateFrom(start.get('year') ?? 0, start.get('month') ?? 0, start.get('day') ?? 0)
}

function byWeekday(
  phrase: string,
  { today, weekStartsOn = 0 }: Calendar,
  past: boolean,
): CalendarDate | null {
  const parts = weekdayForm.exec(phrase)
  if (!parts) return null
  const wanted = weekdays.findIndex((name) => name.startsWith((parts[2] as string).slice(0, 3)))
  const first = weekStartOf(today, weekStartsOn)
  if (past) return addDays(today, -(((weekdayOf(today) - wanted + 6) % 7) + 1))
  if (parts[1] === 'next ') return addDays(first, 7 + ((wanted - weekStartsOn + 7) % 7))
  if (parts[1] === 'this ' && wanted === weekdayOf(today)) return today
  return addDays(today, ((wanted - weekdayOf(today) + 6) % 7) + 1)
}

const aheadForm = /^in (\d{1,3}|an?|one|two|three|four|five|six) (day|week|month|year)s?$/
/** "in 3 days"; a month or a year from a day that the other month lacks is the last of that month. */
function byDistance(phrase: string, today: CalendarDate): CalendarDate | null {
  const parts = aheadForm.exec(phrase)
  if (!parts) return null
  const amount = numberWords[parts[1] as string] ?? Number(parts[1])
  switch (parts[2]) {
    case 'day':
      return addDays(today, amount)
    case 'week':
      return addDays(today, 7 * amount)
    case 'month':
      return addMonths(today, amount)
    default:
      return addMonths(today, 12 * amount)
  }
}

/** The next day of the month with this number, today included; skips months without it. */
function byNumber(phrase: string, today: CalendarDate): CalendarDate | null {
  const parts = numberedForm.exec(phrase)
  if (!parts) return null
  for (let ahead = 0; ahead < 62; ahead++) {
    const day = addDays(today, ahead)
    if (Number(day.slice(8)) === Number(parts[1])) return day
  }
  return null
}

/** Friday, and once that is over the last day of the week. */
function endOfWeek(today: CalendarDate, weekStartsOn: number): CalendarDate {
  const first = weekStartOf(today, weekStartsOn)
  const friday = addDays(first, (4 - weekStartsOn + 7) % 7)
  return today <= friday ? friday : addDays(first, 6)
}

/**
 * The day that a whole phrase in lower case means, seen from a calendar; null where it is no date.
 * With `past`, a weekday or a day without a year is the last one before today ("since monday").
 */
export function readDate(phrase: string, calendar: Calendar, past = false): CalendarDate | null {
  const { today, weekStartsOn = 0 } = calendar
  switch (phrase) {
    case 'today':
    case 'tonight':
      return today
    case 'tomorrow':
      return addDays(today, 1)
    case 'yesterday':
      return past ? addDays(today, -1) : null
    case 'the day after tomorrow':
      return addDays(today, 2)
    case 'next week':
      return addDays(weekStartOf(today, weekStartsOn), 7)
    case 'the end of the week':
    case 'end of the week':
      return endOfWeek(today, weekStartsOn)
    case 'the end of the month':
    case 'end of the month':
      return lastDayOfMonth(today)
  }
  return (
    byWeekday(phrase, calendar, past) ??
    byNumber(phrase, today) ??
    byDistance(phrase, today) ??
    (chronoForm.test(phrase) ? byChrono(phrase, today, past) : null)
  )
}

/** `14:30`, `9.15`, `2pm`, `2:15 pm`, `noon`; null for anything else. */
export function readTime(phrase: string): ClockTime | null {
  if (phrase === 'noon') return fromMinute(720)
  const clock = /^(\d{1,2})[:.](\d{2})$/.exec(phrase)
  if (clock) return checked(Number(clock[1]), Number(clock[2]))
  const half = /^(\d{1,2})(?:[:.](\d{2}))? ?(am|pm)$/.exec(phrase)
  if (!half || Number(half[1]) > 12 || Number(half[1]) === 0) return null
  return checked((Number(half[1]) % 12) + (half[3] === 'pm' ? 12 : 0), Number(half[2] ?? 0))
}

function checked(hour: number, minute: number): ClockTime | null {
  const text = `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`
  return isClockTime(text) ? text : null
}
