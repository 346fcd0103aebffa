import { emptyDocument, recordsIn, withChanges, type Change } from '@/core/journal'
import type { Id } from '@/core/record'
import { answersOf, everyStoneOf, lastReviewOf, roundOf } from '../../read/reviews'
import { makeTestStore, runnerOf, type TestStore } from '../../testing'

const figures = {
  slipsLeft: 0,
  projectsOpen: 0,
  projectsWithoutNextAction: 0,
  waiting: 0,
  someday: 0,
  done: 0,
  doneMinutes: 0,
  doneTitles: [],
}
const documentOf = (store: TestStore) => store.api.getState().document

async function device(replica: string) {
  const store = makeTestStore(undefined, { replica, device: replica })
  await store.load()
  const run = runnerOf(store)
  return { store, run, changes: async () => (await store.journal()).changes }
}
const together = async (...devices: Awaited<ReturnType<typeof device>>[]) =>
  withChanges(emptyDocument, (await Promise.all(devices.map(({ changes }) => changes()))).flat())

it('reviews begun on two devices at once both keep their answers', async () => {
  const [one, two] = [await device('aaaa'), await device('bbbb')]
  for (const { run } of [one, two]) {
    const id = run('startReview', {}) as Id<'review'>
    run('editAnswer', { id, stone: 'stopped', question: 'What?', answer: `said on ${id}` })
  }
  const document = await together(one, two)
  const reviews = recordsIn(document, 'review')
  expect(reviews).toHaveLength(2)
  for (const review of reviews)
    expect(answersOf(document, review).map(({ answer }) => answer)).toEqual([`said on ${review.id}`])
})
it('one review gone on with on two devices keeps what both went through, looked at and added', async () => {
  const one = await device('aaaa')
  const id = one.run('startReview', {}) as Id<'review'>
  const [hall, shed] = ['hall', 'shed'].map((title) => one.run('addProject', { title }) as Id<'project'>)
  const base = await one.changes()
  const other = await device('cccc')
  await other.store.importEntries(
    [...recordsIn(documentOf(one.store), 'review'), ...recordsIn(documentOf(one.store), 'project')].map(
      (record) => ({ record, all: (base.at(-1) as Change).stamp }),
    ),
    base,
  )
  one.run('lookedAt', { id, ofId: hall as Id<'project'> })
  one.run('stepTo', { id, stone: 'waiting', done: true, spentMs: 60_000, met: 3 })
  one.run('addQuestion', { rhythm: 'week', question: 'What did I learn?' })
  other.run('lookedAt', { id, ofId: shed as Id<'project'> })
  other.run('stepTo', { id, stone: 'projects', done: false })
  other.run('stepTo', { id, stone: 'aims', done: true, spentMs: 30_000, met: 2 })
  other.run('addQuestion', { rhythm: 'week', question: 'What do I dread?' })
  const document = await together(one, other)
  expect(recordsIn(document, 'review')[0]).toMatchObject({
    looked: [hall, shed].sort(),
    stonesDone: ['projects', 'tray'],
    spentMs: { tray: 60_000, projects: 30_000 },
    met: { tray: 3, projects: 2 },
  })
  const questions = roundOf(document, 'week').flatMap(({ question }) => question ?? [])
  expect(questions.sort()).toEqual(['What did I learn?', 'What do I dread?'])
})
it('a clock that was wrong counts no time backwards, and no week as reviewing', async () => {
  const { store, run } = await device('aaaa')
  const id = run('startReview', {}) as Id<'review'>
  run('stepTo', { id, stone: 'waiting', done: true, spentMs: -7 * 86_400_000 })
  run('stepTo', { id, stone: 'aims', done: true, spentMs: 7 * 86_400_000 })
  expect(recordsIn(documentOf(store), 'review')[0]?.spentMs).toEqual({ tray: 0, waiting: 30 * 60_000 })
})
it('let go, a review takes its answers along, and undo brings all of it back', async () => {
  const { store, run } = await device('aaaa')
  const id = run('startReview', { rhythm: 'month' }) as Id<'review'>
  run('editAnswer', { id, stone: 'stopped', question: 'What?', answer: 'coffee' })
  run('dropReview', { id })
  expect([
    ...recordsIn(documentOf(store), 'review'),
    ...recordsIn(documentOf(store), 'reviewAnswer'),
  ]).toEqual([])
  store.undo()
  expect(recordsIn(documentOf(store), 'reviewAnswer')).toMatchObject([{ answer: 'coffee' }])
})
it('the last review is the last of its rhythm, and the one before a given one', async () => {
  const { store, run } = await device('aaaa')
  const made = ['week', 'month', 'week'].map((rhythm) => {
    store.clock.epochMs += 86_400_000
    const id = run('startReview', { rhythm: rhythm as 'week' }) as Id<'review'>
    run('finishReview', { id, figures })
    return id
  })
  const document = documentOf(store)
  expect(lastReviewOf(document, 'week')?.id).toBe(made[2])
  expect(lastReviewOf(document, 'month')?.id).toBe(made[1])
  expect(lastReviewOf(document, 'week', store.clock.epochMs)?.id).toBe(made[0])
})
it('parts keep the order of the hand; one left out is not gone through and can be taken in again', async () => {
  const { store, run } = await device('aaaa')
  const keys = () => everyStoneOf(documentOf(store), 'week').map(({ key }) => key)
  const before = keys()
  run('moveStone', { rhythm: 'week', key: 'goals', places: -2 })
  expect(keys().indexOf('goals')).toBe(before.indexOf('goals') - 2)
  run('setStone', { rhythm: 'week', key: 'goals', isOff: true })
  expect(roundOf(documentOf(store), 'week').map(({ key }) => key)).toEqual(
    keys().filter((key) => key !== 'goals'),
  )
  run('setStone', { rhythm: 'week', key: 'goals', isOff: false })
  expect(roundOf(documentOf(store), 'week').map(({ key }) => key)).toEqual(keys())
  expect(store.run('moveStone', { rhythm: 'week', key: 'none', places: 1 }).ok).toBe(false)
})
