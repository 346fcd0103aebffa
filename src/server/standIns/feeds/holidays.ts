// Public holidays, as a country gives them out: whole days that take nobody's time.
import { addDays, weekdayOf, type CalendarDate } from '../../../core/time'
import { icsOf, type WrittenEvent } from './icsText'

const dayOf = (year: number, month: number, day: number): CalendarDate =>
  `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}` as CalendarDate

/** Easter Sunday by the method of Butcher and Meeus (J. Meeus, Astronomical Algorithms, chapter 8). */
function easterOf(year: number): CalendarDate {
  const a = year % 19
  const [b, c] = [Math.floor(year / 100), year % 100]
  const d = b - Math.floor(b / 4) - Math.floor((b - Math.floor((b + 8) / 25) + 1) / 3)
  const h = (19 * a + d + 15) % 30
  const l = (32 + 2 * (b % 4) + 2 * Math.floor(c / 4) - h - (c % 4)) % 7
  const m = Math.floor((a + 11 * h + 22 * l) / 451)
  const n = h + l - 7 * m + 114
  return dayOf(year, Math.floor(n / 31), (n % 31) + 1)
}

/** The first Monday on or after a day. */
const mondayFrom = (date: CalendarDate): CalendarDate => addDays(date, (7 - weekdayOf(date)) % 7)

const ofYear = (year: number): WrittenEvent[] =>
  (
    [
      ['New Year’s Day', dayOf(year, 1, 1)],
      ['Good Friday', addDays(easterOf(year), -2)],
      ['Easter Monday', addDays(easterOf(year), 1)],
      ['Early May holiday', mondayFrom(dayOf(year, 5, 1))],
      ['Spring holiday', mondayFrom(dayOf(year, 5, 25))],
      ['Summer holiday', mondayFrom(dayOf(year, 8, 25))],
      ['Christmas Day', dayOf(year, 12, 25)],
      ['Boxing Day', dayOf(year, 12, 26)],
    ] as const
  ).map(([title, on]) => ({ uid: `${title.toLowerCase().replace(/\W+/g, '-')}-${year}`, title, on }))

/** Those of last year, of this one and of the two that come. */
export const holidays = (today: CalendarDate): string => {
  const year = Number(today.slice(0, 4))
  return icsOf('Public holidays', [year - 1, year, year + 1, year + 2].flatMap(ofYear))
}
