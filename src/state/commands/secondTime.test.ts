// What is done a second time: after a day, a write that failed, a pause in typing; where it is so already.
import { recordIn, recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { noteIn } from '../read/tiedTo'
import { meetingNotesWith } from '../read/pages'
import { passagesOf } from '../read/stages'
import { makeMemoryStore } from '../persistence'
import { makeTestStore, runnerOf, type TestStore } from '../testing'

const documentOf = (store: TestStore) => store.api.getState().document
async function opened() {
  const store = makeTestStore()
  await store.load()
  return { store, run: runnerOf(store), today: store.api.getState().today }
}

describe('a day that is ended again', () => {
  it('has its last line alone at the end of its note, and every word of the person’s', async () => {
    const { store, run, today } = await opened()
    const id = `note:day-${today}` as const
    run('writeNote', { id, note: 'Called the mill.' })
    run('endDay', { date: today, line: 'tired', moves: [] })
    expect(noteIn(documentOf(store), id)).toBe('Called the mill.\n\ntired')
    run('endDay', { date: today, line: 'done', moves: [] })
    expect(noteIn(documentOf(store), id)).toBe('Called the mill.\n\ndone')
    // Written on by hand, in words that end as the line does.
    run('writeNote', { id, note: 'Called the mill.\n\nThe quote is not done' })
    run('endDay', { date: today, line: 'late', moves: [] })
    expect(noteIn(documentOf(store), id)).toBe('Called the mill.\n\nThe quote is not done\n\nlate')
    run('endDay', { date: today, line: '', moves: [] })
    expect(noteIn(documentOf(store), id)).toBe('Called the mill.\n\nThe quote is not done')
    expect(recordIn(documentOf(store), `plan:day-${today}`)).toMatchObject({ line: '' })
  })
  it('moves what is left once, and what was moved is not counted as moved again', async () => {
    const { store, run, today } = await opened()
    const id = run('addAction', { title: 'a', day: today }) as Id<'action'>
    const to = '2026-03-13' as typeof today
    run('endDay', { date: today, line: 'x', moves: [{ id, to }] })
    run('endDay', { date: today, line: 'y', moves: [{ id, to }] })
    expect(recordIn(documentOf(store), id)).toMatchObject({ day: to, moved: [expect.any(String)] })
  })
})

it('removing everything is tried again after a write that failed, and nothing is left then', async () => {
  const kept = makeMemoryStore()
  let fails = false
  const store = makeTestStore({
    ...kept,
    removeMany: (keys) => (fails ? Promise.reject(new Error('refused')) : kept.removeMany(keys)),
  })
  await store.load()
  store.run('setDown', { text: 'one' })
  await store.settled()
  fails = true
  await expect(store.wipe()).rejects.toThrow('refused')
  expect(recordsIn(documentOf(store), 'slip')).toHaveLength(1)
  store.run('setDown', { text: 'two' })
  await store.settled()
  fails = false
  expect((await store.wipe()).ok).toBe(true)
  expect(recordsIn(documentOf(store), 'slip')).toEqual([])
  const again = makeTestStore(kept)
  await again.load()
  expect(recordsIn(documentOf(again), 'slip')).toEqual([])
  again.run('setDown', { text: 'three' })
  await again.settled()
  const third = makeTestStore(kept)
  await third.load()
  expect(recordsIn(documentOf(third), 'slip').map(({ text }) => text)).toEqual(['three'])
})

it('typing that goes on is one change with one undo; after another act it is a new one', async () => {
  const { store, run } = await opened()
  const id = run('addAction', { title: 'a' }) as Id<'action'>
  const type = (note: string, goesOn: boolean) =>
    store.run(
      'editAction',
      { id, patch: { note } },
      goesOn ? { continuing: store.api.getState().recent.at(-1)?.stamp } : {},
    )
  const changes = () => store.api.getState().recent.length
  const before = changes()
  type('on', false)
  type('one', true)
  type('one two', true)
  expect(changes()).toBe(before + 1)
  const goingOn = store.api.getState().recent.at(-1)?.stamp
  run('setDown', { text: 'between' })
  store.run('editAction', { id, patch: { note: 'one two three' } }, { continuing: goingOn })
  expect(changes()).toBe(before + 3)
  store.undo()
  expect(recordIn(documentOf(store), id)?.note).toBe('one two')
  store.undo()
  store.undo()
  expect(recordIn(documentOf(store), id)?.note).toBe('')
})

it('a project put into the stage it is in passes nothing; left and entered again, it passed twice', async () => {
  const { store, run } = await opened()
  const areaId = run('addArea', { name: 'Enquiries', groupId: null }) as Id<'area'>
  const [first, second] = ['call', 'offer'].map((name) => run('addStage', { ownerId: areaId, name }))
  const id = run('addProject', { title: 'mill', areaId }) as Id<'project'>
  const stages = () => passagesOf(documentOf(store), id).map(({ stageId }) => stageId)
  expect(stages()).toEqual([first])
  expect(store.run('standIn', { id, stageId: first as Id<'stage'> })).toMatchObject({
    error: { kind: 'nothingToDo' },
  })
  expect(stages()).toEqual([first])
  for (const stageId of [second, first]) {
    store.clock.epochMs += 60_000
    run('standIn', { id, stageId: stageId as Id<'stage'> })
  }
  expect(stages()).toEqual([first, second, first])
})

it('two meetings with one person are both hers; one that goes leaves the other', async () => {
  const { store, run } = await opened()
  const oda = run('addPerson', { name: 'Oda' }) as Id<'person'>
  const [one, two] = ['survey', 'offer'].map((title) =>
    run('addMeetingNote', { title, note: '- [ ] send it', personIds: [oda] }),
  )
  const hers = () => meetingNotesWith(documentOf(store), oda).map(({ id }) => id)
  expect(hers().sort()).toEqual([one, two].sort())
  run('removeMeetingNote', { id: one as Id<'note'> })
  expect(hers()).toEqual([two])
  store.undo()
  expect(hers().sort()).toEqual([one, two].sort())
})
