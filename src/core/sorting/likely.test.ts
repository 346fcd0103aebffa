import fc from 'fast-check'
import type { Action, Id } from '../record'
import { plainAction } from '../testing/plainAction'
import { likelyFor, tellingWords } from './likely'

let count = 0
const earlier = (title: string, more: Partial<Action> = {}): Action => ({
  ...plainAction,
  id: `action:e${count++}`,
  title,
  ...more,
})
const [phone, desk] = ['context:phone', 'context:desk'] as Id<'context'>[]
const past = [
  ...Array.from({ length: 20 }, () =>
    earlier('Answer the post', { contextIds: [desk!], minutes: 30, areaId: 'area:office' }),
  ),
  earlier('Ring the tile maker about absorber samples', {
    contextIds: [phone!],
    minutes: 20,
    projectId: 'project:hall',
  }),
  earlier('Order the absorbers for the hall', {
    contextIds: [phone!],
    minutes: 10,
    projectId: 'project:hall',
  }),
]

it('takes the words that tell something, each once', () => {
  expect(tellingWords('Ring the Tile maker about the tile, and send it (A4)')).toEqual([
    'ring',
    'tile',
    'maker',
  ])
  expect(tellingWords('')).toEqual([])
})
it('puts what shares rare words before what is only usual, and says why', () => {
  const likely = likelyFor('chase the absorber samples', past)
  expect(likely.shelfIds).toEqual(['project:hall', 'area:office'])
  expect(likely.contextIds).toEqual([phone, desk])
  expect(likely.minutes.slice(0, 2)).toEqual([20, 10])
  expect([...likely.because].sort()).toEqual(['absorber', 'samples'])
})
it('falls back on the usual without giving a reason', () => {
  expect(likelyFor('water the fern', past)).toEqual({
    contextIds: [desk, phone],
    shelfIds: ['area:office', 'project:hall'],
    minutes: [30, 10, 20],
    because: [],
  })
  expect(likelyFor('water the fern', [])).toEqual({ contextIds: [], shelfIds: [], minutes: [], because: [] })
})
it('does not depend on the order in which the earlier ones come', () => {
  fc.assert(
    fc.property(fc.shuffledSubarray(past, { minLength: past.length }), (shuffled) => {
      const [a, b] = [likelyFor('absorber post', shuffled), likelyFor('absorber post', past)]
      expect(a.shelfIds).toEqual(b.shelfIds)
      expect(a.because).toEqual(b.because)
    }),
    { seed: 7, numRuns: 50 },
  )
})
