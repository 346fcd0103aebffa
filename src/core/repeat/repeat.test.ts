import fc from 'fast-check'
import { RRule } from 'rrule'
import { addDays, calendarDateUnsafe, weekdayOf } from '../time'
import { everyDay, frequencies, parseRuleText, toRuleText, type RepeatRule } from '.'
import { mayLackDay } from './choices'
import { daysAfter, daysWithin, firstOn, missedBy, nextOccurrence } from './days'
import { movedRule } from './movedRule'

const from = calendarDateUnsafe('2026-03-11') // a Wednesday

const isOfMonth = ({
  ofMonth,
  weekdays,
  monthDays,
}: Pick<RepeatRule, 'ofMonth' | 'weekdays' | 'monthDays'>) =>
  ofMonth !== null && weekdays.length > 0 && monthDays.length === 0

const rules: fc.Arbitrary<RepeatRule> = fc
  .record({
    frequency: fc.constantFrom(...frequencies),
    interval: fc.integer({ min: 1, max: 999 }),
    weekdays: fc.uniqueArray(fc.nat(6), { maxLength: 4 }).map((days) => days.sort()),
    nth: fc.constantFrom(null, 1, 2, 3, 4, -1),
    monthDays: fc
      .uniqueArray(fc.constantFrom(-1, 1, 15, 31), { maxLength: 2 })
      .map((days) => days.sort((a, b) => a - b)),
    months: fc
      .uniqueArray(fc.integer({ min: 1, max: 12 }), { maxLength: 2 })
      .map((months) => months.sort((a, b) => a - b)),
    orLast: fc.boolean(),
    ofMonth: fc.constantFrom(null, null, 'first', 'last'),
    until: fc.constantFrom(null, addDays(from, 400)),
    times: fc.constantFrom(null, 1, 10),
  })
  .map((rule) => ({
    ...rule,
    nth: rule.weekdays.length === 0 || isOfMonth(rule) ? null : rule.nth,
    ofMonth: isOfMonth(rule) ? rule.ofMonth : null,
    orLast: rule.orLast && rule.monthDays.join() === '31',
  }))

it('a rule comes back from its text as it was', () => {
  fc.assert(
    fc.property(rules, (rule) => {
      expect(parseRuleText(toRuleText(rule))).toEqual(rule)
    }),
    { seed: 61, numRuns: 300 },
  )
})
it.each([
  '',
  'FREQ=NEVER',
  'FREQ=DAILY;INTERVAL=0',
  'FREQ=DAILY;INTERVAL=1000',
  'FREQ=WEEKLY;BYDAY=XX',
  'FREQ=MONTHLY;BYDAY=9FR',
  'FREQ=MONTHLY;BYMONTHDAY=32',
  'FREQ=DAILY;COUNT=0',
  'FREQ=DAILY;UNTIL=20260230',
  'FREQ=DAILY;BYHOUR=3',
  'INTERVAL=2;FREQ=DAILY',
  '__proto__',
])('“%s” is no rule that can be said', (text) => expect(parseRuleText(text)).toBeNull())

it.each<[string, Partial<RepeatRule>, string | null]>([
  ['every day', {}, '2026-03-11'],
  ['every Friday', { frequency: 'weekly', weekdays: [4] }, '2026-03-13'],
  ['the last Friday of the month', { frequency: 'monthly', weekdays: [4], nth: -1 }, '2026-03-27'],
  ['the 3rd', { frequency: 'monthly', monthDays: [3] }, '2026-04-03'],
  ['the 31st', { frequency: 'monthly', monthDays: [31] }, '2026-03-31'],
  ['the last day', { frequency: 'monthly', monthDays: [-1] }, '2026-03-31'],
  ['5 November', { frequency: 'yearly', months: [11], monthDays: [5] }, '2026-11-05'],
  ['29 February', { frequency: 'yearly', months: [2], monthDays: [29] }, '2028-02-29'],
  ['every Friday until Thursday', { frequency: 'weekly', weekdays: [4], until: addDays(from, 1) }, null],
])('%s first comes on the day it should', (_, rule, day) => {
  expect(firstOn({ ...everyDay, ...rule }, from)).toBe(day)
})
it('never comes before it is counted from, nor on another weekday, across clock changes too', () => {
  fc.assert(
    fc.property(fc.nat(3000), fc.nat(6), (away, weekday) => {
      const day = firstOn({ ...everyDay, frequency: 'weekly', weekdays: [weekday] }, addDays(from, away))
      if (!day) throw new Error('never')
      expect(weekdayOf(day)).toBe(weekday)
      expect(day >= addDays(from, away) && day < addDays(from, away + 7)).toBe(true)
    }),
    { seed: 62, numRuns: 100 },
  )
})

const day = calendarDateUnsafe
const weekly = { ...everyDay, frequency: 'weekly' } as const
const monthly = { ...everyDay, frequency: 'monthly' } as const
const on31st = { ...monthly, monthDays: [31] }
const leapDay = { ...everyDay, frequency: 'yearly', months: [2], monthDays: [29] } as const

describe('the next days of a rule', () => {
  it('are those the rule library finds from its first day on, however far ahead one looks', () => {
    const simple = rules
      .filter(
        ({ frequency, months, monthDays }) => frequency !== 'daily' || months.length + monthDays.length === 0,
      )
      .map((rule) => ({ ...rule, interval: (rule.interval % 5) + 1, until: null }))
    fc.assert(
      fc.property(simple, fc.nat(1500), (rule, away) => {
        const after = addDays(from, away)
        const options = RRule.parseString(toRuleText(rule))
        const whole = new RRule({ ...options, dtstart: new Date(`${from}T00:00:00Z`) })
        const end = new Date(`${addDays(after, 1500)}T00:00:00Z`)
        const found = whole.between(new Date(`${addDays(after, 1)}T00:00:00Z`), end, true)
        const expected = found.slice(0, 3).map((date) => date.toISOString().slice(0, 10))
        expect(daysAfter({ rule, startsOn: from }, after, 3).slice(0, expected.length)).toEqual(expected)
      }),
      { seed: 63, numRuns: 150 },
    )
  })
  it.each<[string, RepeatRule, string[]]>([
    ['the 31st, where there is one', on31st, ['2026-01-31', '2026-03-31', '2026-05-31']],
    ['the 31st or the last day', { ...on31st, orLast: true }, ['2026-01-31', '2026-02-28', '2026-03-31']],
    ['29 February, where there is one', leapDay, ['2028-02-29', '2032-02-29', '2036-02-29']],
    ['29 February or the last day', { ...leapDay, orLast: true }, ['2026-02-28', '2027-02-28', '2028-02-29']],
  ])('%s', (_, rule, days) =>
    expect(daysAfter({ rule, startsOn: day('2024-01-31') }, day('2026-01-30'), 3)).toEqual(days),
  )
  it('leave out what was skipped, and end with the rule', () => {
    const series = {
      rule: { ...everyDay, until: addDays(from, 4) },
      startsOn: from,
      skips: [addDays(from, 2)],
    }
    expect(daysAfter(series, from, 9)).toEqual([1, 3, 4].map((away) => addDays(from, away)))
  })
  it.each<[string, Partial<RepeatRule>]>([
    ['30 February', { frequency: 'yearly', months: [2], monthDays: [30] }],
    ['every day that is a 31 June', { months: [6], monthDays: [31] }],
    ['every 999 days on a leap day', { interval: 999, months: [2], monthDays: [29] }],
  ])('there are none of %s, and that is soon found out', (_, rule) => {
    expect(firstOn({ ...everyDay, ...rule }, from)).toBeNull()
  })
})

describe('what comes next', () => {
  const mondays = { rule: { ...weekly, weekdays: [0] }, startsOn: day('2026-03-02'), fromDone: false }
  it.each<[string, Parameters<typeof nextOccurrence>, string | null]>([
    ['ticked on its day', [mondays, day('2026-03-09'), day('2026-03-09')], '2026-03-16'],
    ['ticked before its day', [mondays, day('2026-03-16'), day('2026-03-11')], '2026-03-23'],
    ['ticked after two more had passed', [mondays, day('2026-03-02'), day('2026-03-18')], '2026-03-23'],
    [
      'once done: counted from today',
      [{ ...mondays, fromDone: true }, day('2026-03-02'), from],
      '2026-03-16',
    ],
    [
      'its last one',
      [{ ...mondays, rule: { ...mondays.rule, until: day('2026-03-12') } }, day('2026-03-09'), from],
      null,
    ],
  ])('%s', (_, args, next) => expect(nextOccurrence(...args)).toBe(next))
  it('one stands for all that were missed, and says how many', () => {
    expect(missedBy(mondays, day('2026-03-02'), day('2026-03-08'))).toBe(0)
    expect(missedBy(mondays, day('2026-03-02'), day('2026-03-09'))).toBe(1)
    expect(missedBy(mondays, day('2026-03-02'), day('2026-03-25'))).toBe(3)
    expect(missedBy({ ...mondays, skips: [day('2026-03-16')] }, day('2026-03-02'), day('2026-03-25'))).toBe(2)
  })
  it('days within two days have both of them in', () => {
    expect(daysWithin(mondays, day('2026-03-09'), day('2026-03-23'))).toEqual([
      '2026-03-09',
      '2026-03-16',
      '2026-03-23',
    ])
  })
})

it.each<[string, RepeatRule, string, string, Partial<RepeatRule>]>([
  [
    'Mondays and Thursdays',
    { ...weekly, weekdays: [0, 3] },
    '2026-03-09',
    '2026-03-13',
    { weekdays: [3, 4] },
  ],
  ['the 3rd', { ...monthly, monthDays: [3] }, '2026-03-03', '2026-03-05', { monthDays: [5] }],
  [
    'the second Wednesday',
    { ...monthly, weekdays: [2], nth: 2 },
    '2026-03-11',
    '2026-03-27',
    { weekdays: [4], nth: 4 },
  ],
  [
    'the first Monday',
    { ...monthly, weekdays: [0], nth: 1 },
    '2026-03-02',
    '2026-03-30',
    { weekdays: [0], nth: -1 },
  ],
  [
    '5 November',
    { ...leapDay, months: [11], monthDays: [5] },
    '2026-11-05',
    '2026-12-01',
    { months: [12], monthDays: [1] },
  ],
  ['every day', everyDay, '2026-03-09', '2026-03-13', {}],
])('%s moved from now on', (_, rule, a, b, after) =>
  expect(movedRule(rule, day(a), day(b))).toEqual({ ...rule, ...after }),
)

it('a month may lack a day from its 29th on, a year only the one in February', () => {
  const monthly = (day: number) => ({ ...everyDay, frequency: 'monthly' as const, monthDays: [day] })
  expect([28, 29, 31].map((day) => mayLackDay(monthly(day)))).toEqual([false, true, true])
  const yearly = (month: number) => ({ ...monthly(29), frequency: 'yearly' as const, months: [month] })
  expect([1, 2].map((month) => mayLackDay(yearly(month)))).toEqual([false, true])
})
