// Calendar days as text, without clock or zone. Arithmetic runs over whole days counted in UTC, so that
// clock changes cannot shift a day. Turning an instant into a day is localMoment's work.
declare const brand: unique symbol

/** A day such as `2026-03-01`. `<` and `>` compare it correctly. */
export type CalendarDate = string & { readonly [brand]: 'CalendarDate' }

const dayMs = 86_400_000
const shape = /^(\d{4})-(\d{2})-(\d{2})$/

const epochDayOf = (date: CalendarDate): number => Math.round(Date.parse(`${date}T00:00:00Z`) / dayMs)
/** The day that so many whole days after 1970-01-01 is. */
export const fromEpochDay = (epochDay: number): CalendarDate =>
  new Date(epochDay * dayMs).toISOString().slice(0, 10) as CalendarDate

/** True for a day that exists, from year 1900 to 9999. `2026-02-30` does not. */
export function isCalendarDate(text: unknown): text is CalendarDate {
  if (typeof text !== 'string') return false
  const parts = shape.exec(text)
  if (!parts || Number(parts[1]) < 1900) return false
  const parsed = new Date(`${text}T00:00:00Z`)
  return !Number.isNaN(parsed.getTime()) && parsed.toISOString().slice(0, 10) === text
}

/** The day in `text`; throws where there is none. For literals in code and tests. */
export function calendarDateUnsafe(text: string): CalendarDate {
  if (!isCalendarDate(text)) throw new Error(`Not a calendar date: ${text}`)
  return text
}

/** From a year, a month 1-12 and a day 1-31; null where that day does not exist. */
export function calendarDateFrom(year: number, month: number, day: number): CalendarDate | null {
  const text = `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`
  return isCalendarDate(text) ? text : null
}

export const addDays = (date: CalendarDate, days: number): CalendarDate =>
  fromEpochDay(epochDayOf(date) + days)

/** The months of the calendar that hold a day, so many at a time: 3 for its quarter. */
export function monthsAround(
  date: CalendarDate,
  months: number,
): { readonly from: CalendarDate; readonly to: CalendarDate } {
  const [year, month] = [Number(date.slice(0, 4)), Number(date.slice(5, 7)) - 1]
  const first = month - (month % months)
  const dayIn = (at: number, day: number) => fromEpochDay(Date.UTC(year, at, day) / dayMs)
  return { from: dayIn(first, 1), to: dayIn(first + months, 0) }
}

/** Of the month that holds it. */
export const lastDayOfMonth = (date: CalendarDate): CalendarDate => monthsAround(date, 1).to

/** The same day some months on; where that month is shorter, its last day. */
export function addMonths(date: CalendarDate, months: number): CalendarDate {
  const [year, month, day] = [Number(date.slice(0, 4)), Number(date.slice(5, 7)), Number(date.slice(8))]
  const last = lastDayOfMonth(fromEpochDay(Date.UTC(year, month - 1 + months, 1) / dayMs))
  return (Number(last.slice(8)) < day ? last : `${last.slice(0, 8)}${date.slice(8)}`) as CalendarDate
}

/** Whole days from `from` to `to`; negative when `to` is earlier. */
export const daysBetween = (from: CalendarDate, to: CalendarDate): number => epochDayOf(to) - epochDayOf(from)

/** 0 Monday … 6 Sunday. */
export const weekdayOf = (date: CalendarDate): number => (((epochDayOf(date) + 3) % 7) + 7) % 7

export const weekStartOf = (date: CalendarDate, startsOn = 0): CalendarDate =>
  addDays(date, -((weekdayOf(date) - startsOn + 7) % 7))

/** The ISO 8601 week number: week 1 holds the year's first Thursday. */
export function isoWeekOf(date: CalendarDate): number {
  const thursday = addDays(weekStartOf(date), 3)
  const newYear = `${thursday.slice(0, 4)}-01-01` as CalendarDate
  return Math.floor(daysBetween(newYear, thursday) / 7) + 1
}
