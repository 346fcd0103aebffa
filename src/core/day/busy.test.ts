import fc from 'fast-check'
import { gapsIn, joined, minutesIn, within, type Interval } from './busy'
import { loadAt, loadOf, minutesLeft, roomIn } from './load'

const minute = fc.integer({ min: 0, max: 1440 })
const interval = fc.tuple(minute, minute).map(([from, to]): Interval => ({ from, to }))
const isIn =
  (at: number) =>
  ({ from, to }: Interval) =>
    from <= at && at < to

it('gaps and what is taken make up the span, whatever overlaps, and share nothing', () => {
  fc.assert(
    fc.property(fc.array(interval, { maxLength: 12 }), interval, (taken, span) => {
      const busy = joined(taken)
      const gaps = gapsIn(busy, span)
      for (let at = 0; at < 1440; at += 7) {
        const isTaken = taken.some(isIn(at))
        expect(busy.some(isIn(at))).toBe(isTaken)
        expect(gaps.some(isIn(at))).toBe(isIn(at)(span) && !isTaken)
      }
      expect(minutesIn(gaps) + minutesIn(within(busy, span))).toBe(Math.max(0, span.to - span.from))
    }),
    { numRuns: 200, seed: 3 },
  )
})

const size = { availableMinutes: 300, hours: [{ from: 480, to: 1080 }] }
it.each([
  ['with nothing taken the cap', [], 300],
  [
    'what is taken outside the day takes nothing',
    [
      { from: 0, to: 470 },
      { from: 1080, to: 1200 },
    ],
    300,
  ],
  ['the cap, where enough is left beside it', [{ from: 540, to: 840 }], 300],
  ['what is left of the day, where that is less', [{ from: 540, to: 960 }], 180],
  ['nothing, on a day that is taken whole', [{ from: 0, to: 1440 }], 0],
])('%s can be given to actions', (_, busy, expected) => {
  expect(roomIn({ ...size, busy })).toBe(expected)
  expect(loadOf([], roomIn({ ...size, busy })).availableMinutes).toBe(expected)
})
it('on the day itself what is taken ahead is not left, and what is over takes nothing any longer', () => {
  const busy = [
    { from: 540, to: 600 },
    { from: 900, to: 1020 },
  ]
  expect(minutesLeft({ ...size, busy }, 0, 960)).toBe(60)
  expect(minutesLeft({ ...size, busy }, 0, 1020)).toBe(60)
  expect(minutesLeft({ ...size, busy }, 0, 840)).toBe(120)
  expect(minutesLeft({ ...size, busy }, 250, 600)).toBe(50)
  expect(loadAt([], 0, { ...size, busy }, 960)).toMatchObject({ availableMinutes: 60, isPartly: true })
  expect(loadAt([], 0, { ...size, busy: [{ from: 540, to: 960 }] }, 0)).toMatchObject({
    availableMinutes: 180,
    isPartly: false,
  })
})
