import fc from 'fast-check'
import { laidOnDay } from '../action'
import { plainAction } from '../testing/plainAction'
import { addDays, calendarDateUnsafe } from '../time'
import { leftAtClose } from './closing'

const today = calendarDateUnsafe('2026-03-11')
const day = fc.integer({ min: -5, max: 5 }).map((away) => addDays(today, away))
const when = fc.option(day.map((date) => ({ date, time: null })))

it('a promise is never moved by closing the day: what goes to tomorrow by itself keeps its due day and its fixed time', () => {
  fc.assert(
    fc.property(fc.array(fc.record({ due: when, at: when, day: fc.option(day) })), (fields) => {
      const actions = fields.map((each, at) => ({ ...plainAction, ...each, id: `action:${at}` as const }))
      const { planned, promised } = leftAtClose(actions, today)
      expect(planned.length + promised.length).toBe(actions.length)
      for (const action of planned) {
        const { due = action.due, at = action.at } = laidOnDay(action, addDays(today, 1))
        expect([due, at]).toEqual([action.due, action.at])
      }
      for (const { due, at } of promised)
        expect((due !== null && due.date <= today) || at !== null).toBe(true)
    }),
    { seed: 21, numRuns: 400 },
  )
})
