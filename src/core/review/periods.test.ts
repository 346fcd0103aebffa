import fc from 'fast-check'
import { reviewRhythms } from '../record'
import { addDays, calendarDateUnsafe } from '../time'
import { isDue, periodBefore, periodOf, periodToReview } from './periods'

const day = calendarDateUnsafe

it.each([
  ['week', '2026-03-11', '2026-03-09', '2026-03-15'],
  ['month', '2026-03-11', '2026-02-01', '2026-02-28'],
  // Nearly over is over.
  ['month', '2026-03-28', '2026-03-01', '2026-03-31'],
  ['quarter', '2026-03-11', '2025-10-01', '2025-12-31'],
  ['quarter', '2026-03-22', '2026-01-01', '2026-03-31'],
  ['year', '2026-03-11', '2025-01-01', '2025-12-31'],
  ['year', '2026-12-12', '2026-01-01', '2026-12-31'],
] as const)('the %s to review on %s', (rhythm, today, from, to) =>
  expect(periodOf(rhythm, periodToReview(rhythm, day(today)))).toEqual({ from, to }),
)
it('every time follows the one before it without a gap', () =>
  fc.assert(
    fc.property(fc.constantFrom(...reviewRhythms), fc.integer({ min: 0, max: 20_000 }), (rhythm, ahead) => {
      const from = periodToReview(rhythm, addDays(day('2000-01-01'), ahead))
      expect(addDays(periodOf(rhythm, periodBefore(rhythm, from)).to, 1)).toBe(from)
    }),
    { numRuns: 200, seed: 5 },
  ))
it('is due until it was finished, and never for a time before the first day', () => {
  const today = day('2026-03-11')
  const review = { rhythm: 'month', periodFrom: day('2026-02-01'), finishedAtEpochMs: null } as const
  expect(isDue('month', today, [], day('2026-02-28'))).toBe(true)
  expect(isDue('month', today, [], day('2026-03-01'))).toBe(false)
  expect(isDue('month', today, [], null)).toBe(false)
  expect(isDue('month', today, [review], day('2026-01-01'))).toBe(true)
  expect(isDue('month', today, [{ ...review, finishedAtEpochMs: 1 }], day('2026-01-01'))).toBe(false)
  expect(isDue('quarter', today, [{ ...review, finishedAtEpochMs: 1 }], day('2025-01-01'))).toBe(true)
})
