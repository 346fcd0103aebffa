import fc from 'fast-check'
import * as v from 'valibot'
import type { Action } from '../record'
import { parseRecord } from '../record/parseRecord'
import { addDays } from '../time'
import { plainAction } from '../testing/plainAction'
import {
  anyCondition,
  anyLens,
  lensNowEpochMs,
  lensToday,
  plainAround,
  someActions,
  trickyLensNames,
} from '../testing/lenses'
import { conditionCheck } from './lensSchema'
import {
  compileLens,
  conditionWords,
  emptyLens,
  exactWords,
  groupKeyOf,
  keptOf,
  lensIn,
  lensSentence,
  readCondition,
  readLens,
  readyMade,
  matcherOf,
  type Condition,
  type GroupField,
  type Lens,
} from '.'

const today = lensToday
const day = (away: number) => addDays(today, away)
const action = (patch: Partial<Action>): Action => ({
  ...plainAction,
  createdAtEpochMs: lensNowEpochMs,
  ...patch,
})
const names = trickyLensNames
const due = (away: number) => ({ due: { date: day(away), time: null } })
const dayMs = 86_400_000

describe('what a condition takes', () => {
  // Said as the sentence says it, so that every case reads the words too.
  const cases: [said: string, matches: Partial<Action>[], leaves: Partial<Action>[]][] = [
    [
      'at On site',
      [{ contextIds: ['context:1'] }, { contextIds: ['context:0', 'context:1'] }],
      [{}, { contextIds: ['context:2'] }],
    ],
    ['at no context', [{}], [{ contextIds: ['context:1'] }]],
    ['with a context', [{ contextIds: ['context:1'] }], [{}]],
    ['with somebody', [{ personIds: ['person:1'] }], [{}]],
    ['not at On site', [{}, { contextIds: ['context:2'] }], [{ contextIds: ['context:0', 'context:1'] }]],
    [
      'with nobody',
      [{}],
      [
        { personIds: ['person:1'] },
        {
          waiting: { personId: 'person:1', whom: '', since: today, chaseOn: null, how: '', toSignOff: false },
        },
      ],
    ],
    ['must or could', [{ weight: 'must' }, { weight: 'could' }], [{ weight: 'should' }]],
    ['light or no energy', [{ energy: 'light' }, { energy: null }], [{ energy: 'deep' }]],
    ['held today or someday', [{ day: today }, { horizon: 'someday' }], [{ horizon: 'week', day: day(1) }]],
    ['work', [{ projectId: 'project:0' }], [{}]],
    ['no side', [{}], [{ projectId: 'project:0' }]],
    ['much payoff', [{ payoff: 'much' }], [{ payoff: 'some' }, {}]],
    [
      'to hand over',
      [{ payoff: 'much', craft: 'little' }],
      [{ payoff: 'much' }, { payoff: 'much', craft: 'much' }],
    ],
    ['up to 20 min', [{ minutes: 20 }, { minutes: 1 }], [{ minutes: 21 }, { minutes: null }]],
    ['1 h 05 or more', [{ minutes: 65 }], [{ minutes: 64 }, {}]],
    ['10 min to 1 h', [{ minutes: 10 }, { minutes: 60 }], [{ minutes: 9 }, { minutes: 61 }, {}]],
    ['without minutes', [{}], [{ minutes: 5 }]],
    ['overdue', [due(-1)], [due(0), {}]],
    ['not overdue', [due(0), {}], [due(-1)]],
    ['due this week', [due(-2), due(4)], [due(-3), due(5), {}]],
    ['due next week', [due(5), due(11)], [due(4), due(12)]],
    ['due within 7 days', [due(0), due(6)], [due(-1), due(7)]],
    ['due up to 13 Mar 2026', [due(2), due(-99)], [due(3), {}]],
    ['due 12 Mar 2026 to 13 Mar 2026', [due(1), due(2)], [due(0), due(3)]],
    ['with a due date', [due(99)], [{}]],
    ['without a date', [{}], [due(9), { day: day(3) }, { at: { date: day(2), time: null } }]],
    [
      'dated tomorrow',
      [due(1), { day: day(1), ...due(5) }, { at: { date: day(1), time: null }, day: day(4) }],
      [{ day: day(2), ...due(1) }],
    ],
    ['not before tomorrow', [{ notBefore: day(1) }], [{ notBefore: day(2) }, {}]],
    [
      'ready',
      [{}, { notBefore: today }, { projectId: 'project:0' }],
      [{ notBefore: day(1) }, { afterIds: ['action:b'] }, { projectId: 'project:1' }],
    ],
    ['carried over', [{ day: day(-1) }], [{ day: today }]],
    ['hidden', [{ notBefore: day(1) }], [{ notBefore: today }]],
    ['blocked', [{ afterIds: ['action:b'] }], [{}]],
    ['with steps', [{ id: 'action:2' }], [{}]],
    ['without files', [{}], [{ id: 'action:3' }]],
    ['repeating', [{ id: 'action:4' }], [{}]],
    ['with a note', [{ note: 'x' }], [{}]],
    ['moved 2 times or more', [{ moved: ['a', 'b'] }], [{ moved: ['a'] }]],
    ['moved 0 times at most', [{}], [{ moved: ['a'] }]],
    [
      'older than 30 days',
      [{ createdAtEpochMs: lensNowEpochMs - 31 * dayMs }],
      [{ createdAtEpochMs: lensNowEpochMs - 30 * dayMs }],
    ],
    ['made within 0 days', [{}], [{ createdAtEpochMs: lensNowEpochMs - dayMs }]],
    [
      'done within 1 day',
      [{ doneAtEpochMs: lensNowEpochMs - dayMs }],
      [{}, { doneAtEpochMs: lensNowEpochMs - 2 * dayMs }],
    ],
    ['saying “TILE”', [{ title: 'the tiles' }, { note: 'a Tile' }], [{ title: 'till' }]],
    ['not saying “tile”', [{}], [{ title: 'the tiles' }]],
    ['any of (must, due today)', [{ weight: 'must' }, due(0)], [{}]],
    ['none of (must, due today)', [{}], [{ weight: 'must' }, due(0)]],
    [
      'all of (must, any of (due today, due tomorrow))',
      [{ weight: 'must', ...due(1) }],
      [{ weight: 'must' }, due(1)],
    ],
  ]
  it.each(cases)('%s', (said, takes, leaves) => {
    const condition = readCondition(said, names) as Condition
    const asked = matcherOf(condition, plainAround)
    expect(takes.map((patch) => asked(action(patch)))).toEqual(takes.map(() => true))
    expect(leaves.map((patch) => asked(action(patch)))).toEqual(leaves.map(() => false))
    expect(conditionWords(condition, names)).toBe(said)
  })
})

describe('a lens', () => {
  it('is said as a sentence that reads back as the same, whatever its names are', () => {
    fc.assert(
      fc.property(anyLens, (lens) => {
        expect(readLens(lensSentence(lens, names), names)).toEqual(lens)
      }),
      { seed: 11, numRuns: 1500 },
    )
  })
  it('reads as a person would say it', () => {
    const lens: Lens = {
      conditions: [
        { kind: 'state', state: 'ready', not: false },
        { kind: 'choice', field: 'context', values: ['context:0', 'context:1'], not: false },
        { kind: 'minutes', from: null, to: 30 },
      ],
      bands: [
        { name: 'Soon due', where: { kind: 'date', field: 'due', span: { kind: 'week' }, not: false } },
      ],
      groups: ['area'],
      sorts: [
        { by: 'due', down: false },
        { by: 'minutes', down: true },
      ],
      done: 'sunk',
    }
    // Two contexts are called desk, so that one is told by its id.
    expect(lensSentence(lens, names)).toBe(
      'Actions ready, at [context:0] or On site, up to 30 min; first what is due this week as “Soon due”, then the rest; grouped by area; sorted by due, then minutes longest first; done ones at the end.',
    )
    expect(exactWords({ kind: 'choice', field: 'area', values: ['area:gone'], not: false }, names)).toBe(
      'in [area:gone]',
    )
    expect(conditionWords({ kind: 'choice', field: 'area', values: ['area:gone'], not: false }, names)).toBe(
      'in an area that is gone',
    )
  })
  it('is kept and asked again as the same, and what stands in its place keeps its key and rank', () => {
    fc.assert(
      fc.property(anyLens, anyLens, (first, second) => {
        const before = keptOf(first)
        expect(lensIn(before)).toEqual(first)
        expect(keptOf(first, before)).toEqual(before)
        expect(lensIn(keptOf(second, before))).toEqual(second)
      }),
      { seed: 12, numRuns: 300 },
    )
  })
  it('is a sound record, as are all that are ready-made', () => {
    fc.assert(
      fc.property(anyLens, (lens) => {
        expect(parseRecord({ ...readyMade[0], id: 'lens:x', ...keptOf(lens) })).toMatchObject({ ok: true })
      }),
      { seed: 13, numRuns: 300 },
    )
    for (const record of readyMade) {
      expect(parseRecord(record)).toMatchObject({ ok: true })
      expect(readLens(lensSentence(lensIn(record), names), names)).toEqual(lensIn(record))
    }
    expect(new Set(readyMade.map(({ id }) => id)).size).toBe(readyMade.length)
  })
  it.each<[string, unknown]>([
    ['no values', { kind: 'choice', field: 'context', values: [], not: false }],
    ['a value of another field', { kind: 'choice', field: 'context', values: ['person:a'], not: false }],
    ['0 minutes', { kind: 'minutes', from: null, to: 0 }],
    ['100,000 minutes', { kind: 'minutes', from: 100_000, to: null }],
    [
      'a span of no day',
      { kind: 'date', field: 'due', span: { kind: 'between', from: null, to: null }, not: false },
    ],
    ['a long text', { kind: 'text', text: 'x'.repeat(5000), not: false }],
    ['an unknown kind', { kind: 'script', run: 'alert(1)' }],
    ['fields it does not have', { kind: 'minutes', from: null, to: 5, extra: 1 }],
  ])('refuses %s', (_, condition) => expect(v.is(conditionCheck, condition)).toBe(false))
  it('refuses conditions that stand too deep in one another, without walking through them', () => {
    let deep: unknown = { kind: 'minutes', from: null, to: 5 }
    for (let level = 0; level < 50_000; level++) deep = { kind: 'many', joined: 'all', of: [deep] }
    expect(v.is(conditionCheck, deep)).toBe(false)
  })
})

describe('a lens over many actions', () => {
  const order = (lens: Lens, actions: readonly Action[]) => {
    const { placeOf, comparePlaces, inOrder } = compileLens(lens, plainAround)
    const groups = new Map<string, Action[]>()
    for (const each of actions) {
      const place = placeOf(each)
      if (place !== null) groups.set(place, [...(groups.get(place) ?? []), each])
    }
    return [...groups]
      .sort(([a], [b]) => comparePlaces(a, b))
      .map(([place, list]) => [place, inOrder(list)] as const)
  }
  it('lays each in the first band that takes it, under its headings, in order', () => {
    fc.assert(
      fc.property(anyLens, someActions(25), (lens, actions) => {
        const taken = actions.filter(
          (each) =>
            lens.conditions.every((condition) => matcherOf(condition, plainAround)(each)) &&
            (each.doneAtEpochMs === null ||
              lens.done !== 'hidden' ||
              JSON.stringify(lens.conditions.map((c) => c.kind === 'count' && c.field)).includes(
                'doneWithin',
              )),
        )
        const laid = order(lens, actions)
        expect(laid.flatMap(([, list]) => list.map(({ id }) => id)).sort()).toEqual(
          taken.map(({ id }) => id).sort(),
        )
        const { compare } = compileLens(lens, plainAround)
        for (const [place, list] of laid) {
          const [band, ...headings] = place.split('|')
          for (const each of list) {
            const isSunk = lens.done === 'sunk' && each.doneAtEpochMs !== null
            const first = lens.bands.findIndex(({ where }) => matcherOf(where, plainAround)(each))
            const unsunk = first < 0 ? lens.bands.length : first
            expect(Number(band)).toBe(isSunk ? lens.bands.length + 1 : unsunk)
            if (!isSunk)
              expect(headings).toEqual(lens.groups.map((field) => groupKeyOf(field, plainAround)(each)))
          }
          for (let at = 1; at < list.length; at++)
            expect(compare(list[at - 1] as Action, list[at] as Action)).toBeLessThan(0)
        }
      }),
      { seed: 14, numRuns: 400 },
    )
  })
  it('sorts by several things, what has none last both ways, and by hand among equals', () => {
    const actions = [
      action({ id: 'action:none', rank: 'a0' }),
      action({ id: 'action:late', ...due(5), minutes: 10, rank: 'a1' }),
      action({ id: 'action:b', ...due(1), minutes: 30, rank: 'a3' }),
      action({ id: 'action:a', ...due(1), minutes: 30, rank: 'a2' }),
      action({ id: 'action:long', ...due(1), minutes: 60, rank: 'a4' }),
    ]
    const ids = (down: boolean) =>
      order(
        {
          ...emptyLens,
          sorts: [
            { by: 'due', down },
            { by: 'minutes', down: true },
          ],
        },
        actions,
      )[0]?.[1].map(({ id }) => id.slice(7))
    expect(ids(false)).toEqual(['long', 'a', 'b', 'late', 'none'])
    expect(ids(true)).toEqual(['late', 'long', 'a', 'b', 'none'])
  })
  it.each<[GroupField, Partial<Action>[], string[]]>([
    [
      'date',
      [{}, due(30), due(-1), { day: today }, due(1), due(3), due(8)],
      ['past', 'today', 'tomorrow', 'week', 'nextWeek', 'later', ''],
    ],
    ['minutes', [{}, { minutes: 500 }, { minutes: 15 }, { minutes: 16 }], ['15', '30', 'more', '']],
    [
      'context',
      [{}, { contextIds: ['context:2', 'context:1'] }, { contextIds: ['context:0'] }],
      ['context:0', 'context:1', ''],
    ],
    ['weight', [{ weight: 'could' }, { weight: 'must' }], ['must', 'could']],
  ])('gathers by %s in its order, what has none last', (field, patches, keys) => {
    const actions = patches.map((patch, index) => action({ id: `action:${index}`, ...patch }))
    expect(order({ ...emptyLens, groups: [field] }, actions).map(([place]) => place.split('|')[1])).toEqual(
      keys,
    )
  })
})

it('any condition read from its exact words is the same', () => {
  fc.assert(
    fc.property(anyCondition, (condition) => {
      expect(readCondition(exactWords(condition, names), names)).toEqual(condition)
      expect(v.is(conditionCheck, condition)).toBe(true)
    }),
    { seed: 15, numRuns: 1000 },
  )
})
