// Days and times in ordinary English. Our grammar decides what may be a date at all; chrono-node works out which.
// Decided here: a bare weekday is the next one after today; "next friday" is the Friday of next week, counted from the
// day on which the person's week begins.
import { GB as chrono } from 'chrono-node/en'
import {
  addDays,
  addMonths,
  calendarDateFrom,
  lastDayOfMonth,
  weekStartOf,
  weekdayOf,
  type CalendarDate,
} from '../time'
import { numberForm, numberOf } from './numberWords'

/**
 * "by 15.12" is the fifteenth of December: behind "by" and "on" two numbers with a dot are a day, wherever they can be
 * one.
 */
export const dottedDay = /^\d{1,2}\.(?:0?[1-9]|1[0-2])$/

/** What a phrase is seen from. */
export interface Calendar {
  readonly today: CalendarDate
  /** The minute of the day it is, 0 to 1439: "in 20 minutes" is only understood where it is known. */
  readonly minute?: number
  /** `0` Monday (where left out) to `6` Sunday. */
  readonly weekStartsOn?: number
}

const weekdays = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday']
/** A weekday, whole or shortened, as a pattern. */
export const weekdayPattern =
  '(?:mon(?:day)?|tue(?:s|sday)?|wed(?:nesday)?|thu(?:r|rs|rsday)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)'
/** A month, whole or shortened, as a pattern. */
export const monthPattern =
  '(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)'
const months = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ')

/** `0` Monday to `6` Sunday, of what `weekdayPattern` found. */
export const weekdayNumber = (name: string): number =>
  weekdays.findIndex((weekday) => weekday.startsWith(name.slice(0, 3)))
/** 1 to 12, of what `monthPattern` found. */
export const monthOf = (name: string): number => months.indexOf(name.slice(0, 3)) + 1

const dayNumber = '(?:3[01]|[12]\\d|0?[1-9])(?:st|nd|rd|th)?'
const weekdayForm = new RegExp(`^(next |this |coming )?(${weekdayPattern})$`)
const weekOnForm = new RegExp(
  `^(?:a week (?:on )?(${weekdayPattern}|tomorrow|today)|(${weekdayPattern}|tomorrow|today) week)$`,
)
const chronoForm = new RegExp(
  `^(?:(?:${weekdayPattern},? )?(?:the )?${dayNumber}(?: of)? ${monthPattern}(?:,? \\d{4})?|${monthPattern} ${dayNumber}(?:,? \\d{4})?|\\d{4}-\\d{2}-\\d{2}|\\d{1,2}/\\d{1,2}(?:/\\d{4})?)$`,
)
const dottedForm = /^(\d{1,2})\.(\d{1,2})\.(\d{4})?$/
const numberedForm = new RegExp(`^(?:${weekdayPattern},? )?the (3[01]|[12]\\d|[1-9])(?:st|nd|rd|th)$`)
const edgeForm = new RegExp(
  `^(?:the )?(end|start|beginning|middle) of (?:(?:(the|this|next) )?(week|month|year)|(?:the )?(${monthPattern})(?: (\\d{4}))?)$`,
)
const midForm = new RegExp(`^mid[ -](${monthPattern})(?: (\\d{4}))?$`)
const possessiveEnd = /^(?:the )?(week|month|year)'s end$/
const firstWord = new RegExp(
  `^(?:${weekdayPattern}|${monthPattern}|today|tonight|tomorrow|the|a week on|next|this|coming|in|end|start|beginning|middle|mid|day after|week's|month's|year's|at the|over the|\\d)`,
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
  const wanted = weekdayNumber(parts[2] as string)
  const first = weekStartOf(today, weekStartsOn)
  if (past) return addDays(today, -(((weekdayOf(today) - wanted + 6) % 7) + 1))
  if (parts[1] === 'next ') return addDays(first, 7 + ((wanted - weekStartsOn + 7) % 7))
  if (parts[1] === 'this ' && wanted === weekdayOf(today)) return today
  return addDays(today, ((wanted - weekdayOf(today) + 6) % 7) + 1)
}

/** "friday week", "a week on friday": seven days after the one that is meant without it. */
function byWeekOn(phrase: string, calendar: Calendar): CalendarDate | null {
  const parts = weekOnForm.exec(phrase)
  const day = parts && readDate((parts[1] ?? parts[2]) as string, calendar)
  return day && addDays(day, 7)
}

const aheadForm = new RegExp(`^in (${numberForm}) (day|week|fortnight|month|year)s?(?:'?s? time)?$`)
/** "in 3 days"; a month or a year from a day that the other month lacks is the last of that month. */
function byDistance(phrase: string, today: CalendarDate): CalendarDate | null {
  const parts = aheadForm.exec(phrase)
  if (!parts) return null
  const amount = numberOf(parts[1] as string)
  switch (parts[2]) {
    case 'day':
      return addDays(today, amount)
    case 'week':
      return addDays(today, 7 * amount)
    case 'fortnight':
      return addDays(today, 14 * amount)
    case 'month':
      return addMonths(today, amount)
    default:
      return addMonths(today, 12 * amount)
  }
}

/** "25.3.", day first. */
function byDots(phrase: string, today: CalendarDate, past: boolean): CalendarDate | null {
  const parts = dottedForm.exec(phrase)
  if (!parts) return null
  const [year, day, month] = [Number(today.slice(0, 4)), Number(parts[1]), Number(parts[2])]
  if (parts[3]) return calendarDateFrom(Number(parts[3]), month, day)
  const [near, far] = [
    calendarDateFrom(year, month, day),
    calendarDateFrom(year + (past ? -1 : 1), month, day),
  ]
  return near && (past ? near < today : near >= today) ? near : far
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

/** The month that is meant by its name: this year's, or next year's once it is over. */
function monthNamed(name: string, year: string | undefined, today: CalendarDate): CalendarDate | null {
  const month = monthOf(name)
  const thisYear = Number(today.slice(0, 4))
  const wanted = year ? Number(year) : thisYear + (month < Number(today.slice(5, 7)) ? 1 : 0)
  return calendarDateFrom(wanted, month, 1)
}

/** "the end of april", "the beginning of next week". The middle of a month is its 15th, of a week its fourth day. */
function byEdge(phrase: string, { today, weekStartsOn = 0 }: Calendar, past: boolean): CalendarDate | null {
  const parts = edgeForm.exec(phrase)
  if (!parts) return null
  const [, edge, which, unit, name, year] = parts
  const ahead = which === 'next' ? 1 : 0
  if (unit === 'week') {
    const first = addDays(weekStartOf(today, weekStartsOn), 7 * ahead)
    if (edge === 'end') return endOfWeek(ahead ? first : today, weekStartsOn)
    return addDays(first, edge === 'middle' ? 3 : 0)
  }
  const inMonth = `${today.slice(0, 8)}01` as CalendarDate
  if (unit === 'year') {
    const wanted = Number(today.slice(0, 4)) + ahead
    if (edge === 'end') return calendarDateFrom(wanted, 12, 31)
    return calendarDateFrom(wanted, edge === 'middle' ? 7 : 1, 1)
  }
  const edgeOf = (first: CalendarDate) =>
    edge === 'end' ? lastDayOfMonth(first) : addDays(first, edge === 'middle' ? 14 : 0)
  if (unit === 'month') return edgeOf(addMonths(inMonth, ahead))
  const first = monthNamed(name as string, year, today)
  if (!first) return null
  const isOver = edgeOf(first) < today
  // Once it is over, next year's is meant; of what was, last year's until it is.
  return year || isOver === past ? edgeOf(first) : edgeOf(addMonths(first, past ? -12 : 12))
}

const leapDayForm = /^(?:(?:the )?29(?:th)?(?: of)? feb(?:ruary)?|feb(?:ruary)? (?:the )?29(?:th)?)$/
/** 29 February, in the next year that has one. */
function byLeapDay(phrase: string, today: CalendarDate): CalendarDate | null {
  if (!leapDayForm.test(phrase)) return null
  const year = Number(today.slice(0, 4))
  for (let ahead = 0; ahead <= 8; ahead++) {
    const day = calendarDateFrom(year + ahead, 2, 29)
    if (day && day >= today) return day
  }
  return null
}

const firstDay = '0000-01-01' as CalendarDate
/** A day that is over is not what somebody plans for. */
const notOver = (day: CalendarDate | null, today: CalendarDate): CalendarDate | null =>
  day !== null && day < today ? null : day

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
    case 'day after tomorrow':
      return addDays(today, 2)
    case 'next week':
      return addDays(weekStartOf(today, weekStartsOn), 7)
    case 'next month':
      return addMonths(`${today.slice(0, 8)}01` as CalendarDate, 1)
    case 'this weekend':
    case 'the weekend':
    case 'over the weekend':
      return weekdayOf(today) === 6 ? today : byWeekday('saturday', { today: addDays(today, -1) }, false)
  }
  return (
    byWeekday(phrase, calendar, past) ??
    byNumber(phrase, today) ??
    byDistance(phrase, today) ??
    byWeekOn(phrase, calendar) ??
    notOver(
      byEdge(
        phrase.replace(possessiveEnd, 'end of the $1').replace(midForm, 'middle of $1 $2').trim(),
        calendar,
        past,
      ),
      past ? firstDay : today,
    ) ??
    byDots(phrase, today, past) ??
    (past ? null : byLeapDay(phrase, today)) ??
    (chronoForm.test(phrase) ? byChrono(phrase, today, past) : null)
  )
}

/** Why a day that was read may be meant otherwise; null where nobody would. */
export function guessOfDate(phrase: string): 'dayFirst' | 'nextWeekday' | null {
  const numbers = /^(\d{1,2})\/(\d{1,2})(?:\/\d{4})?$/.exec(phrase)
  if (numbers && Number(numbers[1]) <= 12 && Number(numbers[2]) <= 12 && numbers[1] !== numbers[2])
    return 'dayFirst'
  return phrase.startsWith('next ') && weekdayForm.test(phrase) ? 'nextWeekday' : null
}
