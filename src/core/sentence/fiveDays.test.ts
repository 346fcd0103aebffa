// Days as people say them, read from a Wednesday, a Friday, a Sunday, the last of a month and a leap day: never one
// that is over.
import { addDays, calendarDateUnsafe, weekdayOf } from '../time'
import { readDate } from './datePhrase'
import { readRepeat } from './repeatPhrase'

const from = ['2026-03-11', '2026-03-13', '2026-03-15', '2026-04-30', '2028-02-29'].map(calendarDateUnsafe)

it('begin on the days they are meant to', () =>
  expect(from.map((day) => weekdayOf(day))).toEqual([2, 4, 6, 3, 1]))

it.each([
  ['today', '2026-03-11', '2026-03-13', '2026-03-15', '2026-04-30', '2028-02-29'],
  ['tomorrow', '2026-03-12', '2026-03-14', '2026-03-16', '2026-05-01', '2028-03-01'],
  ['the day after tomorrow', '2026-03-13', '2026-03-15', '2026-03-17', '2026-05-02', '2028-03-02'],
  ['friday', '2026-03-13', '2026-03-20', '2026-03-20', '2026-05-01', '2028-03-03'],
  ['this friday', '2026-03-13', '2026-03-13', '2026-03-20', '2026-05-01', '2028-03-03'],
  ['next friday', '2026-03-20', '2026-03-20', '2026-03-20', '2026-05-08', '2028-03-10'],
  ['friday week', '2026-03-20', '2026-03-27', '2026-03-27', '2026-05-08', '2028-03-10'],
  ['sunday', '2026-03-15', '2026-03-15', '2026-03-22', '2026-05-03', '2028-03-05'],
  ['this weekend', '2026-03-14', '2026-03-14', '2026-03-15', '2026-05-02', '2028-03-04'],
  ['next week', '2026-03-16', '2026-03-16', '2026-03-16', '2026-05-04', '2028-03-06'],
  ['the end of the week', '2026-03-13', '2026-03-13', '2026-03-15', '2026-05-01', '2028-03-03'],
  ['the middle of the week', '2026-03-12', null, null, '2026-04-30', '2028-03-02'],
  ['the end of the month', '2026-03-31', '2026-03-31', '2026-03-31', '2026-04-30', '2028-02-29'],
  ['the beginning of the month', null, null, null, null, null],
  ['the beginning of next month', '2026-04-01', '2026-04-01', '2026-04-01', '2026-05-01', '2028-03-01'],
  ['mid april', '2026-04-15', '2026-04-15', '2026-04-15', '2027-04-15', '2028-04-15'],
  ['the end of february', '2027-02-28', '2027-02-28', '2027-02-28', '2027-02-28', '2028-02-29'],
  ['next month', '2026-04-01', '2026-04-01', '2026-04-01', '2026-05-01', '2028-03-01'],
  ['in a month', '2026-04-11', '2026-04-13', '2026-04-15', '2026-05-30', '2028-03-29'],
  ['in a fortnight', '2026-03-25', '2026-03-27', '2026-03-29', '2026-05-14', '2028-03-14'],
  ['the 11th', '2026-03-11', '2026-04-11', '2026-04-11', '2026-05-11', '2028-03-11'],
  ['the 30th', '2026-03-30', '2026-03-30', '2026-03-30', '2026-04-30', '2028-03-30'],
  ['the 31st', '2026-03-31', '2026-03-31', '2026-03-31', '2026-05-31', '2028-03-31'],
  ['15 march', '2026-03-15', '2026-03-15', '2026-03-15', '2027-03-15', '2028-03-15'],
  ['15.3.', '2026-03-15', '2026-03-15', '2026-03-15', '2027-03-15', '2028-03-15'],
  ['29 february', '2028-02-29', '2028-02-29', '2028-02-29', '2028-02-29', '2028-02-29'],
  ['yesterday', null, null, null, null, null],
] as const)('“%s”', (phrase, ...days) => {
  expect(from.map((today) => readDate(phrase, { today }))).toEqual(days)
})

it('the end of the week keeps to the day a week begins on', () => {
  const [saturday, sunday] = [calendarDateUnsafe('2026-03-14'), calendarDateUnsafe('2026-03-15')]
  expect(readDate('the end of the week', { today: saturday, weekStartsOn: 6 })).toBe('2026-03-14')
  expect(readDate('the end of the week', { today: saturday, weekStartsOn: 0 })).toBe('2026-03-15')
  expect(readDate('next week', { today: sunday, weekStartsOn: 6 })).toBe('2026-03-22')
})

it('what was is said of the days before', () => {
  const today = calendarDateUnsafe('2026-03-11')
  const past = (phrase: string) => readDate(phrase, { today }, true)
  expect(
    ['yesterday', 'monday', 'wednesday', '11.3.', 'the beginning of march', 'mid december'].map(past),
  ).toEqual(['2026-03-10', '2026-03-09', '2026-03-04', '2025-03-11', '2026-03-01', '2025-12-15'])
})

it('a repeat counts fortnights and quarters as often as it says, and ends today at the earliest', () => {
  const rule = (phrase: string) => readRepeat(phrase, { today: calendarDateUnsafe('2026-03-11') })?.rule
  expect(rule('every other fortnight')).toMatchObject({ frequency: 'weekly', interval: 4 })
  expect(rule('every 2 quarters')).toMatchObject({ frequency: 'monthly', interval: 6 })
  expect(rule('every week until today')).toMatchObject({ until: '2026-03-11' })
  expect(rule('every week until 10.3.2026')).toBeUndefined()
  expect(rule('every 0 days')).toBeUndefined()
  expect(from.map((today) => readRepeat('every week until 29.2.2028', { today })?.rule.until)).toEqual(
    from.map(() => '2028-02-29'),
  )
  expect(readRepeat('every week until 29.2.2028', { today: addDays(from[4] as never, 1) })).toBeNull()
})
