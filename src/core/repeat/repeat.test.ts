import fc from 'fast-check'
import { addDays, calendarDateUnsafe, weekdayOf } from '../time'
import { everyDay, frequencies, parseRuleText, toRuleText, type RepeatRule } from '.'
import { firstOn } from './firstOn'

const from = calendarDateUnsafe('2026-03-11') // a Wednesday

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
    until: fc.constantFrom(null, addDays(from, 400)),
    times: fc.constantFrom(null, 1, 10),
  })
  .map((rule) => (rule.weekdays.length === 0 ? { ...rule, nth: null } : rule))

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
