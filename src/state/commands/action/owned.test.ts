import {
  entriesIn,
  makeTimestamp,
  mergeDocuments,
  recordIn,
  recordsById,
  recordsIn,
  type Document,
} from '@/core/journal'
import type { Id, RecordKind } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { filesOf, remindersOf, repeatOf, stepsOf } from '../../read/ownedIndexes'
import * as select from '../../read/selectors'
import { makeTestStore, type TestStore } from '../../testing'
import type { ArgsOf, CommandName, NewFile } from '..'

const friday = calendarDateUnsafe('2026-03-13')
const file: NewFile = {
  name: 'plan.pdf',
  mediaType: 'application/pdf',
  bytes: 12,
  blob: `sha256-${'a'.repeat(64)}`,
  smallBlob: null,
}
const documentOf = (store: TestStore): Document => store.api.getState().document
const held = (store: TestStore) => recordsById(documentOf(store))
const first = <K extends RecordKind>(store: TestStore, kind: K) =>
  recordsIn(documentOf(store), kind)[0]?.id as Id<K>

/** A slip with something of everything, laid aside for the review. */
async function withSlip(replica = 'aaaa'): Promise<TestStore> {
  const store = makeTestStore(undefined, { replica })
  await store.load()
  store.run('addPerson', { name: 'Oda' })
  store.run('setDown', {
    text: 'pack for the hall',
    note: 'She rang.',
    steps: ['meters', 'tripod'],
    files: [file],
    personIds: [first(store, 'person')],
  })
  store.run('layAside', { ids: [first(store, 'slip')] })
  return store
}

type Sorted<N extends CommandName = CommandName> = {
  [M in N]: [act: M, kind: RecordKind, args: (slipId: Id<'slip'>) => ArgsOf<M>]
}[N]
const waiting = {
  personId: null,
  whom: 'Oda',
  since: friday,
  chaseOn: null,
  how: 'by phone',
  toSignOff: false,
}
const sortings: Sorted[] = [
  ['sortAsAction', 'action', (slipId) => ({ slipId, fields: { title: 'x' } })],
  ['sortAsDone', 'action', (slipId) => ({ slipId, fields: { title: 'x' } })],
  ['sortAsHandedOver', 'action', (slipId) => ({ slipId, fields: { title: 'x', waiting } })],
  ['sortAsNotBefore', 'action', (slipId) => ({ slipId, fields: { title: 'x', notBefore: friday } })],
  ['sortAsSomeday', 'action', (slipId) => ({ slipId, fields: { title: 'x' } })],
  ['sortAsLetGo', 'action', (slipId) => ({ slipId, fields: { title: 'x' } })],
  ['sortAsProject', 'project', (slipId) => ({ slipId, project: { title: 'x' }, actions: [{ title: 'y' }] })],
  ['sortAsReference', 'reference', (slipId) => ({ slipId, title: 'x', link: null })],
  ['sortAsReading', 'reading', (slipId) => ({ slipId, title: 'x', link: null })],
]

describe.each(sortings)('%s', (act, kind, args) => {
  it('gives note, steps and files along, and one undo brings the slip back with all of them', async () => {
    const store = await withSlip()
    const before = held(store)
    expect(store.run(act, args(first(store, 'slip')) as never).ok).toBe(true)
    const made = recordsIn(documentOf(store), kind).find(
      (record) => (record as { title?: string }).title === 'x',
    )
    const id = made?.id as Id<'action'>
    // Where nobody can be held, whom it came from is named in the note.
    const holdsPeople = kind === 'action' || kind === 'project'
    expect((made as { note?: string }).note).toBe(holdsPeople ? 'She rang.' : 'She rang.\n\nOda')
    expect(stepsOf(documentOf(store), id).map(({ title }) => title)).toEqual(['meters', 'tripod'])
    expect(filesOf(documentOf(store), id)).toMatchObject([{ name: 'plan.pdf', blob: file.blob }])
    expect(recordsIn(documentOf(store), 'slip')).toEqual([])
    // What lay in the review box as a slip lies there as what it became.
    expect(recordsIn(documentOf(store), 'aside').map(({ ofId }) => ofId)).toEqual([id])
    if (holdsPeople) expect((made as { personIds?: string[] }).personIds).toEqual([first(store, 'person')])
    store.undo()
    expect(held(store)).toEqual(before)
  })
})
describe('what is let go of or removed', () => {
  const inTray = (store: TestStore) => select.slipsOf(documentOf(store)).map(({ text }) => text)

  it('leaves the tray with all that came with it, and is put back whole', async () => {
    const store = await withSlip()
    const before = held(store)
    const id = first(store, 'slip')
    store.run('removeSlip', { id })
    expect([inTray(store), select.removedOf(documentOf(store)).map((gone) => gone.id)]).toEqual([[], [id]])
    expect(filesOf(documentOf(store), id)).toHaveLength(1)
    store.run('putBack', { id })
    expect(held(store)).toEqual(before)
  })
  it('is removed for good with its parts, and nothing that still stands', async () => {
    const store = await withSlip()
    const id = first(store, 'slip')
    const when = { kind: 'daysBefore', days: 1, time: null } as const
    const repeat = { rule: 'FREQ=DAILY', fromDone: false, time: null }
    store.run('addAction', { title: 'x', steps: ['a'], repeat, reminders: [when] })
    const action = first(store, 'action')
    store.run('letGo', { id: action })
    expect(store.run('emptyLetGo', { ids: [id] })).toMatchObject({ error: { kind: 'nothingToDo' } })
    store.run('removeSlip', { id })
    const before = held(store)
    store.run('emptyLetGo', { ids: [id, action] })
    expect([...held(store).keys()]).toEqual([first(store, 'person')])
    store.undo()
    expect(held(store)).toEqual(before)
  })
})
it('two copies that decide the same slip at once make one thing of it, and undo gives the slip back', async () => {
  const start = await withSlip()
  const id = first(start, 'slip')
  const [left, right] = (await Promise.all(
    ['bbbb', 'cccc'].map(async (replica) => {
      const copy = makeTestStore(undefined, { replica })
      await copy.load()
      await copy.importEntries([...entriesIn(documentOf(start))], [])
      return copy
    }),
  )) as [TestStore, TestStore]
  left.run('sortAsAction', { slipId: id, fields: { title: 'left', minutes: 5 } })
  right.clock.epochMs += 1
  right.run('sortAsSomeday', { slipId: id, fields: { title: 'right' } })
  const both = mergeDocuments(documentOf(left), documentOf(right))
  expect(recordsIn(both, 'action')).toMatchObject([{ title: 'right', horizon: 'someday', minutes: null }])
  expect(stepsOf(both, recordsIn(both, 'action')[0]?.id as Id<'action'>)).toHaveLength(2)
  right.undo()
  right.run('sortAsAction', { slipId: id, fields: { title: 'again' } })
  expect(recordsIn(documentOf(right), 'action')).toMatchObject([{ title: 'again', horizon: 'soon' }])
  // A slip that came back after all is decided a second time beside the first.
  right.run('editAction', { id: first(right, 'action'), patch: { title: 'kept' } })
  await right.importEntries(
    [...entriesIn(documentOf(start))]
      .filter(({ record }) => record.id === id)
      .map((entry) => ({ ...entry, restored: makeTimestamp(right.clock.epochMs + 60_000, 0, 'dddd') })),
    [],
  )
  right.clock.epochMs += 120_000
  right.run('sortAsAction', { slipId: id, fields: { title: 'second' } })
  expect(
    recordsIn(documentOf(right), 'action')
      .map(({ title }) => title)
      .sort(),
  ).toEqual(['kept', 'second'])
})
it('hands nothing over to nobody', async () => {
  const store = await withSlip()
  const fields = { title: 'x', waiting: { ...waiting, whom: ' ' } }
  expect(store.run('sortAsHandedOver', { slipId: first(store, 'slip'), fields })).toMatchObject({
    error: { kind: 'empty', field: 'whom' },
  })
})
it('several slips are one act, the first of them on top, with one undo', async () => {
  const store = makeTestStore()
  await store.load()
  store.run('setDownMany', { slips: [{ text: 'one', steps: ['a'] }, { text: 'two' }, { text: 'three' }] })
  const pile = recordsIn(documentOf(store), 'slip').sort((a, b) => b.setDownAtEpochMs - a.setDownAtEpochMs)
  expect(pile.map(({ text }) => text)).toEqual(['one', 'two', 'three'])
  store.undo()
  expect(held(store).size).toBe(0)
  expect(store.run('setDownMany', { slips: [{ text: 'one' }, { text: ' ' }] }).ok).toBe(false)
  expect(held(store).size).toBe(0)
})

describe('the parts of an action', () => {
  const rule = { rule: 'FREQ=WEEKLY;BYDAY=FR', fromDone: false, time: null }
  const when = { kind: 'daysBefore', days: 1, time: null } as const
  async function withAction(): Promise<TestStore> {
    const store = makeTestStore()
    await store.load()
    store.run('addAction', {
      title: 'pay the rent',
      day: friday,
      repeat: rule,
      reminders: [when],
      steps: ['a', 'b'],
    })
    return store
  }
  it('are records of their own, and nothing of them stands in the action', async () => {
    const store = await withAction()
    const id = first(store, 'action')
    expect(recordIn(documentOf(store), id)).not.toHaveProperty('steps')
    expect(repeatOf(documentOf(store), id)).toMatchObject({ ...rule, startsOn: friday, actionId: id })
    expect(remindersOf(documentOf(store), id)).toMatchObject([{ when }])
    store.run('addSteps', { ownerId: id, titles: ['c'] })
    expect(stepsOf(documentOf(store), id).map(({ title }) => title)).toEqual(['a', 'b', 'c'])
  })
  it('are changed and taken off, each by one act with one undo', async () => {
    const store = await withAction()
    const id = first(store, 'action')
    const acts: [CommandName, object][] = [
      ['setRepeat', { id, repeat: { ...rule, rule: 'FREQ=DAILY' } }],
      ['setRepeat', { id, repeat: null }],
      ['changeReminder', { id: first(store, 'reminder'), when: { kind: 'minutesBefore', minutes: 5 } }],
      ['removeReminder', { id: first(store, 'reminder') }],
      ['tickStep', { id: first(store, 'step'), done: true }],
      ['editStep', { id: first(store, 'step'), title: 'changed' }],
      ['removeStep', { id: first(store, 'step') }],
      ['addFiles', { ownerId: id, files: [file] }],
      ['layAside', { ids: [id] }],
    ]
    for (const [act, args] of acts) {
      const before = held(store)
      expect([act, store.run(act, args as never).ok]).toEqual([act, true])
      expect(held(store)).not.toEqual(before)
      store.undo()
      expect(held(store)).toEqual(before)
    }
    // The same reminder twice is one; a rule that is no rule is refused.
    expect(store.run('addReminder', { id, when })).toMatchObject({ error: { kind: 'nothingToDo' } })
    expect(store.run('setRepeat', { id, repeat: { ...rule, rule: 'FREQ=NEVER' } })).toMatchObject({
      error: { kind: 'unfit', field: 'rule' },
    })
  })
  it('a step goes with what stands under it, however deep, and comes back with it', async () => {
    const store = await withAction()
    const [a, b] = stepsOf(documentOf(store), first(store, 'action'))
    const early = makeTimestamp(store.clock.epochMs - 60_000, 0, 'bbbb')
    const under = (id: Id<'step'>, underId: Id<'step'>) =>
      ({ ...a, id, underId, title: id, rank: 'a9' }) as never
    store.run('addSteps', { ownerId: first(store, 'action'), titles: ['c'] })
    await store.importEntries(
      [
        { record: under('step:x', a?.id as Id<'step'>), all: early },
        { record: under('step:y', 'step:x'), all: early },
      ],
      [],
    )
    store.run('removeStep', { id: a?.id as Id<'step'> })
    expect(
      recordsIn(documentOf(store), 'step')
        .map(({ title }) => title)
        .sort(),
    ).toEqual(['b', 'c'])
    store.undo()
    expect(recordsIn(documentOf(store), 'step')).toHaveLength(5)
    expect(b).toBeDefined()
  })
  it('two copies that each add one keep both, and share one rule', async () => {
    const start = await withAction()
    const copies = await Promise.all(
      ['bbbb', 'cccc'].map(async (replica) => {
        const copy = makeTestStore(undefined, { replica })
        await copy.load()
        await copy.importEntries([...entriesIn(documentOf(start))], [])
        return copy
      }),
    )
    const [left, right] = copies as [TestStore, TestStore]
    const id = first(start, 'action')
    for (const [copy, name] of [
      [left, 'left'],
      [right, 'right'],
    ] as const) {
      copy.clock.epochMs += name === 'left' ? 1000 : 2000
      copy.run('addSteps', { ownerId: id, titles: [name] })
      copy.run('addFiles', { ownerId: id, files: [{ ...file, name }] })
      copy.run('setRepeat', { id, repeat: { ...rule, rule: name === 'left' ? 'FREQ=DAILY' : 'FREQ=YEARLY' } })
      copy.run('layAside', { ids: [id] })
    }
    const both = mergeDocuments(documentOf(left), documentOf(right))
    expect(stepsOf(both, id).map(({ title }) => title)).toEqual(expect.arrayContaining(['left', 'right']))
    expect(filesOf(both, id)).toHaveLength(2)
    expect(recordsIn(both, 'repeat').map(({ rule: kept }) => kept)).toEqual(['FREQ=YEARLY'])
    expect(recordsIn(both, 'aside')).toHaveLength(1)
  })
})
