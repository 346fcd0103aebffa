import fc from 'fast-check'
import { mergeDocuments, recordIn, recordsIn, type Document } from '@/core/journal'
import { emptyLens, lensIn, readyMade, type Condition, type GroupField, type Lens } from '@/core/lens'
import { state as isState, choice as oneOfThem } from '@/core/lens/asking'
import type { Action, Id, LensRecord } from '@/core/record'
import { anyActionFields, anyLens, lensToday } from '@/core/testing/lenses'
import {
  columnsOf,
  laidUnderIn,
  lensesOf,
  lensListOf,
  lensListOnce,
  lensNamesOf,
  lensOf,
  orderIn,
  type LensList,
} from './lenses'
import { makeMemoryStore } from '../persistence'
import { makeTestStore } from '../testing'

const day = { today: lensToday, zone: 'Europe/London' }
const opened = async (kept = makeMemoryStore(), replica = 'aaaa') => {
  const store = makeTestStore(kept, { replica })
  await store.load()
  return { store, document: () => store.api.getState().document }
}

/** What a list says, band by band and heading by heading. */
const told = ({ bands, count, minutes }: LensList) => {
  const groups = (list: LensList['bands'][number]['groups']): unknown[] =>
    list.map(({ field, key, count: of, actions, groups: inside }) => [
      field,
      key,
      of,
      actions.map(({ id }) => id),
      groups(inside),
    ])
  return {
    count,
    minutes,
    bands: bands.map((band) => [band.band, band.count, band.minutes, groups(band.groups)]),
  }
}
const fromScratch = (document: Document, lens: Lens) => told(lensListOnce(document, lens, day))

describe('a lens over the store', () => {
  it('lists the same as one made from scratch, whatever has happened', async () => {
    const step = fc.oneof(
      { weight: 4, arbitrary: fc.record({ act: fc.constant('add' as const), fields: anyActionFields }) },
      {
        weight: 3,
        arbitrary: fc.record({ act: fc.constant('edit' as const), fields: anyActionFields, at: fc.nat(20) }),
      },
      fc.record({
        act: fc.constantFrom('tick' as const, 'step' as const, 'shelf' as const, 'undo' as const),
        at: fc.nat(20),
      }),
    )
    await fc.assert(
      fc.asyncProperty(anyLens, fc.array(step, { maxLength: 25 }), async (lens, steps) => {
        const { store, document } = await opened()
        store.run('addGroup', { name: 'Practice', side: 'work' })
        const group = recordsIn(document(), 'group')[0]?.id as Id<'group'>
        store.run('addArea', { name: 'Rooms', groupId: group })
        const area = recordsIn(document(), 'area')[0]?.id as Id<'area'>
        store.run('addProject', { title: 'Hall', areaId: area })
        const project = recordsIn(document(), 'project')[0]?.id as Id<'project'>
        for (const each of steps) {
          const actions = recordsIn(document(), 'action')
          const id = actions['at' in each ? each.at % Math.max(1, actions.length) : 0]?.id
          const fields =
            'fields' in each
              ? { ...each.fields, ...(each.fields.projectId ? { projectId: project } : {}) }
              : {}
          if (each.act === 'add') store.run('addAction', { ...fields, title: 'a' } as never)
          else if (each.act === 'undo') store.undo()
          else if (each.act === 'shelf')
            store.run('editProject', { id: project, patch: { areaId: each.at % 2 ? area : null } })
          else if (id && each.act === 'edit') store.run('editAction', { id, patch: fields as never })
          else if (id && each.act === 'tick') store.run('tick', { id })
          else if (id) store.run('addSteps', { ownerId: id, titles: ['part'] })
          expect(told(lensListOf(document(), lens, day))).toEqual(fromScratch(document(), lens))
        }
      }),
      { seed: 21, numRuns: 60 },
    )
  }, 60_000)
  it('counts and adds up at each heading, and keeps the list where nothing of it has changed', async () => {
    const { store, document } = await opened()
    store.run('addContext', { name: 'Desk' })
    const desk = recordsIn(document(), 'context')[0]?.id as Id<'context'>
    for (const minutes of [10, 20, 30])
      store.run('addAction', {
        title: `m ${minutes}`,
        minutes,
        contextIds: [desk],
        weight: minutes === 30 ? 'must' : 'could',
      })
    store.run('addAction', { title: 'elsewhere', minutes: 5 })
    const lens: Lens = {
      ...emptyLens,
      groups: ['context', 'weight'],
      bands: [{ name: '', where: oneOfThem('weight', 'must') }],
    }
    const list = lensListOf(document(), lens, day)
    const heads = list.bands.map(({ band, count, minutes, groups }) => [
      band,
      count,
      minutes,
      groups.map((group) => [group.key, group.minutes, group.groups.map(({ key, count: of }) => [key, of])]),
    ])
    expect([list.count, list.minutes, heads]).toEqual([
      4,
      65,
      [
        [0, 1, 30, [[desk, 30, [['must', 1]]]]],
        [
          null,
          3,
          35,
          [
            [desk, 30, [['could', 2]]],
            ['', 5, [['should', 1]]],
          ],
        ],
      ],
    ])
    store.run('setSettings', { underwayLimit: 4 })
    expect(lensListOf(document(), lens, day).bands).toBe(list.bands)
  })
  it('lists of the open ones all that it takes, whatever index it begins from', async () => {
    const store = await opened()
    const names: Id[] = []
    for (const name of ['Desk', 'Phone']) store.store.run('addContext', { name })
    store.store.run('addPerson', { name: 'Oda' })
    for (const kind of ['context', 'person'] as const)
      names.push(...recordsIn(store.document(), kind).map(({ id }) => id))
    const [desk, phone, oda] = names as [Id<'context'>, Id<'context'>, Id<'person'>]
    const waiting = { personId: oda, whom: '', since: lensToday, chaseOn: null, how: '', toSignOff: false }
    for (let at = 0; at < 60; at++) {
      const [first, second] = [at % 2 ? desk : phone, at % 5 ? [] : [phone]]
      store.store.run('addAction', {
        title: `a${at}`,
        contextIds: at % 3 ? [...new Set([first, ...second])] : [],
        personIds: at % 7 ? [] : [oda],
        ...(at % 11 ? {} : { waiting }),
      })
    }
    for (const { id } of recordsIn(store.document(), 'action').slice(0, 12)) store.store.run('tick', { id })
    const ids = (lens: Lens) =>
      lensListOnce(store.document(), lens, day)
        .bands.flatMap(({ groups }) => groups.flatMap(({ actions }) => actions))
        .filter(({ doneAtEpochMs }) => doneAtEpochMs === null)
        .map(({ id }) => id)
    const asked: Condition[] = [
      oneOfThem('context', desk),
      oneOfThem('context', desk, phone, phone),
      oneOfThem('context', desk, ''),
      { ...oneOfThem('context', desk), not: true } as Condition,
      oneOfThem('person', oda),
      oneOfThem('person', oda, 'person:gone'),
      isState('waiting', true),
    ]
    for (const condition of asked) {
      const lens: Lens = { ...emptyLens, conditions: [condition] }
      // Hidden in several, and with what is done beside it, every action is looked at.
      const looked: Lens = {
        ...emptyLens,
        done: 'among',
        conditions: [{ kind: 'many', joined: 'all', of: [condition] }],
      }
      expect(ids(lens).length).toBeGreaterThan(3)
      expect(ids(lens)).toEqual(ids(looked))
    }
  })
  it('tells whether only the hand tells two apart', async () => {
    const { store, document } = await opened()
    for (const minutes of [10, 10, 30]) store.run('addAction', { title: 'a', minutes })
    const [a, b, c] = recordsIn(document(), 'action').sort((x, y) => (x.rank < y.rank ? -1 : 1)) as never[]
    const lens: Lens = { ...emptyLens, sorts: [{ by: 'minutes', down: false }] }
    expect([
      orderIn(document(), lens, day).isEqual(a as never, b as never),
      orderIn(document(), lens, day).isEqual(a as never, c as never),
    ]).toEqual([true, false])
    // The one in the hand may have what it would take there already.
    const equal = (action: Action) =>
      orderIn(document(), lens, day)
        .equalsOf([a, b, c] as never, action)
        .map(({ minutes }) => minutes)
    expect([10, 20, 30].map((minutes) => equal({ ...(c as unknown as Action), minutes }))).toEqual([
      [10, 10],
      [],
      [30],
    ])
    const { indexIn } = orderIn(document(), lens, day)
    expect([a, b, c].map((one) => indexIn([a, c] as never, one as never))).toEqual([0, -1, 1])
  })
})

describe('an order, and a zone', () => {
  it('what is planned for today is nearer than this week, whatever its horizon says', async () => {
    const { store, document } = await opened()
    for (const [title, horizon] of [
      ['soon', 'soon'],
      ['week', 'week'],
      ['today', 'today'],
    ] as const)
      store.run('addAction', { title, horizon })
    const lens: Lens = { ...emptyLens, sorts: [{ by: 'horizon', down: false }] }
    const told = lensListOf(document(), lens, day).bands.flatMap(({ groups }) =>
      groups.flatMap(({ actions }) => actions),
    )
    expect(told.map(({ title }) => title)).toEqual(['today', 'week', 'soon'])
  })
  it('what was done today is told by the wall clock of where one is', async () => {
    const { store, document } = await opened()
    store.run('addAction', { title: 'a' })
    // Nine in the evening in London is the next morning far in the east.
    store.clock.epochMs = Date.UTC(2026, 2, 11, 21)
    store.run('tick', { id: recordsIn(document(), 'action')[0]?.id as never })
    const lens: Lens = {
      ...emptyLens,
      conditions: [{ kind: 'count', field: 'doneWithin', number: 0, atMost: true }],
      done: 'among',
    }
    const count = (today: string, zone: string) =>
      lensListOf(document(), lens, { today: today as never, zone }).bands.flatMap(({ groups }) =>
        groups.flatMap(({ actions }) => actions),
      ).length
    expect([count('2026-03-11', 'Europe/London'), count('2026-03-12', 'Pacific/Kiritimati')]).toEqual([1, 1])
    expect([count('2026-03-12', 'Europe/London'), count('2026-03-12', 'Pacific/Kiritimati')]).toEqual([0, 1])
  })
})

describe('columns', () => {
  it('hold everything a lens lists once; every step of a scale and every context stands there to be laid into', async () => {
    const { store, document } = await opened()
    for (const name of ['Desk', 'Phone', 'Errands']) store.run('addContext', { name })
    const called = (name: string) =>
      recordsIn(document(), 'context').find((context) => context.name === name)?.id as Id<'context'>
    const [desk, phone] = [called('Desk'), called('Phone')]
    for (const [title, contextIds, energy] of [
      ['a', [desk], 'deep'],
      ['b', [phone, desk], 'light'],
      ['c', [], null],
    ] as const)
      store.run('addAction', { title, contextIds: [...contextIds], energy, minutes: 10 })
    const columns = (field: GroupField) => {
      const lens: Lens = { ...emptyLens, groups: [field], sorts: [{ by: 'title', down: false }] }
      return columnsOf(document(), lensListOf(document(), lens, day), lens, day).map(
        ({ key, count, bands }) => [
          key,
          count,
          bands.flatMap(({ actions }) => actions.map(({ title }) => title)).join(''),
        ],
      )
    }
    expect(columns('context').map(([, count, titles]) => [count, titles])).toEqual([
      [2, 'ab'],
      [0, ''],
      [0, ''],
      [1, 'c'],
    ])
    expect(columns('energy')).toEqual([
      ['deep', 1, 'a'],
      ['plain', 0, ''],
      ['light', 1, 'b'],
      ['', 1, 'c'],
    ])
    // Nothing is without a weight: no column stands for none.
    expect(columns('weight').map(([key]) => key)).toEqual(['must', 'should', 'could'])
    expect(columns('day').map(([key]) => key)).not.toContain('past')
    // What is laid into one stands there, and by its order; one undo.
    const c = recordsIn(document(), 'action').find(({ title }) => title === 'c') as Action
    const lens: Lens = { ...emptyLens, groups: ['energy'] }
    const laid = laidUnderIn(document(), lens, day, c, [['energy', 'deep']])
    const a = recordsIn(document(), 'action').find(({ title }) => title === 'a') as Action
    if (laid.kind !== 'set') throw new Error('it is set')
    store.run('layInto', { id: c.id, band: null, patch: laid.patch, order: [c.id, a.id] })
    const deep = () =>
      columnsOf(document(), lensListOf(document(), lens, day), lens, day)[0]?.bands[0]?.actions.map(
        ({ title }) => title,
      )
    expect(deep()).toEqual(['c', 'a'])
    store.undo()
    expect(deep()).toEqual(['a'])
  })
})

describe('the lenses there are', () => {
  const short = readyMade[0]?.id as Id<'lens'>
  it('are the ready-made until one is changed, which is kept from then on and can be put back', async () => {
    const { store, document } = await opened()
    expect(lensesOf(document())).toEqual(readyMade)
    expect(store.run('editLens', { id: short, patch: { name: 'Quick ones' } }).ok).toBe(true)
    expect(lensOf(document(), short)?.name).toBe('Quick ones')
    expect(lensesOf(document()).map(({ id }) => id)).toEqual(readyMade.map(({ id }) => id))
    store.run('resetLens', { id: short })
    expect(lensOf(document(), short)).toEqual(readyMade[0])
    store.run('removeLens', { id: short })
    expect(lensesOf(document())).toHaveLength(readyMade.length - 1)
    store.undo()
    expect(lensesOf(document())).toHaveLength(readyMade.length)
  })
  it('are made, ranked and refused in words', async () => {
    const { store, document } = await opened()
    const lens: Lens = { ...emptyLens, conditions: [isState('ready')], sorts: [{ by: 'due', down: false }] }
    store.run('addLens', { name: ' Mine ', lens })
    const mine = recordsIn(document(), 'lens')[0]
    expect(mine && [mine.name, mine.letters, lensIn(mine)]).toEqual(['Mine', 'Mi', lens])
    expect(lensesOf(document()).at(-1)).toBe(mine)
    store.run('placeLens', { id: mine?.id as Id<'lens'>, after: null })
    expect(lensesOf(document())[0]?.name).toBe('Mine')
    store.run('placeLens', { id: short, after: mine?.id as Id<'lens'> })
    expect(
      lensesOf(document())
        .slice(0, 2)
        .map(({ name }) => name),
    ).toEqual(['Mine', 'Short and light'])
    expect([
      store.run('addLens', { name: '  ', lens }),
      store.run('addLens', { name: 'x'.repeat(5000), lens }),
      store.run('editLens', { id: short, patch: { letters: ' ' } }),
      store.run('removeLens', { id: 'lens:none' }),
    ]).toMatchObject([
      { error: { kind: 'empty', field: 'name' } },
      { error: { kind: 'tooLong', field: 'name' } },
      { error: { kind: 'empty', field: 'letters' } },
      { error: { kind: 'notFound' } },
    ])
  })
  it('keep what two copies each added to one of them', async () => {
    const kept = makeMemoryStore()
    const here = await opened(kept, 'aaaa')
    here.store.run('addLens', { name: 'Mine', lens: { ...emptyLens, conditions: [isState('ready')] } })
    await here.store.settled()
    const there = await opened(makeMemoryStore(new Map(kept.held)), 'bbbb')
    const id = recordsIn(here.document(), 'lens')[0]?.id as Id<'lens'>
    const lensOn = (copy: typeof here) => lensIn(recordIn(copy.document(), id) as LensRecord)
    const change = (copy: typeof here, patch: Partial<Lens>) =>
      copy.store.run('editLens', { id, lens: { ...lensOn(copy), ...patch } })
    change(here, {
      conditions: [isState('ready'), isState('waiting', true)],
      sorts: [{ by: 'due', down: true }],
    })
    change(there, {
      conditions: [isState('ready'), oneOfThem('weight', 'must')],
      sorts: [{ by: 'minutes', down: false }],
    })
    change(there, { bands: [{ name: 'Soon', where: isState('underway') }] })
    const both = mergeDocuments(here.document(), there.document())
    expect(lensIn(recordIn(both, id) as LensRecord)).toMatchObject({
      conditions: [isState('ready'), oneOfThem('weight', 'must'), isState('waiting', true)],
      bands: [{ name: 'Soon' }],
    })
    expect(new Set(lensIn(recordIn(both, id) as LensRecord).sorts.map(({ by }) => by))).toEqual(
      new Set(['due', 'minutes']),
    )
  })
})

it('names are read off what is there, and what is gone has none', async () => {
  const { store, document } = await opened()
  store.run('addContext', { name: 'Desk' })
  const id = recordsIn(document(), 'context')[0]?.id as Id<'context'>
  expect([lensNamesOf(document()).nameOf(id), lensNamesOf(document()).idsCalled('context', 'desk')]).toEqual([
    'Desk',
    [id],
  ])
  store.run('removeNamed', { id })
  expect([lensNamesOf(document()).nameOf(id), lensNamesOf(document()).idsCalled('context', 'desk')]).toEqual([
    null,
    [],
  ])
})
