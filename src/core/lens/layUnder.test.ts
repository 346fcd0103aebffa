import fc from 'fast-check'
import type { Action } from '../record'
import { addDays } from '../time'
import { plainAction } from '../testing/plainAction'
import { anyActionFields, lensToday as today, plainAround, someActions } from '../testing/lenses'
import { byDays } from './byDays'
import { groupKeyOf, scaleOf } from './groupKey'
import { groupFields, type GroupField } from './lens'
import { columnFields, layUnder, layUnderAll } from './layUnder'

// The shelves of a project stand as they are; an area alone has no group.
const around = {
  ...plainAround,
  shelfOf: (action: Action) =>
    action.projectId === null && action.areaId
      ? { areaId: action.areaId, groupId: null, side: null, isResting: false, place: 50 }
      : plainAround.shelfOf(action),
}
const day = (away: number) => addDays(today, away)
const action = (patch: Partial<Action>): Action => ({ ...plainAction, ...patch })
const waiting = { personId: 'person:1', whom: '', since: today, chaseOn: null, how: '', toSignOff: false }

const cases: [GroupField, string, Partial<Action>, sets: Partial<Action> | string][] = [
  ['horizon', 'today', {}, { day: today, horizon: 'week' }],
  ['horizon', 'someday', { day: day(-2) }, { day: null, horizon: 'someday' }],
  ['context', 'context:1', {}, { contextIds: ['context:1'] }],
  // What it can also be done with stays, as long as it then stands where it was laid.
  [
    'context',
    'context:0',
    { contextIds: ['context:1', 'context:2'] },
    { contextIds: ['context:0', 'context:2'] },
  ],
  ['context', 'context:3', { contextIds: ['context:1', 'context:2'] }, { contextIds: ['context:3'] }],
  ['context', '', { contextIds: ['context:1', 'context:2'] }, { contextIds: [] }],
  ['person', 'person:2', { personIds: ['person:0'] }, { personIds: ['person:2'] }],
  [
    'person',
    'person:2',
    { waiting } as Partial<Action>,
    { waiting: { ...waiting, personId: 'person:2' } as never },
  ],
  // Whom was said in words is no longer waited for.
  [
    'person',
    'person:2',
    { waiting: { ...waiting, personId: null, whom: 'the bank' } } as Partial<Action>,
    { waiting: { ...waiting, personId: 'person:2', whom: '' } as never },
  ],
  ['project', 'project:1', { areaId: 'area:0' }, { projectId: 'project:1', areaId: null }],
  ['project', '', { projectId: 'project:0' }, { projectId: null, areaId: 'area:0' }],
  ['area', 'area:3', { projectId: 'project:0' }, { areaId: 'area:3', projectId: null }],
  ['weight', 'must', {}, { weight: 'must' }],
  ['energy', '', { energy: 'deep' }, { energy: null }],
  ['minutes', '30', { minutes: 5 }, { minutes: 30 }],
  ['minutes', 'more', { minutes: 5 }, 'ask minutes'],
  [
    'day',
    'tomorrow',
    { due: { date: today, time: '17:00' } },
    { day: day(1), due: { date: day(1), time: '17:00' } },
  ],
  ['day', '', { day: day(3) }, { day: null, at: null }],
  ['day', 'week', { day: null }, 'ask day'],
  ['due', 'today', { due: { date: day(3), time: '09:00' } }, { due: { date: today, time: '09:00' } }],
  ['due', 'past', {}, 'not past'],
  // Off its day it would still stand under its promise.
  ['date', '', { due: { date: day(3), time: null }, day: day(1) }, 'not follows'],
  ['work', 'handOver', { payoff: 'much', craft: 'much' }, { payoff: 'much', craft: 'little' }],
  ['work', 'first', { payoff: 'little', craft: 'little' }, { payoff: 'some', craft: 'some' }],
  ['side', 'work', {}, 'not follows'],
  ['weight', 'should', {}, 'there'],
] as never

test.each(cases)('under %s “%s”', (field, key, patch, sets) => {
  const laid = layUnder(field, key, action(patch), around)
  const told = laid.kind === 'set' ? laid.patch : Object.values(laid).join(' ')
  expect(told).toEqual(sets)
})

const keysOf = (field: GroupField): string[] => [
  ...(scaleOf(field) ?? [0, 1, 2, 3].map((number) => `${field}:${number}`)),
  '',
]
/** What may change where something is laid under a heading of the field. */
const mayChange: Partial<Record<GroupField, readonly (keyof Action)[]>> = {
  context: ['contextIds'],
  person: ['personIds', 'waiting'],
  project: ['projectId', 'areaId'],
  area: ['projectId', 'areaId'],
  horizon: ['horizon', 'day'],
  day: ['day', 'at', 'due'],
  date: ['day', 'at', 'due'],
  work: ['payoff', 'craft'],
}

test('whatever is set, the action stands under that heading afterwards, and nothing else of it has changed', () => {
  const anyUnder = fc
    .constantFrom(...groupFields)
    .chain((field) => fc.constantFrom(...keysOf(field)).map((key) => [field, key] as const))
  let sets = 0
  fc.assert(
    fc.property(
      fc.uniqueArray(anyUnder, { minLength: 1, maxLength: 2, selector: ([field]) => field }),
      anyActionFields,
      (under, fields) => {
        const before = action(fields)
        const laid = layUnderAll(under, before, around)
        const stands = (of: Action) => under.every(([field, key]) => groupKeyOf(field, around)(of) === key)
        expect(laid.kind === 'there').toBe(stands(before))
        if (laid.kind !== 'set') return
        sets++
        expect(stands({ ...before, ...laid.patch })).toBe(true)
        const allowed = under.flatMap(([field]) => mayChange[field] ?? [field as keyof Action])
        expect(allowed).toEqual(expect.arrayContaining(Object.keys(laid.patch)))
      },
    ),
    { numRuns: 1500 },
  )
  expect(sets).toBeGreaterThan(300)
})

test('every column can be laid into by hand', () => {
  for (const field of columnFields)
    expect(
      keysOf(field).some(
        (key) => layUnder(field, key, action({ projectId: 'project:9' as never }), around).kind === 'set',
      ),
    ).toBe(true)
})

test('a list of days holds everything once, in its order, the done on the day it was done', () => {
  const dayAt = (epochMs: number) => new Date(epochMs).toISOString().slice(0, 10) as never
  fc.assert(
    fc.property(someActions(30), (actions) => {
      const { done, days } = byDays(actions, { today, ahead: 7, dayAt })
      const all = [...done, ...days].flatMap((each) => [...each.actions])
      expect([...all].sort((a, b) => (a.id < b.id ? -1 : 1))).toEqual(
        [...actions].sort((a, b) => (a.id < b.id ? -1 : 1)),
      )
      const dates = days.map(({ date }) => (date === 'past' ? '0' : (date ?? '~')))
      expect(dates).toEqual([...dates].sort())
      for (let away = 0; away < 7; away++) expect(dates).toContain(day(away))
      for (const { date, actions: of } of days)
        for (const each of of) {
          const stands = each.at?.date ?? each.day ?? each.due?.date ?? null
          expect(each.doneAtEpochMs).toBeNull()
          if (date === 'past') expect(stands !== null && stands < today).toBe(true)
          else expect(stands).toBe(date)
        }
      for (const { date, actions: of } of done)
        for (const each of of) expect(dayAt(each.doneAtEpochMs as number)).toBe(date)
      const at = new Map(actions.map((each, index) => [each.id, index]))
      for (const { actions: of } of [...done, ...days])
        expect(of.map(({ id }) => at.get(id))).toEqual(
          of.map(({ id }) => at.get(id)).sort((a, b) => Number(a) - Number(b)),
        )
    }),
    { numRuns: 200 },
  )
})
