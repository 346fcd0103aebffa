import fc from 'fast-check'
import { plainAction } from '../testing/plainAction'
import { loadAt, minutesLeft, type DaySize } from './load'
import { tapeOf } from './tapeOf'

const size: DaySize = { availableMinutes: 300, hours: [{ from: 480, to: 1080 }] }

it.each<[string, number, number, number]>([
  ['before the day begins', 0, 400, 300],
  ['in the morning with nothing done', 0, 540, 300],
  ['at 17:05 with nothing done', 0, 17 * 60 + 5, 55],
  ['at 17:05 with almost all of it done', 290, 17 * 60 + 5, 10],
  ['after the end', 0, 1100, 0],
  ['when more was done than the day had', 400, 540, 0],
])('what is left %s', (_, done, minute, left) => expect(minutesLeft(size, done, minute)).toBe(left))

it('what is done counts, and what is left is measured against it', () => {
  const load = loadAt([{ ...plainAction, minutes: 90 }], 120, size, 17 * 60)
  expect(load).toEqual({
    plannedMinutes: 90,
    availableMinutes: 60,
    overMinutes: 30,
    withoutMinutes: 0,
    doneMinutes: 120,
    isPartly: true,
  })
})

const date = '2026-03-11' as never
const planned = fc.array(
  fc.record({
    minutes: fc.option(fc.integer({ min: 1, max: 240 })),
    at: fc.option(fc.integer({ min: 0, max: 1439 })),
  }),
  { maxLength: 12 },
)
const clock = (minute: number) =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}` as never

it('the tape has every planned minute once, what is fixed at its hour, and says too much as the load does', () => {
  fc.assert(
    fc.property(planned, fc.integer({ min: 0, max: 1439 }), (some, minute) => {
      const actions = some.map(({ minutes, at }, index) => ({
        ...plainAction,
        id: `action:${index}` as const,
        minutes,
        at: at === null ? null : { date, time: clock(at) },
      }))
      const load = loadAt(actions, 0, size, minute)
      const { pieces } = tapeOf({
        size,
        minute,
        date,
        planned: actions,
        done: [],
        availableMinutes: load.availableMinutes,
      })
      expect(pieces.reduce((sum, { from, to }) => sum + to - from, 0)).toBe(load.plannedMinutes)
      expect(pieces.reduce((sum, { to, fitsTo }) => sum + to - fitsTo, 0)).toBe(load.overMinutes)
      for (const { kind, id, from } of pieces) {
        const { at } = some[Number(id.split(':')[1])] ?? { at: null }
        if (at !== null && at >= minute) expect([kind, from]).toEqual(['fixed', at])
        else expect(from).toBeGreaterThanOrEqual(Math.max(minute, 480))
      }
      // What is not fixed lies on nothing else.
      const loose = pieces.filter(({ kind }) => kind === 'planned')
      for (const piece of loose)
        for (const other of pieces)
          if (other !== piece) expect(piece.to <= other.from || piece.from >= other.to).toBe(true)
    }),
    { seed: 21, numRuns: 200 },
  )
})

it('what was done ends where it was ticked, none over another', () => {
  const done = (id: string, doneAtMinute: number, doneMinutes: number) => ({
    ...plainAction,
    id: `action:${id}` as const,
    doneMinutes,
    doneAtMinute,
  })
  const { pieces, startsAtMinute } = tapeOf({
    size,
    minute: 600,
    date,
    planned: [],
    done: [done('late', 590, 60), done('early', 550, 90), done('at once', 550, 10)],
    availableMinutes: 0,
  })
  expect(pieces.map(({ id, from, to }) => [id, from, to])).toEqual([
    ['action:early', 460, 550],
    ['action:late', 550, 590],
  ])
  expect(startsAtMinute).toBe(460)
})
