import { calendarDateUnsafe } from '../time'
import { dayAsItWent, daysTogether } from '.'

const day = calendarDateUnsafe('2026-03-10')
const plan = {
  plannedAtEpochMs: 1,
  planned: { 'action:a': { title: 'A', minutes: 60 }, 'action:b': { title: 'B', minutes: null } },
}
const done = [
  { id: 'action:a', minutes: 75 },
  { id: 'action:c', minutes: 20 },
  { id: 'action:d', minutes: null },
] as const

it('what had been planned is told from what was done besides', () =>
  expect(dayAsItWent(day, plan, done)).toEqual({
    date: day,
    plannedMinutes: 60,
    doneMinutes: 95,
    asPlannedMinutes: 75,
    doneCount: 3,
  }))

it('a day that was not planned beforehand has no planned minutes, which is not none of them', () => {
  const unplanned = dayAsItWent(day, undefined, done)
  expect(unplanned).toMatchObject({ plannedMinutes: null, doneMinutes: 95, asPlannedMinutes: 0 })
  expect(dayAsItWent(day, { ...plan, plannedAtEpochMs: null }, done)).toEqual(unplanned)
  expect(daysTogether([unplanned, unplanned]).plannedMinutes).toBeNull()
  expect(daysTogether([unplanned, dayAsItWent(day, plan, done)])).toEqual({
    plannedMinutes: 60,
    doneMinutes: 190,
    asPlannedMinutes: 75,
    doneCount: 6,
  })
})
