import fc from 'fast-check'
import { compareTexts, isRank, rankBetween, rankOfNumber, ranksInOrder } from '.'

const run = { seed: 5, numRuns: 300 }

it('has the order of the numbers it was made from', () => {
  const number = fc.integer({ min: 0, max: 2e14 })
  fc.assert(
    fc.property(number, number, (a, b) => {
      expect(compareTexts(rankOfNumber(a), rankOfNumber(b))).toBe(Math.sign(a - b))
      expect(isRank(rankOfNumber(a))).toBe(true)
    }),
    run,
  )
})
it('always finds a place between two neighbours, so that one move writes one record', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(1000), { minLength: 1, maxLength: 60 }), (places) => {
      const ranks = ranksInOrder(2)
      for (const place of places) {
        const at = 1 + (place % (ranks.length - 1))
        const between = rankBetween(ranks[at - 1] ?? null, ranks[at] ?? null)
        expect(isRank(between)).toBe(true)
        ranks.splice(at, 0, between as string)
      }
      expect([...ranks].sort(compareTexts)).toEqual(ranks)
      expect(new Set(ranks).size).toBe(ranks.length)
    }),
    run,
  )
})
it.each([
  ['the same rank twice', 'a1', 'a1'],
  ['the wrong order', 'a2', 'a1'],
  ['no rank', '🎈', null],
])('says that there is no place between: %s', (_, before, after) =>
  expect(rankBetween(before, after)).toBeNull(),
)
it.each(['', 'a', '!', 'a0'.repeat(200), 1, null, 'a00'])('%p is no rank', (value) =>
  expect(isRank(value)).toBe(false),
)
it.each([Number.NaN, -5, Infinity])('%p has a rank all the same', (number) =>
  expect(isRank(rankOfNumber(number))).toBe(true),
)
