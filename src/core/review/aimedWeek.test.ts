import { calendarDateUnsafe } from '../time'
import { aimedWeekOf } from './aimedWeek'

it.each([
  ['2026-03-09', 0, '2026-03-09'],
  ['2026-03-11', 0, '2026-03-09'],
  ['2026-03-12', 0, '2026-03-16'],
  ['2026-03-15', 0, '2026-03-16'],
  ['2026-03-15', 6, '2026-03-15'],
])('a review on %s of a week that begins on day %i aims at the week of %s', (date, starts, first) =>
  expect(aimedWeekOf(calendarDateUnsafe(date), starts)).toBe(first),
)
