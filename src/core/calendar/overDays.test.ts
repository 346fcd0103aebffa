import fc from 'fast-check'
import { addDays, calendarDateUnsafe, epochMsAt } from '../time'
import { eventsOnDay } from './eventsOnDay'
import { barsInRow, laidOverDays } from './overDays'

const zone = 'Europe/London'
const first = calendarDateUnsafe('2026-03-23')
// The clock changes on the 29th: a day of 23 hours is among them.
const dates = Array.from({ length: 14 }, (_, ahead) => addDays(first, ahead))
const at = (day: number, minute: number) => epochMsAt({ date: addDays(first, day), minute }, zone)
const event = (from: number, to: number, isAllDay = false) => ({ fromEpochMs: from, toEpochMs: to, isAllDay })

it('what has its hours stands under its day, what takes whole days is a bar', () => {
  const call = event(at(1, 600), at(1, 630))
  const late = event(at(2, 1380), at(3, 60))
  const leave = event(at(5, 0), at(8, 0), true)
  const { timed, bars } = laidOverDays([call, late, leave], dates, zone)
  expect(timed.map((of) => of.length)).toEqual([0, 1, 1, 1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0])
  expect(bars).toEqual([{ event: leave, from: 5, to: 7 }])
})

it('what reaches over an edge is told to have begun, or to go on', () => {
  const { bars } = laidOverDays([event(at(-3, 0), at(9, 0), true)], dates, zone)
  expect(barsInRow(bars, 0, 7)).toEqual([
    expect.objectContaining({ from: 0, to: 6, lane: 0, isBegun: false, goesOn: true }),
  ])
  expect(barsInRow(bars, 7, 7)).toEqual([
    expect.objectContaining({ from: 0, to: 1, lane: 0, isBegun: true, goesOn: false }),
  ])
})

const someEvents = fc.array(
  fc
    .tuple(
      fc.integer({ min: -3, max: 16 }),
      fc.integer({ min: 0, max: 1439 }),
      fc.integer({ min: 0, max: 6000 }),
    )
    .map(([day, minute, length]) => event(at(day, minute), at(day, minute) + length * 60_000)),
  { maxLength: 40 },
)
it('every event is on exactly the days it touches, as a day alone shows it', () => {
  fc.assert(
    fc.property(someEvents, (events) => {
      const { timed, bars } = laidOverDays(events, dates, zone)
      dates.forEach((date, day) => {
        const here = [
          ...(timed[day] ?? []),
          ...bars.filter(({ from, to }) => from <= day && to >= day).map((bar) => bar.event),
        ]
        expect(new Set(here)).toEqual(new Set(eventsOnDay(events, date, zone)))
      })
    }),
  )
})

it('no two bars of one lane share a day, and none is missing', () => {
  fc.assert(
    fc.property(someEvents, (events) => {
      const { bars } = laidOverDays(events, dates, zone)
      const row = barsInRow(bars, 7, 7)
      expect(row).toHaveLength(bars.filter(({ from, to }) => from <= 13 && to >= 7).length)
      const taken = row.flatMap(({ from, to, lane }) =>
        Array.from({ length: to - from + 1 }, (_, ahead) => `${lane} ${from + ahead}`),
      )
      expect(new Set(taken).size).toBe(taken.length)
    }),
  )
})
