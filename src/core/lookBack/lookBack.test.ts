import fc from 'fast-check'
import { addDays, calendarDateUnsafe, daysBetween, type CalendarDate } from '../time'
import {
  countedDay,
  daysOf,
  lookBackOn,
  spanAround,
  stretchesOf,
  turnedBy,
  type DayOfParts,
  type DaySpan,
  type Part,
} from '.'

const day = calendarDateUnsafe
const part = (id: number, minutes: number | null, key: string, series = `action:${id}`) => ({
  id: `action:${id}` as const,
  series,
  minutes,
  isEstimated: id % 2 === 0,
  key,
})
const dayOf = (date: CalendarDate, parts: readonly (Part & { readonly key: string })[]): DayOfParts => ({
  date,
  plan: undefined,
  counted: countedDay(parts, (at) => parts[at]?.key ?? ''),
})

it.each([
  ['week', '2026-03-11', '2026-03-09', '2026-03-15'],
  ['month', '2026-02-11', '2026-02-01', '2026-02-28'],
  ['quarter', '2026-03-11', '2026-01-01', '2026-03-31'],
  ['quarter', '2026-12-31', '2026-10-01', '2026-12-31'],
  ['year', '2026-03-11', '2025-03-12', '2026-03-11'],
  // A leap day ends twelve months and begins none.
  ['year', '2028-02-29', '2027-03-01', '2028-02-29'],
] as const)('the %s around %s', (kind, around, from, to) =>
  expect(spanAround(kind, day(around), 0)).toEqual({ from, to }),
)
it.each(['week', 'month', 'quarter', 'year'] as const)(
  'a %s ends where the next one begins, from any day',
  (kind) =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3000 }), (ahead) => {
        const date = addDays(day('2023-01-01'), ahead)
        const [earlier, later] = [turnedBy(kind, date, -1), date].map((around) => spanAround(kind, around, 0))
        // Twelve months that end on the last of February end on the 28th or 29th.
        if (kind === 'year' && date.slice(5) === '02-29') return
        expect(addDays((earlier as DaySpan).to, 1)).toBe((later as DaySpan).from)
      }),
      { numRuns: 200, seed: 4 },
    ),
)
it('twelve months end where the next twelve begin', () => {
  const later = spanAround('year', day('2026-03-11'), 0)
  const earlier = spanAround('year', turnedBy('year', later.to, -1), 0)
  expect(addDays(earlier.to, 1)).toBe(later.from)
})
it('stretches are the days of their span, each in one of them', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 3000 }),
      fc.integer({ min: 0, max: 900 }),
      fc.integer({ min: 0, max: 6 }),
      (first, length, weekStartsOn) => {
        const from = addDays(day('2020-01-01'), first)
        const span = { from, to: addDays(from, length) }
        const stretches = stretchesOf(span, weekStartsOn)
        expect(stretches.flatMap(daysOf)).toEqual(daysOf(span))
        expect(stretches.length).toBeLessThanOrEqual(Math.max(31, daysBetween(span.from, span.to) / 28 + 2))
      },
    ),
    { numRuns: 100, seed: 3 },
  ))
it('nothing between a day and an earlier one', () =>
  expect(stretchesOf({ from: day('2026-03-11'), to: day('2026-03-10') }, 0)).toEqual([]))

it('what its groups were done in is what the whole was, in every stretch', () =>
  fc.assert(
    fc.property(
      fc.array(
        fc.array(
          fc.tuple(
            fc.nat(30),
            fc.option(fc.integer({ min: 1, max: 300 })),
            fc.constantFrom('', 'a', 'b', 'a b'),
          ),
          { maxLength: 6 },
        ),
        { minLength: 1, maxLength: 20 },
      ),
      (given) => {
        let made = 0
        const all = given.map((parts) =>
          // A few came of a repeat: the first bears the name of the series.
          parts.map(([id, minutes, key]) => part(++made, minutes, key, id < 5 ? 'action:1' : undefined)),
        )
        const days = all.map((parts, at) => dayOf(addDays(day('2026-01-01'), at), parts))
        const back = lookBackOn(days, (at) => Math.floor(at / 7), 3)
        const sum = (numbers: readonly number[]) => numbers.reduce((total, each) => total + each, 0)
        expect(sum(back.groups.map(({ minutes }) => minutes))).toBe(back.doneMinutes)
        expect(sum(back.days.map(({ doneMinutes }) => doneMinutes))).toBe(back.doneMinutes)
        for (const { bars, minutes } of back.groups) expect(sum(bars)).toBe(minutes)
        ;[0, 1, 2].forEach((stretch) =>
          expect(sum(back.groups.map(({ bars }) => bars[stretch] ?? 0))).toBe(
            sum(back.days.filter((_, at) => Math.floor(at / 7) === stretch).map((each) => each.doneMinutes)),
          ),
        )
        expect(back.groups.flatMap(({ ids }) => ids())).toHaveLength(given.flat().length)
        expect(back.outcomes).toBe(new Set(all.flat().map(({ series }) => series)).size)
        for (const { key, outcomes } of back.groups) {
          const own = all.flat().filter((each) => each.key === key)
          expect(outcomes).toBe(new Set(own.map(({ series }) => series)).size)
        }
      },
    ),
    { numRuns: 100, seed: 9 },
  ))
it('what came back thirty times is one outcome, and all its minutes', () => {
  const days = daysOf({ from: day('2026-03-01'), to: day('2026-03-30') }).map((date, at) =>
    dayOf(date, [part(at, 5, 'a', 'action:0')]),
  )
  expect(lookBackOn(days, () => 0, 1)).toMatchObject({
    outcomes: 1,
    doneMinutes: 150,
    estimatedMinutes: 75,
    groups: [{ key: 'a', outcomes: 1, minutes: 150 }],
  })
})
it('a year without a single action is told as such', () =>
  expect(lookBackOn([dayOf(day('2026-03-01'), [])], () => 0, 1)).toMatchObject({
    outcomes: 0,
    doneMinutes: 0,
    plannedMinutes: null,
    groups: [],
  }))
