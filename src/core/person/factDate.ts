// The day of a birthday and the like: kept as `2026-05-03`, or as `--05-03` where the year is not known (as RFC 6350,
// 4.3.1 writes it).
import { calendarDateUnsafe, type CalendarDate } from '../time'

export interface FactDate {
  readonly year: number | null
  /** 1 to 12. */
  readonly month: number
  readonly day: number
}

const kept = /^(\d{4}|-)-(\d{2})-(\d{2})$/
const monthNames = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
const daysIn = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

const isLeap = (year: number): boolean => (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0

function dateIfThere(year: number | null, month: number, day: number): FactDate | null {
  const most = month === 2 && year !== null && !isLeap(year) ? 28 : (daysIn[month - 1] ?? 0)
  return day >= 1 && day <= most ? { year, month, day } : null
}

/** A date as it is kept; null where the text is none. */
export function factDateOf(value: string): FactDate | null {
  const [, year, month, day] = kept.exec(value) ?? []
  return month && day ? dateIfThere(year === '-' ? null : Number(year), Number(month), Number(day)) : null
}

const two = (number: number) => String(number).padStart(2, '0')

export const keptDate = ({ year, month, day }: FactDate): string =>
  `${year === null ? '-' : String(year).padStart(4, '0')}-${two(month)}-${two(day)}`

const monthNamed = (name: string): number =>
  name.length < 3 ? 0 : monthNames.indexOf(name.slice(0, 3).toLowerCase()) + 1

const monthWord = '(jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\.?' // prettier-ignore
const dayFirst = new RegExp(`^(\\d{1,2})(?:st|nd|rd|th)?(?: of)? ${monthWord}(?:,? (\\d{4}))?$`, 'i')
const monthFirst = new RegExp(`^${monthWord} (\\d{1,2})(?:st|nd|rd|th)?(?:,? (\\d{4}))?$`, 'i')
const numbers = /^(\d{1,2})[./](\d{1,2})(?:[./](\d{4}))?\.?$/

/** A date as people write one, "3 May", "May 3rd, 1980", "3/5/1980", day first; null where the text is none. */
export function readFactDate(text: string): FactDate | null {
  const said = text.trim().replace(/\s+/g, ' ')
  const asKept = factDateOf(said)
  if (asKept) return asKept
  const byDay = dayFirst.exec(said)
  if (byDay) return dateIfThere(yearOf(byDay[3]), monthNamed(byDay[2] ?? ''), Number(byDay[1]))
  const byMonth = monthFirst.exec(said)
  if (byMonth) return dateIfThere(yearOf(byMonth[3]), monthNamed(byMonth[1] ?? ''), Number(byMonth[2]))
  const [, day, month, year] = numbers.exec(said) ?? []
  return day && month ? dateIfThere(yearOf(year), Number(month), Number(day)) : null
}

const yearOf = (year: string | undefined): number | null => (year === undefined ? null : Number(year))

/** When it comes next, today counted; the 29th of February is kept on the 28th in other years. */
export function nextFactDate({ month, day }: FactDate, today: CalendarDate): CalendarDate {
  const inYear = (year: number) =>
    calendarDateUnsafe(`${year}-${two(month)}-${two(month === 2 && day === 29 && !isLeap(year) ? 28 : day)}`)
  const year = Number(today.slice(0, 4))
  const here = inYear(year)
  return here >= today || year === 9999 ? here : inYear(year + 1)
}

/** How old somebody is on that day; null where the year is not known. */
export const ageOn = ({ year }: FactDate, date: CalendarDate): number | null =>
  year === null ? null : Number(date.slice(0, 4)) - year
