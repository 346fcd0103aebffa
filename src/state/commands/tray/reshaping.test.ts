import { recordIn, recordsById, recordsIn, type Document } from '@/core/journal'
import type { Id, RecordKind } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { asideOf, filesOf, remindersOf, repeatOf, stepsOf } from '../../read/ownedIndexes'
import { makeTestStore, type TestStore } from '../../testing'
import { findDuplicates } from '../../read/duplicates'
import { mergedInBy } from '../../read/mergedIn'
import { commands, type NewFile } from '..'

const friday = calendarDateUnsafe('2026-03-13')
const fileCalled = (name: string): NewFile => ({
  name,
  mediaType: 'text/plain',
  bytes: 3,
  blob: `sha256-${'a'.repeat(64)}`,
  smallBlob: null,
})
const documentOf = (store: TestStore): Document => store.api.getState().document
const held = (store: TestStore) => recordsById(documentOf(store))
const all = <K extends RecordKind>(store: TestStore, kind: K) => recordsIn(documentOf(store), kind)
const slipCalled = (store: TestStore, text: string) =>
  all(store, 'slip').find((slip) => slip.text === text)?.id as Id<'slip'>
const actionCalled = (store: TestStore, title: string) =>
  all(store, 'action').find((action) => action.title === title)?.id as Id<'action'>
const titles = (parts: readonly { title: string }[]) => parts.map(({ title }) => title)
const names = (files: readonly { name: string }[]) => files.map(({ name }) => name)

/** Two slips a day apart and an action, each with a step and a file; the younger slip lies aside. */
async function furnished(): Promise<TestStore> {
  const store = makeTestStore()
  await store.load()
  store.run('addPerson', { name: 'Oda' })
  store.run('addPerson', { name: 'Perrin' })
  const [oda, perrin] = all(store, 'person').map(({ id }) => id)
  store.run('setDown', {
    text: 'order felt tomorrow',
    note: 'Grey.',
    steps: ['measure'],
    files: [fileCalled('old.txt')],
    personIds: [oda as Id<'person'>],
  })
  store.clock.epochMs += 86_400_000
  store.run('setDown', {
    text: 'felt for the panels',
    note: 'Thick.',
    steps: ['count'],
    files: [fileCalled('new.txt')],
    personIds: [perrin as Id<'person'>],
  })
  store.run('layAside', { ids: [slipCalled(store, 'felt for the panels')] })
  store.run('addAction', {
    title: 'order the felt',
    note: 'From the mill.',
    minutes: 20,
    steps: ['ring'],
    personIds: [oda as Id<'person'>],
  })
  store.run('addFiles', { ownerId: actionCalled(store, 'order the felt'), files: [fileCalled('mine.txt')] })
  return store
}
/** Runs an act, and looks that one undo gives everything back. */
function once(store: TestStore, act: () => { readonly ok: boolean }): void {
  const before = held(store)
  expect(act().ok).toBe(true)
  const after = held(store)
  store.undo()
  expect(held(store)).toEqual(before)
  store.redo()
  expect(held(store)).toEqual(after)
}

it('joining leaves the oldest slip, with every text, note, step, file and person, and in the review box', async () => {
  const store = await furnished()
  const [old, young] = [
    slipCalled(store, 'order felt tomorrow'),
    slipCalled(store, 'felt for the panels'),
  ] as const
  once(store, () => store.run('joinSlips', { ids: [young, old] }))
  expect(all(store, 'slip')).toMatchObject([
    { id: old, text: 'order felt tomorrow', note: 'Grey.\n\nfelt for the panels\n\nThick.' },
  ])
  expect(recordIn(documentOf(store), old)?.personIds).toHaveLength(2)
  expect(titles(stepsOf(documentOf(store), old))).toEqual(['measure', 'count'])
  expect(names(filesOf(documentOf(store), old))).toEqual(['old.txt', 'new.txt'])
  expect(asideOf(documentOf(store), old)).toBeDefined()
  expect(all(store, 'aside')).toHaveLength(1)
  expect(store.run('joinSlips', { ids: [old, old] })).toMatchObject({ error: { kind: 'nothingToDo' } })
})

it('merging into an action keeps what is set, fills in what was open, and loses neither text', async () => {
  const store = await furnished()
  const [slip, action] = [
    slipCalled(store, 'felt for the panels'),
    actionCalled(store, 'order the felt'),
  ] as const
  const repeat = { rule: 'FREQ=DAILY', fromDone: false, time: null }
  const when = { kind: 'daysBefore', days: 1, time: null } as const
  const fields = {
    title: 'felt for the panels',
    minutes: 5,
    due: { date: friday, time: null },
    repeat,
    reminders: [when],
  }
  once(store, () => store.run('mergeIntoAction', { slipId: slip, actionId: action, fields }))
  expect(recordIn(documentOf(store), action)).toMatchObject({
    title: 'order the felt',
    minutes: 20,
    due: { date: friday },
    note: 'From the mill.\n\nfelt for the panels\n\nThick.',
  })
  expect(recordIn(documentOf(store), action)?.personIds).toHaveLength(2)
  expect(titles(stepsOf(documentOf(store), action))).toEqual(['ring', 'count'])
  expect(names(filesOf(documentOf(store), action))).toEqual(['mine.txt', 'new.txt'])
  expect(repeatOf(documentOf(store), action)?.rule).toBe('FREQ=DAILY')
  expect(remindersOf(documentOf(store), action)).toHaveLength(1)
  expect(asideOf(documentOf(store), action)).toBeDefined()
  expect(recordIn(documentOf(store), slip)).toBeUndefined()
})

it('splitting leaves the first piece the slip it was; the others are as old and from the same person', async () => {
  const store = await furnished()
  const id = slipCalled(store, 'order felt tomorrow')
  const pieces = [
    { text: 'order felt', note: '', takenOff: [] },
    { text: 'ring the mill', note: 'Grey.', takenOff: [] },
  ]
  once(store, () => store.run('splitSlip', { id, pieces }))
  const second = recordIn(documentOf(store), slipCalled(store, 'ring the mill'))
  expect(recordIn(documentOf(store), id)).toMatchObject({ text: 'order felt', note: '' })
  expect(second).toMatchObject({ note: 'Grey.' })
  expect(second?.personIds).toEqual(recordIn(documentOf(store), id)?.personIds)
  expect((second?.setDownAtEpochMs ?? 0) - (recordIn(documentOf(store), id)?.setDownAtEpochMs ?? 0)).toBe(1)
  expect(stepsOf(documentOf(store), id)).toHaveLength(1)
  const blank = [pieces[0]!, { text: ' ', note: 'Grey.', takenOff: [] }]
  expect(store.run('splitSlip', { id, pieces: blank })).toMatchObject({ error: { kind: 'empty' } })
})

it('a slip becomes a step word for word; its steps stand under it, its note and files lie with the action', async () => {
  const store = await furnished()
  const [slip, action] = [
    slipCalled(store, 'felt for the panels'),
    actionCalled(store, 'order the felt'),
  ] as const
  once(store, () => store.run('makeStepOf', { slipId: slip, actionId: action }))
  const steps = stepsOf(documentOf(store), action)
  expect(titles(steps)).toEqual(expect.arrayContaining(['ring', 'felt for the panels', 'count']))
  const made = steps.find(({ title }) => title === 'felt for the panels')
  expect(steps.find(({ title }) => title === 'count')?.underId).toBe(made?.id)
  expect(steps.filter(({ underId }) => underId === null).map(({ title }) => title)).toEqual([
    'ring',
    'felt for the panels',
  ])
  expect(recordIn(documentOf(store), action)?.note).toBe('From the mill.\n\nThick.')
  expect(names(filesOf(documentOf(store), action))).toEqual(['mine.txt', 'new.txt'])
})

describe('an action and a project', () => {
  async function grown(): Promise<{ store: TestStore; id: Id<'action'>; project: Id<'project'> }> {
    const store = await furnished()
    store.run('addArea', { name: 'Office', groupId: null })
    const id = actionCalled(store, 'order the felt')
    const areaId = all(store, 'area')[0]?.id as Id<'area'>
    store.run('editAction', { id, patch: { areaId, due: { date: friday, time: null } } })
    const [step] = stepsOf(documentOf(store), id)
    store.run('addSteps', { ownerId: id, titles: ['pay'] })
    once(store, () =>
      store.run('growIntoProject', {
        id,
        title: 'The felt is here',
        next: 'ring',
        nextStepId: step?.id ?? null,
      }),
    )
    return { store, id, project: all(store, 'project')[0]?.id as Id<'project'> }
  }
  it('grows with its note, promise, steps and files; a step becomes the next action', async () => {
    const { store, id, project } = await grown()
    expect(recordIn(documentOf(store), project)).toMatchObject({
      title: 'The felt is here',
      note: 'From the mill.\n\n20 min',
      due: friday,
      areaId: all(store, 'area')[0]?.id,
    })
    expect(recordIn(documentOf(store), id)).toMatchObject({
      title: 'ring',
      note: '',
      projectId: project,
      areaId: null,
      minutes: null,
      due: null,
    })
    expect(recordIn(documentOf(store), id)?.personIds).toHaveLength(1)
    expect(titles(stepsOf(documentOf(store), project))).toEqual(['pay'])
    expect(names(filesOf(documentOf(store), project))).toEqual(['mine.txt'])
  })
  it('keeps minutes and promise where the next action is the whole of it', async () => {
    const store = await furnished()
    const id = actionCalled(store, 'order the felt')
    store.run('growIntoProject', { id, title: 'Felt', next: 'Order  the felt' })
    expect(recordIn(documentOf(store), id)).toMatchObject({ title: 'Order the felt', minutes: 20 })
  })
  it('shrinks back, and what was done for it and is kept with it stays on its area', async () => {
    const { store, id, project } = await grown()
    store.run('addAction', { title: 'asked', projectId: project })
    expect(store.run('shrinkToAction', { id: project })).toMatchObject({
      error: { kind: 'notOneAction', count: 2 },
    })
    store.run('tick', { id: actionCalled(store, 'asked') })
    store.run('editProject', { id: project, patch: { outcome: 'Grey walls.' } })
    once(store, () => store.run('shrinkToAction', { id: project }))
    const areaId = all(store, 'area')[0]?.id
    expect(recordIn(documentOf(store), id)).toMatchObject({
      title: 'ring',
      projectId: null,
      areaId,
      due: { date: friday, time: null },
      note: 'The felt is here\n\nGrey walls.\n\nFrom the mill.\n\n20 min',
    })
    expect(recordIn(documentOf(store), actionCalled(store, 'asked'))).toMatchObject({
      projectId: null,
      areaId,
    })
    expect(titles(stepsOf(documentOf(store), id))).toEqual(['pay'])
    expect(all(store, 'project')).toEqual([])
  })
})

describe('the history of what was taken in', () => {
  const told = async (store: TestStore, id: string) => {
    const changes = await store.historyOf([id])
    return mergedInBy(changes, id).map((taken) => taken.id)
  }
  it('is told until it is undone', async () => {
    const store = await furnished()
    const [old, young] = [
      slipCalled(store, 'order felt tomorrow'),
      slipCalled(store, 'felt for the panels'),
    ] as const
    store.run('joinSlips', { ids: [old, young] })
    expect(await told(store, old)).toEqual([young])
    store.undo()
    expect(await told(store, old)).toEqual([])
    store.redo()
    expect(await told(store, old)).toEqual([young])
  })
  it('goes from an action to the project it grew into, and not back', async () => {
    const store = await furnished()
    const id = actionCalled(store, 'order the felt')
    store.run('growIntoProject', { id, title: 'Felt', next: 'ring' })
    const project = all(store, 'project')[0]?.id as Id<'project'>
    expect([await told(store, project), await told(store, id)]).toEqual([[id], []])
    // What was done for it changes its shelf, and is no part of the story.
    store.run('addAction', { title: 'asked', projectId: project })
    store.run('tick', { id: actionCalled(store, 'asked') })
    store.run('shrinkToAction', { id: project })
    expect(await told(store, id)).toEqual([project])
  })
  it('knows every act of sorting', async () => {
    const sortings = Object.keys(commands).filter((name) => name.startsWith('sortAs'))
    for (const act of sortings)
      expect(
        mergedInBy(
          [
            {
              stamp: 'a' as never,
              act,
              diff: [
                { kind: 'removed', record: { id: 'slip:a' } as never },
                { kind: 'added', record: { id: 'action:a' } as never },
              ],
            },
          ],
          'action:a',
        ),
      ).toEqual([{ id: 'slip:a', until: 'a' }])
  })
})

it('duplicates are open actions and other slips with the same telling words, the likest first', async () => {
  const store = await furnished()
  for (const title of ['ring the mason', 'write to the library', 'mend the lamp', 'post the meter'])
    store.run('addAction', { title })
  store.run('setDown', { text: 'order the felt by friday, 20 min' })
  const [slip] = all(store, 'slip').filter(({ text }) => text.startsWith('order the felt by'))
  let rests = 0
  const found = async (isWanted = true) => {
    const looking = { rest: async () => void rests++, isWanted: () => isWanted }
    return (await findDuplicates(documentOf(store), slip!, 'order the felt', 3, looking)).map(({ id }) => id)
  }
  const [action, older] = [actionCalled(store, 'order the felt'), slipCalled(store, 'order felt tomorrow')]
  expect(await found()).toEqual([action, older])
  store.run('tick', { id: action })
  store.run('removeSlip', { id: older })
  expect(await found()).toEqual([])
  // Of very many the screen is let on in between; and what is not wanted any more is not looked for.
  store.run('untick', { id: action })
  store.run('setDownMany', {
    slips: Array.from({ length: 600 }, (_, at) => ({ text: `thought ${at} of many` })),
  })
  expect([await found(), rests]).toEqual([[action], 1])
  expect(await found(false)).toEqual([])
})
