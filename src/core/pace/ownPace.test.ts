import fc from 'fast-check'
import { atPace, lengthGroup, ownPaceOf, paceToTell, type Taken } from './ownPace'

const some = (count: number, ratio: number, ...groups: string[]): Taken[] =>
  Array.from({ length: count }, () => ({ estimated: 30, taken: 30 * ratio, groups }))
const factor = (all: readonly Taken[], group: string | null) => ownPaceOf(all, group)?.factor ?? NaN

it('is what the ratios are in the middle, once there are many', () => {
  expect(factor(some(400, 1.5, 'site'), 'site')).toBeCloseTo(1.5, 1)
  // Twice as long and half as long weigh the same.
  expect(factor([...some(50, 2), ...some(50, 0.5)], null)).toBeCloseTo(1, 10)
})
it('is drawn toward the overall one while there is little to go by', () => {
  const all = [...some(200, 1, 'desk'), ...some(6, 2, 'site')]
  const few = factor(all, 'site')
  expect(few).toBeGreaterThan(1.2)
  expect(few).toBeLessThan(1.6)
  expect(factor([...all, ...some(60, 2, 'site')], 'site')).toBeGreaterThan(few)
})
it('one that ran over night moves it no more than five times as long does', () =>
  expect(factor([...some(20, 1), { estimated: 10, taken: 900, groups: [] }], null)).toBe(
    factor([...some(20, 1), { estimated: 10, taken: 50, groups: [] }], null),
  ))
it('tells of the first group that is known well enough, and nothing where estimates are good', () => {
  const all = [...some(23, 1.6, 'site'), ...some(40, 1, 'desk'), ...some(4, 3, 'phone')]
  expect(paceToTell(all, ['site', 'desk'])).toMatchObject({ group: 'site', count: 23 })
  expect(paceToTell(all, ['desk', 'site'])).toBeNull()
  // Four are too few: everything together is asked, and is close enough.
  expect(paceToTell([...some(40, 1, 'desk'), ...some(4, 3, 'phone')], ['phone'])).toBeNull()
  expect(paceToTell(some(30, 0.6, 'desk'), ['phone'])).toMatchObject({ group: null, count: 30 })
  expect(paceToTell([], ['site'])).toBeNull()
  expect(paceToTell([{ estimated: 0, taken: 20, groups: ['site'] }], ['site'])).toBeNull()
})
it('lies between the overall factor and that of its own, whatever was taken', () => {
  const taken = fc.record({
    estimated: fc.integer({ min: 1, max: 600 }),
    taken: fc.integer({ min: 1, max: 2000 }),
    groups: fc.constantFrom<string[]>(['a'], []),
  })
  fc.assert(
    fc.property(fc.array(taken, { minLength: 1, maxLength: 40 }), (all) => {
      const own = all.filter(({ groups }) => groups.length > 0)
      fc.pre(own.length > 0)
      const alone = Math.exp(
        own.reduce(
          (sum, each) => sum + Math.log(Math.min(5, Math.max(0.2, each.taken / each.estimated))),
          0,
        ) / own.length,
      )
      const [low, high] = [alone, factor(all, null)].sort((a, b) => a - b) as [number, number]
      const found = factor(all, 'a')
      expect(found).toBeGreaterThanOrEqual(low - 1e-9)
      expect(found).toBeLessThanOrEqual(high + 1e-9)
    }),
  )
})
it.each([
  [60, 1.4, 85],
  [5, 0.6, 5],
  [15, 1.1, 15],
])('%i minutes at %d times are said as %i', (minutes, times, said) =>
  expect(atPace(minutes, { factor: times })).toBe(said),
)
it.each([
  [20, 'short'],
  [21, 'middling'],
  [61, 'long'],
])('%i minutes are %s', (minutes, group) => expect(lengthGroup(minutes)).toBe(group))
