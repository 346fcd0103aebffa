import fc from 'fast-check'
import { everyDay, type RepeatRule } from '@/core/repeat'
import type { Reminder } from '@/core/record'
import { parseSentence } from '@/core/sentence/reader'
import { knownNames as names, saidOn as today, understood } from '@/core/testing/sentences'
import { addDays, fromMinute } from '@/core/time'
import { asSaid, reminderWords } from '.'
import { ruleWords } from './repeat'

const clausesIn = (text: string) => parseSentence(text, { today, names }).clauses
const again = (told: string) => clausesIn(`it, ${asSaid(told)}`)

it('what is told of every rule of the table reads back as that rule', () => {
  const repeats = understood.flatMap(([said]) =>
    clausesIn(said).flatMap((each) => (each.kind === 'repeat' ? [each] : [])),
  )
  expect(repeats.length).toBeGreaterThan(25)
  for (const { rule, fromDone, time } of repeats) {
    const told = ruleWords(rule, { fromDone, time }, today)
    expect([told, again(told)]).toEqual([
      told,
      [expect.objectContaining({ kind: 'repeat', rule, fromDone, time })],
    ])
  }
})

const weekdays = fc.uniqueArray(fc.nat(6), { minLength: 1, maxLength: 6 }).map((days) => [...days].sort())
const rules: fc.Arbitrary<RepeatRule> = fc
  .tuple(
    fc.oneof(
      fc.record({ frequency: fc.constant('daily' as const) }),
      fc.record({ frequency: fc.constant('weekly' as const), weekdays }),
      fc.record({
        frequency: fc.constant('monthly' as const),
        monthDays: fc.constantFrom([1], [3, 15], [-1], [31], [2, 22, 23]),
      }),
      fc.record({
        frequency: fc.constant('monthly' as const),
        monthDays: fc.constantFrom([29], [30], [31]),
        orLast: fc.boolean(),
      }),
      fc.record({
        frequency: fc.constant('yearly' as const),
        months: fc.constant([2]),
        monthDays: fc.constant([29]),
        orLast: fc.boolean(),
      }),
      fc.record({
        frequency: fc.constant('monthly' as const),
        nth: fc.constantFrom(1, 2, 3, 4, -1),
        weekdays: fc.nat(6).map((day) => [day]),
      }),
      fc.record({
        frequency: fc.constant('yearly' as const),
        months: fc.integer({ min: 1, max: 12 }).map((month) => [month]),
        monthDays: fc.integer({ min: 1, max: 28 }).map((day) => [day]),
      }),
    ),
    fc.constantFrom(1, 2, 3, 11),
    fc.constantFrom<Partial<RepeatRule>>(
      {},
      { times: 1 },
      { times: 10 },
      { until: addDays(today, 20) },
      { until: addDays(today, 900) },
    ),
  )
  .map(([body, interval, end]) => ({ ...everyDay, ...body, interval, ...end }))

it('and so does every rule that can be said, with its time and its end', () => {
  fc.assert(
    fc.property(
      rules,
      fc.constantFrom(null, fromMinute(600), fromMinute(1095)),
      fc.boolean(),
      (rule, time, fromDone) => {
        const told = ruleWords(rule, { fromDone, time }, today)
        expect([told, again(told)]).toEqual([
          told,
          [expect.objectContaining({ kind: 'repeat', rule, fromDone, time })],
        ])
      },
    ),
    { seed: 71, numRuns: 500 },
  )
})

it.each<Reminder['when']>([
  { kind: 'at', date: addDays(today, 2), time: fromMinute(540) },
  { kind: 'at', date: addDays(today, 1), time: null },
  { kind: 'at', date: today, time: fromMinute(1020) },
  { kind: 'at', date: addDays(today, 400), time: null },
  { kind: 'daysBefore', days: 0, time: null },
  { kind: 'daysBefore', days: 1, time: fromMinute(540) },
  { kind: 'daysBefore', days: 5, time: null },
  { kind: 'daysBefore', days: 14, time: null },
  { kind: 'minutesBefore', minutes: 0 },
  { kind: 'minutesBefore', minutes: 45 },
  { kind: 'minutesBefore', minutes: 120 },
  { kind: 'minutesBefore', minutes: 95 },
])('a reminder reads back as it is: %j', (when) => {
  const told = reminderWords(when, today)
  expect([told, again(told)]).toEqual([told, [expect.objectContaining({ kind: 'reminder', when })]])
})
