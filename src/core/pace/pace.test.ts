import fc from 'fast-check'
import { makeRandom } from '../random'
import { addDays, calendarDateUnsafe, daysBetween, epochMsAt } from '../time'
import { enoughToTell, finishRange, weekEdges, weeklyMinutes } from '.'

const today = calendarDateUnsafe('2026-03-11')
const zone = 'Europe/London'
const at = (date: string, minute = 0) => epochMsAt({ date: calendarDateUnsafe(date), minute }, zone)
const done = (date: string, minutes: number, minute = 720) => ({ doneAtEpochMs: at(date, minute), minutes })

describe('the minutes of the last weeks', () => {
  it('are those of seven days each, the last ending with today, from the first that had any', () => {
    const record = [
      done('2026-02-19', 10),
      done('2026-03-04', 20),
      done('2026-03-05', 40),
      done('2026-03-11', 5, 1439),
    ]
    expect(weeklyMinutes(record, weekEdges(today, zone, 4))).toEqual([10, 20, 45])
    expect(weeklyMinutes([...record, done('2025-11-01', 1)], weekEdges(today, zone, 4))).toEqual([
      0, 10, 20, 45,
    ])
    expect(weeklyMinutes([], weekEdges(today, zone, 4))).toEqual([])
  })
  it('go by the wall clock of the zone, also over the change of the clock', () => {
    const late = { doneAtEpochMs: Date.UTC(2026, 2, 28, 23, 30), minutes: 7 }
    const sunday = calendarDateUnsafe('2026-03-29')
    expect(weeklyMinutes([late], weekEdges(addDays(sunday, 6), zone, 2))).toEqual([7, 0])
    expect(weeklyMinutes([late], weekEdges(addDays(sunday, 6), 'Europe/Berlin', 2))).toEqual([7])
  })
  it.each<[number[], number, boolean]>([
    [[10, 0, 20, 5], 5, true],
    [[10, 20, 5], 9, false],
    [[10, 0, 20, 5], 4, false],
    [[0, 0, 0, 0], 9, false],
    [[], 0, false],
  ])('of %j with %i done are enough to tell: %s', (weeks, count, enough) =>
    expect(enoughToTell(weeks, count)).toBe(enough),
  )
})

describe('the range in which something will be over', () => {
  const asked = (toDoMinutes: number, weeks: number[], runs?: number) =>
    finishRange({ toDoMinutes, weeks }, today, makeRandom(7), runs)
  it('is a single day where every week was the same', () => {
    expect(asked(240, [60, 60, 60, 60])).toEqual({ from: '2026-04-08', to: '2026-04-08' })
    expect(asked(30, [60, 60, 60, 60])).toEqual({ from: '2026-03-15', to: '2026-03-15' })
  })
  it('leaves out a tenth of the runs before it and a tenth after it', () => {
    // Every other week is one in which it is over: half of the runs take one week, 94 of a hundred at most four.
    expect(asked(60, [0, 60])).toEqual({ from: '2026-03-18', to: '2026-04-08' })
  })
  it('is the same for the same seed, and wide where weeks were unlike', () => {
    const [range, again] = [asked(300, [0, 20, 180, 40]), asked(300, [0, 20, 180, 40])]
    expect(range).toEqual(again)
    expect(daysBetween(range?.from ?? today, range?.to ?? today)).toBeGreaterThan(14)
  })
  it('holds eight of ten runs', () => {
    const weeks = [0, 30, 60, 90, 150]
    const range = asked(600, weeks)
    const random = makeRandom(99)
    let inside = 0
    for (let run = 0; run < 2000; run++) {
      const one = finishRange({ toDoMinutes: 600, weeks }, today, random, 1)
      if (range?.to && one?.to && one.to >= range.from && one.to <= range.to) inside++
    }
    expect(inside / 2000).toBeGreaterThan(0.76)
    expect(inside / 2000).toBeLessThan(0.88)
  })
  it('has no end within two years where the pace is too slow, and says nothing where there is none', () => {
    expect(asked(14_000, [0, 0, 0, 600])?.to).toBeNull()
    expect(asked(1_000_000, [1, 0, 0, 0])).toBeNull()
    expect([asked(60, [0, 0]), asked(60, []), asked(0, [60])]).toEqual([null, null, null])
    // Two years are 104 weeks: what takes them all is told, a minute more is not.
    expect([asked(60 * 104, [60])?.from, asked(60 * 104 + 1, [60])]).toEqual([addDays(today, 7 * 104), null])
  })
  it('is never before today, and more to do is never over earlier', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5000 }),
        fc.integer({ min: 0, max: 5000 }),
        fc.array(fc.integer({ min: 0, max: 600 }), { minLength: 1, maxLength: 12 }),
        (minutes, more, weeks) => {
          const [less, greater] = [asked(minutes, weeks, 60), asked(minutes + more, weeks, 60)]
          if (!less) return expect(greater).toBeNull()
          expect(less.from > today && (less.to === null || less.to >= less.from)).toBe(true)
          if (greater) expect(greater.from >= less.from).toBe(true)
        },
      ),
      { seed: 5, numRuns: 150 },
    ))
})
