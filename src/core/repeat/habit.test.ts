import fc from 'fast-check'
import { addDays, calendarDateUnsafe as day, type CalendarDate } from '../time'
import { habitDays, habitMonths, runsIn, type HabitMark } from './habit'

const start = day('2026-02-20')
const days = Array.from({ length: 20 }, (_, index) => addDays(start, index))
const at = (index: number) => days[index] as CalendarDate
const tick = (turn: number, doneOn = turn) => ({ turn: at(turn), doneOn: at(doneOn) })
const marks = (...args: Parameters<typeof habitDays>) => habitDays(...args).map(({ mark }) => mark)

it('a day is done, missed or skipped, and the latest is open', () => {
  expect(marks(days.slice(0, 5), [tick(0), tick(3)], [at(1)])).toEqual([
    'done',
    'skipped',
    'missed',
    'done',
    'open',
  ])
})
it('a tick that comes late counts for the latest day, and what passed before it is missed', () => {
  expect(marks(days.slice(0, 4), [tick(0, 2)], [])).toEqual(['missed', 'missed', 'done', 'open'])
})
it('a tick ahead of its day counts for that day', () => {
  expect(marks(days.slice(0, 3), [tick(0), tick(2, 1)], [])).toEqual(['done', 'missed', 'done'])
})
it('between two days of a weekly rule a tick counts for the one before', () => {
  const weeks = [at(0), at(7), at(14)]
  expect(
    marks(
      weeks,
      [
        { turn: at(0), doneOn: at(3) },
        { turn: at(7), doneOn: at(13) },
      ],
      [],
    ),
  ).toEqual(['done', 'done', 'open'])
})

it.each<[HabitMark[], { now: number; best: number }]>([
  [[], { now: 0, best: 0 }],
  [['done', 'done', 'missed', 'done', 'open'], { now: 1, best: 2 }],
  [['done', 'skipped', 'done'], { now: 2, best: 2 }],
  [['done', 'missed'], { now: 0, best: 1 }],
])('%j is a run of %j', (all, runs) => {
  expect(runsIn(all.map((mark, index) => ({ day: at(index), mark })))).toEqual(runs)
})
it('months count what was done and missed, the latest first', () => {
  const all = habitDays(days, [tick(0), tick(10), tick(12)], [at(11)])
  expect(habitMonths(all)).toEqual([
    { month: '2026-03', done: 2, of: 9 },
    { month: '2026-02', done: 1, of: 9 },
  ])
})
it('every day has one mark, no more are done than ticks, and a best run is no shorter than the present one', () => {
  const place = fc.nat(19)
  const ticks = fc.array(fc.tuple(place, place).map(([turn, doneOn]) => tick(turn, doneOn)))
  fc.assert(
    fc.property(ticks, fc.array(place.map(at)), fc.integer({ min: 1, max: 20 }), (ticked, skips, until) => {
      const all = habitDays(days.slice(0, until), ticked, skips)
      expect(all.map((each) => each.day)).toEqual(days.slice(0, until))
      expect(all.filter(({ mark }) => mark === 'done').length).toBeLessThanOrEqual(ticked.length)
      expect(all.slice(0, -1).some(({ mark }) => mark === 'open')).toBe(false)
      const { now, best } = runsIn(all)
      expect(best).toBeGreaterThanOrEqual(now)
    }),
    { seed: 64, numRuns: 200 },
  )
})
