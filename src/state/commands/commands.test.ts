import { entriesIn, recordIn, recordsById, recordsIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import { slipsOf } from '../read/selectors'
import { settingsIn } from '../read/settingsIn'
import { makeTestStore, type TestStore } from '../testing'
import { lettersFor } from './shelf/lettersFor'
import type { ArgsOf, CommandName } from '.'

const today = calendarDateUnsafe('2026-03-11')
const tomorrow = addDays(today, 1)

async function ready(): Promise<TestStore> {
  const store = makeTestStore()
  await store.load()
  return store
}
/** All that is there; of the settings, what holds. */
const held = (store: TestStore) => {
  const { document } = store.api.getState()
  return [...recordsById(document).values()]
    .filter(({ id }) => id !== 'settings:main')
    .concat(settingsIn(document) as never)
}
const idOf = (store: TestStore, title: string) =>
  recordsIn(store.api.getState().document, 'action').find((action) => action.title === title)
    ?.id as Id<'action'>
const actionIn = (store: TestStore, title: string) =>
  recordIn(store.api.getState().document, idOf(store, title)) as Action

/** A store with one of everything to work on. */
async function furnished(): Promise<TestStore> {
  const store = await ready()
  store.run('setDown', { text: 'a slip' })
  store.run('addGroup', { name: 'Practice', side: 'work' })
  store.run('addArea', {
    name: 'Office',
    groupId: recordsIn(store.api.getState().document, 'group')[0]?.id ?? null,
  })
  store.run('addProject', {
    title: 'Accounts',
    areaId: recordsIn(store.api.getState().document, 'area')[0]?.id ?? null,
  })
  store.run('addContext', { name: 'Desk' })
  store.run('addPerson', { name: 'Oda' })
  store.run('addAction', {
    title: 'work',
    contextIds: [recordsIn(store.api.getState().document, 'context')[0]?.id as Id<'context'>],
    personIds: [recordsIn(store.api.getState().document, 'person')[0]?.id as Id<'person'>],
  })
  store.run('startReview', {})
  return store
}
const only = <K extends 'slip' | 'group' | 'area' | 'project' | 'context' | 'person' | 'action' | 'review'>(
  store: TestStore,
  kind: K,
) => recordsIn(store.api.getState().document, kind)[0]?.id as Id<K>

type Case<N extends CommandName = CommandName> = {
  [M in N]: [name: M, args: (store: TestStore) => ArgsOf<M>]
}[N]
const acts: Case[] = [
  ['setDown', () => ({ text: 'another' })],
  ['editSlip', (store) => ({ id: only(store, 'slip'), text: 'changed' })],
  ['removeSlip', (store) => ({ id: only(store, 'slip') })],
  ['sortAsAction', (store) => ({ slipId: only(store, 'slip'), fields: { title: 'x', horizon: 'today' } })],
  ['sortAsDone', (store) => ({ slipId: only(store, 'slip'), fields: { title: 'x' } })],
  ['sortAsSomeday', (store) => ({ slipId: only(store, 'slip'), fields: { title: 'x' } })],
  ['sortAsLetGo', (store) => ({ slipId: only(store, 'slip'), fields: { title: 'x' } })],
  ['sortAsReference', (store) => ({ slipId: only(store, 'slip'), title: 'x', link: null })],
  [
    'sortAsProject',
    (store) => ({ slipId: only(store, 'slip'), project: { title: 'x' }, actions: [{ title: 'y' }] }),
  ],
  ['editAction', (store) => ({ id: only(store, 'action'), patch: { minutes: 20, weight: 'must' as const } })],
  ['tick', (store) => ({ id: only(store, 'action') })],
  ['letGo', (store) => ({ id: only(store, 'action') })],
  ['pick', (store) => ({ id: only(store, 'action') })],
  ['moveTo', (store) => ({ id: only(store, 'action'), day: tomorrow })],
  ['setHorizon', (store) => ({ id: only(store, 'action'), horizon: 'today' })],
  ['start', (store) => ({ id: only(store, 'action') })],
  [
    'setWaiting',
    (store) => ({
      id: only(store, 'action'),
      waiting: {
        personId: only(store, 'person'),
        whom: '',
        since: today,
        chaseOn: null,
        how: '',
        toSignOff: false,
      },
    }),
  ],
  ['editProject', (store) => ({ id: only(store, 'project'), patch: { outcome: 'filed' } })],
  ['setProjectState', (store) => ({ id: only(store, 'project'), state: 'finished' as const })],
  ['editGroup', (store) => ({ id: only(store, 'group'), patch: { side: 'private' as const } })],
  ['editArea', (store) => ({ id: only(store, 'area'), patch: { letters: '🌿', ink: 3 } })],
  ['renameShelf', (store) => ({ id: only(store, 'area'), name: 'Desk work' })],
  ['removeNamed', (store) => ({ id: only(store, 'person') })],
  ['removeNamed', (store) => ({ id: only(store, 'context') })],
  ['renameContext', (store) => ({ id: only(store, 'context'), name: 'Bench' })],
  ['setSettings', () => ({ underwayLimit: 1 })],
  ['stepTo', (store) => ({ id: only(store, 'review'), stone: 'aims' as const, done: true })],
  ['setAims', (store) => ({ id: only(store, 'review'), firstAim: 'one' })],
  ['setWeekAims', () => ({ first: today, firstAim: 'one' })],
  ['dropReview', (store) => ({ id: only(store, 'review') })],
  ['lookedAt', (store) => ({ id: only(store, 'review'), ofId: only(store, 'project') })],
  [
    'editAnswer',
    (store) => ({ id: only(store, 'review'), stone: 'stopped', question: 'What?', answer: 'coffee' }),
  ],
  ['setStone', () => ({ rhythm: 'week' as const, key: 'goals', isOff: true })],
  ['moveStone', () => ({ rhythm: 'week' as const, key: 'goals', places: -2 })],
  ['addQuestion', () => ({ rhythm: 'week' as const, question: 'What did I learn?' })],
]
it.each(acts)('%s changes something, and undo and redo give back exactly what was', async (name, args) => {
  const store = await furnished()
  const before = held(store)
  expect(store.run(name, args(store) as never).ok).toBe(true)
  const after = held(store)
  expect(after).not.toEqual(before)
  store.undo()
  expect(held(store)).toEqual(before)
  store.redo()
  expect(held(store)).toEqual(after)
})

const gone = { kind: 'notFound' } as const
const refusals: [...Case, refusal: object][] = [
  ['setDown', () => ({ text: ' \n ' }), { kind: 'empty', field: 'text' }],
  ['setDown', () => ({ text: 'x'.repeat(2001) }), { kind: 'tooLong', limit: 2000 }],
  ['editSlip', () => ({ id: 'slip:none' as const, text: 'x' }), gone],
  ['sortAsAction', () => ({ slipId: 'slip:none' as const, fields: { title: 'x' } }), gone],
  [
    'sortAsAction',
    (store) => ({ slipId: only(store, 'slip'), fields: { title: ' ' } }),
    { kind: 'empty', field: 'title' },
  ],
  ['tick', () => ({ id: 'action:none' as const }), gone],
  ['untick', (store) => ({ id: only(store, 'action') }), { kind: 'nothingToDo' }],
  ['addContext', () => ({ name: ' desk ' }), { kind: 'nameTaken', name: 'desk' }],
  ['leaveShelf', () => ({ id: 'area:none' as const, way: { kind: 'rest' as const } }), gone],
  [
    'setWaiting',
    (store) => ({
      id: only(store, 'action'),
      waiting: { personId: null, whom: ' ', since: today, chaseOn: null, how: '', toSignOff: false },
    }),
    { kind: 'empty', field: 'whom' },
  ],
  [
    'editArea',
    (store) => ({ id: only(store, 'area'), patch: { letters: ' ' } }),
    { kind: 'empty', field: 'letters' },
  ],
  ['startReview', () => ({}), { kind: 'nothingToDo' }],
  ['removeDemo', () => ({}), { kind: 'nothingToDo' }],
  [
    'editAction',
    (store) => ({ id: only(store, 'action'), patch: { link: `https://${'x'.repeat(2000)}.example` } }),
    { kind: 'tooLong', field: 'link' },
  ],
  [
    'editProject',
    (store) => ({ id: only(store, 'project'), patch: { outcome: 'x'.repeat(200_001) } }),
    { kind: 'tooLong', field: 'outcome' },
  ],
  [
    'setWaiting',
    (store) => ({
      id: only(store, 'action'),
      waiting: {
        personId: null,
        whom: 'x'.repeat(2001),
        since: today,
        chaseOn: null,
        how: '',
        toSignOff: false,
      },
    }),
    { kind: 'tooLong', field: 'whom' },
  ],
  [
    'editArea',
    (store) => ({ id: only(store, 'area'), patch: { letters: '👩🏽‍❤️‍💋‍👨🏿👩🏽‍❤️‍💋‍👨🏿' } }),
    { kind: 'tooLong', field: 'letters' },
  ],
  [
    'setAims',
    (store) => ({ id: only(store, 'review'), secondAim: 'x'.repeat(2001) }),
    { kind: 'tooLong', field: 'aim' },
  ],
  [
    'editAction',
    (store) => ({ id: only(store, 'action'), patch: { minutes: -1 } }),
    { kind: 'unfit', field: 'minutes' },
  ],
  [
    'editAction',
    (store) => ({ id: only(store, 'action'), patch: { note: 'x'.repeat(200_001) } }),
    { kind: 'tooLong', field: 'note' },
  ],
]
it.each(refusals)('%s is refused where it must be, and changes nothing', async (name, args, refusal) => {
  const store = await furnished()
  const before = held(store)
  expect(store.run(name, args(store) as never)).toMatchObject({ ok: false, error: refusal })
  expect(held(store)).toEqual(before)
})

it('one edit changes an action and what belongs to it, with one undo', async () => {
  const store = await furnished()
  const id = only(store, 'action')
  const before = held(store)
  const when = { kind: 'daysBefore', days: 1, time: null } as const
  const repeat = { rule: 'FREQ=DAILY', fromDone: false, time: null, startsOn: null }
  const parts = { repeat, reminders: [when] }
  store.run('editAction', { id, patch: { minutes: 20 }, parts })
  const after = held(store)
  expect(after).toHaveLength(before.length + 2)
  expect(store.run('editAction', { id, patch: {}, parts })).toMatchObject({ error: { kind: 'nothingToDo' } })
  store.run('editAction', { id, patch: {}, parts: { repeat: null, noReminders: true } })
  expect(held(store)).toHaveLength(before.length)
  store.undo()
  expect(held(store)).toEqual(after)
  store.undo()
  expect(held(store)).toEqual(before)
})

describe('several slips', () => {
  const pile = (store: TestStore) =>
    slipsOf(store.api.getState().document)
      .map(({ text }) => text)
      .sort()
  it('are reworded, sorted or taken off by one act each, with one undo', async () => {
    const store = await ready()
    store.run('setDownMany', { slips: [{ text: 'one' }, { text: 'two' }] })
    const ids = slipsOf(store.api.getState().document).map(({ id }) => id)
    const before = held(store)
    const many: [Case[0], object, number][] = [
      ['editSlips', { edits: ids.map((id) => ({ id, text: `${id} more`, takenOff: [] })) }, 2],
      ['removeSlips', { ids }, 0],
      ['sortAllAsActions', { slips: ids.map((slipId) => ({ slipId, fields: { title: slipId } })) }, 0],
    ]
    for (const [name, args, left] of many) {
      expect(store.run(name, args as never).ok).toBe(true)
      expect(pile(store)).toHaveLength(left)
      store.undo()
      expect(held(store)).toEqual(before)
    }
  })
})

describe('moving', () => {
  const moved = async (patch: Partial<Action>, day = tomorrow) => {
    const store = await ready()
    store.run('addAction', { title: 'it', ...patch })
    store.run('moveTo', { id: idOf(store, 'it'), day })
    return actionIn(store, 'it')
  }
  it('lays an undated action on the day, and counts no move', async () =>
    expect(await moved({})).toMatchObject({ day: tomorrow, moved: [] }))
  it('counts a re-dating', async () =>
    expect(await moved({ day: today })).toMatchObject({ day: tomorrow, moved: [expect.any(String)] }))
  const counted: [
    what: string,
    patch: Partial<Action>,
    name: 'pick' | 'editAction' | 'setHorizon',
    args: object,
    moves: number,
  ][] = [
    ['picking what was carried over', { day: addDays(today, -2) }, 'pick', {}, 1],
    ['a first day, before its promise', { due: { date: tomorrow, time: null } }, 'pick', {}, 0],
    [
      'a promise put off by hand',
      { due: { date: today, time: null } },
      'editAction',
      { patch: { due: { date: tomorrow, time: null } } },
      1,
    ],
    [
      'another time on the same day',
      { due: { date: today, time: null } },
      'editAction',
      { patch: { due: { date: today, time: '12:00' } } },
      0,
    ],
    ['a promise taken away', { due: { date: today, time: null } }, 'editAction', { patch: { due: null } }, 0],
    [
      'fixed on another day',
      { day: today },
      'editAction',
      { patch: { at: { date: tomorrow, time: null } } },
      1,
    ],
    ['held for today instead of tomorrow', { day: tomorrow }, 'setHorizon', { horizon: 'today' }, 1],
    ['held for someday', { day: today }, 'setHorizon', { horizon: 'someday' }, 0],
  ]
  it.each(counted)('%s: counted or not, and once', async (_, patch, name, args, moves) => {
    const store = await ready()
    store.run('addAction', { title: 'it', ...patch })
    store.run(name, { id: idOf(store, 'it'), ...args } as never)
    expect(actionIn(store, 'it').moved).toHaveLength(moves)
    store.undo()
    expect(actionIn(store, 'it').moved).toEqual([])
  })
  it('takes a day that has passed off what is held for later, and leaves a day to come', async () => {
    const dayAfter = async (day: string) => {
      const store = await ready()
      store.run('addAction', { title: 'it', day: day as never })
      store.run('setHorizon', { id: idOf(store, 'it'), horizon: 'soon' })
      return actionIn(store, 'it').day
    }
    expect([
      await dayAfter('2026-03-09'),
      await dayAfter('2026-03-11'),
      await dayAfter('2026-03-14'),
    ]).toEqual([null, null, '2026-03-14'])
  })
  it('keeps a promise that the day does not break', async () =>
    expect(await moved({ due: { date: addDays(today, 3), time: null } })).toMatchObject({
      day: tomorrow,
      due: { date: '2026-03-14' },
    }))
  it('moves a promise that the day would break', async () =>
    expect(await moved({ due: { date: addDays(today, -1), time: '12:00' as never } })).toMatchObject({
      due: { date: tomorrow, time: '12:00' },
      moved: [expect.any(String)],
    }))
  it('keeps the time of what is fixed', async () =>
    expect(await moved({ at: { date: today, time: '09:00' as never } })).toMatchObject({
      at: { date: tomorrow, time: '09:00' },
      day: null,
      moved: [expect.any(String)],
    }))
})

it('a removed context goes out of every action that named it', async () => {
  const store = await furnished()
  store.run('removeNamed', { id: only(store, 'context') })
  expect(actionIn(store, 'work').contextIds).toEqual([])
})

it('a removed person stays in words where something waits for them', async () => {
  const store = await furnished()
  store.run('setWaiting', {
    id: idOf(store, 'work'),
    waiting: {
      personId: only(store, 'person'),
      whom: '',
      since: today,
      chaseOn: null,
      how: '',
      toSignOff: false,
    },
  })
  store.run('removeNamed', { id: only(store, 'person') })
  expect(actionIn(store, 'work')).toMatchObject({ personIds: [], waiting: { personId: null, whom: 'Oda' } })
})

it('ranking moves one place and writes only what changed', async () => {
  const store = await ready()
  for (const name of ['a', 'b', 'c']) store.run('addContext', { name })
  const order = () =>
    recordsIn(store.api.getState().document, 'context').sort((x, y) => (x.rank < y.rank ? -1 : 1))
  const [a, b, c] = order().map(({ id }) => id) as [Id<'context'>, Id<'context'>, Id<'context'>]
  const outcome = store.run('rankBy', { id: c, siblings: [a, b, c], places: -1 })
  expect(outcome.ok && outcome.value.length).toBe(1)
  expect(order().map(({ name }) => name)).toEqual(['a', 'c', 'b'])
  expect(store.run('rankBy', { id: a, siblings: [a, c, b], places: -1 }).ok).toBe(false)
})

it.each([
  ['Client rooms', 'Cl'],
  ['a', 'A'],
  ['🌊 coast', '🌊'],
  ['éclair', 'Éc'],
  ['4 walls', '4'],
])('the seal of %s is %s', (name, letters) => expect(lettersFor(name)).toBe(letters))

it('a name made on two copies is one record; where one copy renamed its own, the name is free for another', async () => {
  const [here, there] = [await ready(), await ready()]
  const names = (store: TestStore) =>
    recordsIn(store.api.getState().document, 'context')
      .map(({ name }) => name)
      .sort()
  for (const store of [here, there]) store.run('addContext', { name: 'Workshop' })
  there.clock.epochMs += 5
  there.run('addContext', { name: 'Bench' })
  await here.importEntries([...entriesIn(there.api.getState().document)], [])
  expect(names(here)).toEqual(names(there))
  const workshop = recordsIn(here.api.getState().document, 'context').find(({ name }) => name === 'Workshop')
  here.run('renameContext', { id: workshop?.id as Id<'context'>, name: 'Mill' })
  expect(here.run('addContext', { name: 'Workshop' }).ok).toBe(true)
  expect(names(here)).toEqual(expect.arrayContaining(['Bench', 'Mill', 'Workshop']))
})
