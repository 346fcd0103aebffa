import fc from 'fast-check'
import { likeness, rarity, stemsOf, duplicatesFrom } from './likeness'

const usual = new Set(['ring', 'order', 'write'])
const rarityOf = (stem: string) => (usual.has(stem) ? rarity(40, 100) : rarity(1, 100))
const alike = (a: string, b: string) => likeness(stemsOf(a), stemsOf(b), rarityOf)

it.each([
  ['Ring the tile maker about samples', 'ring the tile maker about samples by friday, 20 min'],
  ['ring the tile maker about samples', 'About the samples: ring the tile makers'],
  ['order felt panels', 'order the felt panles'],
  ['renew the parking permit', 'parking permit'],
  ['felt', 'Felt'],
  // Two signs off in a long word.
  ['varnish the corridor', 'varnish the korridur'],
])('“%s” and “%s” are duplicates', (a, b) => expect(alike(a, b)).toBeGreaterThanOrEqual(duplicatesFrom))

it.each([
  ['ring the tile maker about samples', 'ring the mill about the rent'],
  ['order felt panels', 'order felt'.replace('felt', 'cells')],
  ['write to Oda', 'write to Perrin'],
  ['felt', 'order felt'],
  ['felt', 'order felt and glue for the panels'],
  ['by friday 20 min', 'by friday 20 min'],
  ['', 'anything'],
])('“%s” and “%s” are none', (a, b) => expect(alike(a, b)).toBeLessThan(duplicatesFrom))

it('lies between 0 and 1, is symmetric, and is 1 for the same words in any order', () => {
  const words = fc.array(fc.constantFrom('ring', 'felt', 'panels', 'panles', 'samples', 'hall', 'mill'), {
    maxLength: 6,
  })
  fc.assert(
    fc.property(words, words, (some, others) => {
      const [a, b] = [stemsOf(some.join(' ')), stemsOf(others.join(' '))]
      const found = likeness(a, b, rarityOf)
      expect(found).toBeGreaterThanOrEqual(0)
      expect(found).toBeLessThanOrEqual(1)
      expect(likeness(b, a, rarityOf)).toBeCloseTo(found)
      if (a.length > 0) expect(likeness(a, [...a].reverse(), rarityOf)).toBeCloseTo(1)
    }),
    { seed: 61, numRuns: 500 },
  )
})

it('looks at the first words of a text that goes on and on, whatever is in it', () => {
  const long = Array.from({ length: 3000 }, (_, index) => `word${index}x`).join(' ')
  expect(stemsOf(long)).toHaveLength(24)
  expect(alike(long, `${long} more`)).toBe(1)
  for (const hostile of ['\u202eflet\u200b', '🎈🎈🎈', '__proto__ constructor', 'ﷺ'.repeat(500)])
    expect(() => alike(hostile, hostile)).not.toThrow()
})
