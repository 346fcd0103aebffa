import type { Action } from '../record'
import { plainAction } from '../testing/plainAction'
import { calendarDateUnsafe } from '../time'
import { patchFor, sharedOf } from './together'

const [wednesday, friday, monday] = ['2026-03-11', '2026-03-13', '2026-03-16'].map(calendarDateUnsafe) as [
  ReturnType<typeof calendarDateUnsafe>,
  ReturnType<typeof calendarDateUnsafe>,
  ReturnType<typeof calendarDateUnsafe>,
]
const one: Action = { ...plainAction, minutes: 20, weight: 'must', contextIds: ['context:a', 'context:b'] }
const two: Action = { ...plainAction, minutes: 20, weight: 'could', contextIds: ['context:b', 'context:c'] }
const due = { date: friday, time: null }

it('is what is the same in all of them', () => {
  expect(sharedOf([one, two])).toMatchObject({ minutes: 20, weight: 'should', contextIds: ['context:b'] })
  expect(sharedOf([one])).toMatchObject({ weight: 'must', contextIds: one.contextIds })
  expect(sharedOf([])).toMatchObject({ minutes: null, contextIds: [] })
})
it('changes lists by what was added and taken away, and leaves each its own', () => {
  const shared = sharedOf([one, two])
  const patch = { contextIds: ['context:d' as const] }
  expect(patchFor(one, 'contextIds', patch, shared, wednesday)).toEqual({
    contextIds: ['context:a', 'context:d'],
  })
  expect(patchFor(two, 'contextIds', patch, shared, wednesday)).toEqual({
    contextIds: ['context:c', 'context:d'],
  })
})
it('lays each on the day as it stands: what is promised earlier moves along', () => {
  const shared = sharedOf([one, two])
  expect(patchFor({ ...one, due }, 'day', { day: monday }, shared, wednesday)).toEqual({
    day: monday,
    due: { date: monday, time: null },
  })
  expect(patchFor(two, 'day', { day: monday }, shared, wednesday)).toEqual({ day: monday, due: null })
  expect(patchFor({ ...one, day: wednesday }, 'horizon', { horizon: 'shelf' }, shared, wednesday)).toEqual({
    horizon: 'shelf',
    day: null,
  })
  expect(patchFor(one, 'horizon', { horizon: 'week', day: wednesday }, shared, wednesday)).toEqual({
    horizon: 'week',
    day: wednesday,
  })
})
