import fc from 'fast-check'
import { RRule } from 'rrule'
import { isRule, isTooOften, wallsBetween } from '.'

const dayMs = 86_400_000
const some = <T>(values: readonly T[], most: number) =>
  fc.subarray([...values], { minLength: 1, maxLength: most })
const part = (name: string, values: fc.Arbitrary<readonly (string | number)[]>) =>
  fc.option(values, { nil: null }).map((list) => (list ? `;${name}=${list.join(',')}` : ''))
const weekday = fc.tuple(fc.constantFrom('', '', '1', '-1', '2'), fc.constantFrom('MO', 'TU', 'TH', 'SU'))
const rules = fc
  .tuple(
    fc.constantFrom('YEARLY', 'MONTHLY', 'WEEKLY', 'DAILY', 'HOURLY'),
    fc.integer({ min: 1, max: 7 }),
    part('BYMONTH', some([1, 2, 3, 6, 11, 12], 3)),
    part('BYMONTHDAY', some([1, 15, 28, 29, 31, -1, -3], 3)),
    part(
      'BYDAY',
      fc.array(weekday, { minLength: 1, maxLength: 2 }).map((all) => all.map(([nth, day]) => nth + day)),
    ),
    fc.constantFrom('', '', ';BYSETPOS=-1', ';BYSETPOS=2'),
    fc.constantFrom('', ';WKST=SU'),
    fc.constantFrom('', '', ';COUNT=40'),
  )
  .map(([frequency, interval, months, monthDays, days, position, week, times]) => {
    // A numbered weekday is of a month or a year alone (section 3.3.10).
    const isNumbered = frequency === 'MONTHLY' || frequency === 'YEARLY'
    const byDay = isNumbered ? days : days.replace(/[-\d]+(?=[A-Z])/g, '')
    const needsPart = position !== '' && monthDays === '' && byDay === ''
    return `FREQ=${frequency};INTERVAL=${interval}${months}${monthDays}${byDay}${needsPart ? '' : position}${week}${times}`
  })

it('gives the same from near as counted from its beginning', () => {
  fc.assert(
    fc.property(
      rules,
      fc.integer({ min: 0, max: 1500 }),
      fc.integer({ min: 0, max: 2600 }),
      (rule, first, asked) => {
        const startsAt = Date.UTC(2019, 0, 1, 9, 30) + first * dayMs
        const from = startsAt + asked * dayMs
        const to = from + 120 * dayMs
        const recurrence = { rule, startsAt, until: null }
        const whole = wallsBetween(recurrence, startsAt, to, Infinity).filter((wall) => wall >= from)
        expect(wallsBetween(recurrence, from, to, Infinity)).toEqual(whole)
      },
    ),
    { numRuns: 300, seed: 7 },
  )
})
it('steps through weeks as the library does, whichever day a week begins on', () => {
  const days = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU']
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 5 }),
      part('BYDAY', some(days, 4)),
      part('WKST', some(days, 1)),
      fc.constantFrom('', ';BYHOUR=9,17', ';BYHOUR=8;BYMINUTE=0,45'),
      fc.constantFrom('', ';COUNT=13'),
      fc.integer({ min: 0, max: 13 }),
      (interval, byDay, wkst, at, times, day) => {
        const rule = `FREQ=WEEKLY;INTERVAL=${interval}${byDay}${wkst}${at}${times}`
        const startsAt = Date.UTC(2025, 11, 20 + day, 9, 15)
        const to = startsAt + 300 * dayMs
        const options = { ...RRule.parseString(rule), dtstart: new Date(startsAt), until: new Date(to) }
        const whole = new RRule(options, true).all().map((date) => date.getTime())
        const given = (from: number) => wallsBetween({ rule, startsAt, until: null }, from, to, Infinity)
        expect(given(startsAt)).toEqual(whole)
        const later = startsAt + 100 * dayMs
        expect(given(later)).toEqual(whole.filter((wall) => wall >= later))
      },
    ),
    { numRuns: 200, seed: 5 },
  )
})
it('steps through days and hours as the library does', () => {
  const limit = fc.oneof(
    part('BYMONTH', some([1, 6, 11], 2)),
    part('BYMONTHDAY', some([1, 15, 31, -1], 2)),
    part('BYDAY', some(['MO', 'WE', 'SU'], 2)),
    part('BYYEARDAY', some([1, 60, 366, -1, -40], 3)),
  )
  const times = fc.constantFrom(
    '',
    ';BYHOUR=8,9,17',
    ';BYMINUTE=0,30',
    ';BYHOUR=17,9;BYMINUTE=15,0;BYSETPOS=1,-1',
  )
  fc.assert(
    fc.property(
      fc.constantFrom('DAILY', 'HOURLY'),
      limit,
      times,
      fc.constantFrom('', ';COUNT=30'),
      (frequency, limits, at, times) => {
        const inHours = frequency === 'HOURLY' ? at.replace(/;BYSETPOS.*/, '') : at
        const rule = `FREQ=${frequency}${limits}${inHours}${times}`
        const startsAt = Date.UTC(2023, 4, 9, 9, 15)
        const to = Date.UTC(2024, 6, 1)
        const options = { ...RRule.parseString(rule), dtstart: new Date(startsAt), until: new Date(to) }
        const given = wallsBetween({ rule, startsAt, until: null }, startsAt, to, Infinity)
        expect(given).toEqual(new RRule(options, true).all().map((date) => date.getTime()))
      },
    ),
    { numRuns: 60, seed: 11 },
  )
})
it.each([
  ['FREQ=SECONDLY', true, true],
  ['FREQ=DAILY;BYHOUR=1,2,3;BYMINUTE=0,30', true, false],
  [
    `FREQ=DAILY;BYMINUTE=${[...Array(60).keys()].join(',')};BYSECOND=${[...Array(60).keys()].join(',')}`,
    true,
    true,
  ],
  ['FREQ=DAILY;INTERVAL=0', false, false],
  ['nonsense', false, false],
])('%s', (rule, is, often) => {
  expect([isRule(rule), isTooOften(rule)]).toEqual([is, often])
})
