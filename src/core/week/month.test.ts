import { calendarDateUnsafe, daysBetween } from '../time'
import { monthsOfYear, weeksOfMonth } from '.'

it.each([
  ['2026-03-11', 0, '2026-02-23', 6],
  ['2026-03-11', 6, '2026-03-01', 5],
  // A February that is four weeks to the day.
  ['2021-02-14', 0, '2021-02-01', 4],
  ['2024-02-29', 0, '2024-01-29', 5],
])('the weeks that hold the month of %s, beginning on weekday %s', (day, startsOn, first, count) => {
  const weeks = weeksOfMonth(calendarDateUnsafe(day), startsOn)
  expect(weeks).toHaveLength(count)
  expect(weeks[0]?.[0]).toBe(first)
  weeks.flat().forEach((date, at) => expect(daysBetween(calendarDateUnsafe(first), date)).toBe(at))
})

it('a year has its twelve months', () =>
  expect(monthsOfYear(calendarDateUnsafe('2026-12-31')).map((date) => date.slice(0, 7))).toEqual(
    Array.from({ length: 12 }, (_, at) => `2026-${String(at + 1).padStart(2, '0')}`),
  ))
