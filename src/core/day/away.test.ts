import fc from 'fast-check'
import { addDays, calendarDateUnsafe } from '../time'
import { awaySpans, daysOf } from './away'

const today = calendarDateUnsafe('2026-03-28')
const on = (day: number) => addDays(today, day)

it('days away are told in stretches, from today on: apart where a day is between, or they are for something else', () =>
  expect(
    awaySpans(
      [
        { date: on(2), away: 'Skye' },
        { date: on(-1), away: 'Skye' },
        { date: on(0), away: 'Skye' },
        { date: on(1), away: 'Skye' },
        { date: on(3), away: '' },
        { date: on(5), away: '' },
        { date: on(4), away: null },
      ],
      today,
    ),
  ).toEqual([
    { from: on(0), to: on(2), what: 'Skye' },
    { from: on(3), to: on(3), what: '' },
    { from: on(5), to: on(5), what: '' },
  ]))
it('the days of all stretches are the days away, each once', () =>
  fc.assert(
    fc.property(
      fc.uniqueArray(
        fc.record({ day: fc.integer({ min: -5, max: 40 }), what: fc.constantFrom('', 'Skye') }),
        {
          selector: ({ day }) => day,
          maxLength: 30,
        },
      ),
      (away) => {
        const plans = away.map(({ day, what }) => ({ date: on(day), away: what }))
        const told = awaySpans(plans, today).flatMap((span) => daysOf(span))
        expect(told).toEqual(
          plans
            .map(({ date }) => date)
            .filter((date) => date >= today)
            .sort(),
        )
      },
    ),
    { seed: 51, numRuns: 100 },
  ))
