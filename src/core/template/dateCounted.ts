// Dates that a template counts from a given day, forward or back; days that are not worked on are stepped over.
import { addDays, addMonths, weekdayOf, type CalendarDate } from '../time'
import type { Shift } from '../record'

/** Whether nothing is done on a day: a weekend, or a day that was said to be free. */
export type IsOff = (date: CalendarDate) => boolean

/** So many days in a row without one that is worked on are taken for a life without any. */
const mostOff = 60

/** The nearest day that is worked on, this one or the next in a direction; the day itself where there is none. */
function nearestWorked(date: CalendarDate, direction: 1 | -1, isOff: IsOff): CalendarDate {
  let day = date
  for (let off = 0; off < mostOff; off++, day = addDays(day, direction)) if (!isOff(day)) return day
  return date
}

/** So many days that are worked on before or after a day. */
function workdaysFrom(from: CalendarDate, steps: number, isOff: IsOff): CalendarDate {
  const direction = steps < 0 ? -1 : 1
  let day = from
  for (let left = Math.abs(steps); left > 0; left--)
    day = nearestWorked(addDays(day, direction), direction, isOff)
  return day
}

/**
 * The date counted from `from`. Days, weeks and months that end on a day that is not worked on give the one before
 * where they count back, else the one after; the day itself (`days`, 0) and a weekday that was named stay as they
 * are.
 */
export function dateCounted(from: CalendarDate, shift: Shift, isOff: IsOff): CalendarDate {
  const { steps } = shift
  const direction = steps < 0 ? -1 : 1
  switch (shift.by) {
    case 'days':
      return steps === 0 ? from : nearestWorked(addDays(from, steps), direction, isOff)
    case 'months':
      return nearestWorked(addMonths(from, steps), direction, isOff)
    case 'workdays':
      return workdaysFrom(from, steps, isOff)
    case 'weekday': {
      if (steps === 0) return from
      const away = direction * (shift.weekday - weekdayOf(from))
      const first = (((away - 1) % 7) + 7) % 7
      return addDays(from, direction * (first + 1 + 7 * (Math.abs(steps) - 1)))
    }
  }
}
