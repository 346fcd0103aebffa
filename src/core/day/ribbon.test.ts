import fc from 'fast-check'
import { calendarDateUnsafe } from '../time'
import { minutesIn } from './busy'
import { elapsedOf, hoursOf, inLanes, lengthOfDay, ribbonOf, type RibbonThing } from './ribbon'

const london = 'Europe/London'
const thing = (id: string, from: number, to: number, more: Partial<RibbonThing> = {}): RibbonThing => ({
  id,
  title: id,
  kind: 'event',
  isFree: false,
  from,
  to,
  ...more,
})

it.each([
  ['2026-03-28', 1440, 540],
  ['2026-03-29', 1380, 480],
  ['2026-10-25', 1500, 600],
] as const)('%s has %d minutes, and nine o’clock lies %d into it', (text, length, nine) => {
  const date = calendarDateUnsafe(text)
  expect([lengthOfDay(date, london), elapsedOf(540, date, london), elapsedOf(1440, date, london)]).toEqual([
    length,
    nine,
    length,
  ])
})
it('names the hours as the clock shows them: one is missing, or comes twice', () => {
  const hours = (text: string) =>
    hoursOf(calendarDateUnsafe(text), london, { from: 0, to: 240 }).map(({ hour }) => hour)
  expect(hours('2026-03-29')).toEqual([0, 2, 3, 4, 5])
  expect(hours('2026-10-25')).toEqual([0, 1, 1, 2, 3])
})

const minute = fc.integer({ min: 0, max: 600 })
const some = fc
  .array(fc.tuple(minute, fc.integer({ min: 1, max: 200 })), { maxLength: 14 })
  .map((all) => all.map(([from, length], at) => thing(String(at), from, from + length)))
it('lays what overlaps side by side, and everything once', () => {
  fc.assert(
    fc.property(some, (things) => {
      const blocks = inLanes(things)
      expect(blocks.map(({ id }) => id).sort()).toEqual(things.map(({ id }) => id).sort())
      for (const a of blocks)
        for (const b of blocks) {
          if (a === b || a.to <= b.from || b.to <= a.from) continue
          expect(a.lane).not.toBe(b.lane)
          expect(a.lanes).toBe(b.lanes)
        }
      for (const { lane, lanes } of blocks) expect(lane).toBeLessThan(lanes)
    }),
    { numRuns: 200, seed: 5 },
  )
})
it('has no more lanes than are needed at once', () => {
  const lanes = inLanes([thing('a', 0, 60), thing('b', 30, 90), thing('c', 60, 120), thing('d', 200, 210)])
  expect(lanes.map(({ id, lane, lanes: of }) => [id, lane, of])).toEqual([
    ['a', 0, 2],
    ['b', 1, 2],
    ['c', 0, 2],
    ['d', 0, 1],
  ])
})
it('gaps are open work ahead: nothing on them, none too short, through what takes no time', () => {
  const things = [
    thing('early', 400, 470),
    thing('meeting', 570, 630),
    thing('holiday', 480, 1080, { isFree: true }),
    thing('done', 640, 700, { kind: 'done' }),
    thing('soon', 638, 650),
  ]
  const { from, to, gaps } = ribbonOf(things, [{ from: 480, to: 1080 }], 545, 10)
  expect([from, to]).toEqual([360, 1080])
  expect(gaps).toEqual([
    { from: 545, to: 570, seenFrom: 545 },
    { from: 650, to: 1080, seenFrom: 700 },
  ])
  expect(minutesIn(ribbonOf(things, [{ from: 480, to: 1080 }], null, 10).gaps)).toBe(90 + 430)
  expect(ribbonOf(things, [{ from: 480, to: 1080 }], 1100, 10).gaps).toEqual([])
  // A day off has the length of one, and nothing open.
  expect(ribbonOf([], [], null, 10)).toEqual({ from: 480, to: 1080, blocks: [], gaps: [] })
  const withBreak = [
    { from: 480, to: 720 },
    { from: 765, to: 1080 },
  ]
  expect(ribbonOf([], withBreak, 700, 10).gaps.map(({ from, to: end }) => [from, end])).toEqual([
    [700, 720],
    [765, 1080],
  ])
})
it('draws nothing over another: what is short lies beside what it would cover, and a gap begins behind it', () => {
  const things = [thing('short', 540, 545), thing('next', 550, 600), thing('last', 620, 640)]
  const { blocks, gaps } = ribbonOf(things, [{ from: 540, to: 700 }], null, 20)
  expect(blocks.map(({ id, lane, lanes }) => [id, lane, lanes])).toEqual([
    ['short', 0, 2],
    ['next', 1, 2],
    ['last', 0, 1],
  ])
  expect(gaps).toEqual([
    { from: 600, to: 620, seenFrom: 600 },
    { from: 640, to: 700, seenFrom: 640 },
  ])
})
