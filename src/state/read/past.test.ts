// Questions about one's own past and what answers them, on Wednesday 11 March 2026.
import { recordsIn } from '@/core/journal'
import { readQuestion } from '@/core/past'
import type { Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { answerSaid } from '@/words/past'
import { nameOfRecord } from '@/words/names'
import { makeTestStore, runnerOf, type TestStore } from '../testing'
import * as finished from './finished'
import { answerPast, meantBy } from './past'

const zone = 'Europe/London'
const dayMs = 86_400_000

function ask(store: TestStore, sentence: string) {
  const { document, today } = store.api.getState()
  const question = readQuestion(sentence, { today, weekStartsOn: 0 })
  if (!question) throw new Error(`No question: ${sentence}`)
  const meant = meantBy(document, question)
  const answering = answerPast(document, meant, { today, zone, finished })
  let [steps, step] = [1, answering.next()]
  for (; !step.done; step = answering.next()) steps++
  const names = (places: readonly { readonly id: string }[]) =>
    places.map(({ id }) => nameOfRecord(document, id))
  const { value } = step
  return {
    said: answerSaid(meant, value, today),
    places: names(value.places),
    near: names(value.near),
    steps,
    meant,
  }
}

/** What was done in the weeks before, one thing after another. */
async function practice() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const at = (daysAgo: number) => (store.clock.epochMs = Date.UTC(2026, 2, 11, 9) - daysAgo * dayMs)
  const did = (daysAgo: number, title: string, fields: object = {}) => {
    at(daysAgo)
    const id = run('addAction', { title, ...fields }) as Id<'action'>
    run('tick', { id })
    return id
  }
  at(80)
  const halls = run('addArea', { name: 'Halls', groupId: null }) as Id<'area'>
  const oda = run('addPerson', { name: 'Oda Holm' }) as Id<'person'>
  const hut = run('addProject', { title: 'Hut tender', areaId: halls }) as Id<'project'>
  const mill = run('addProject', { title: 'Mill survey', areaId: halls }) as Id<'project'>
  did(70, 'Draw the hut', { projectId: hut, minutes: 90 })
  did(60, 'Measure the mill', { projectId: mill, minutes: 30 })
  did(50, 'Price the roof', { projectId: hut, minutes: 30 })
  run('setProjectState', { id: hut, state: 'finished' })
  did(40, 'Ring the café owner', { minutes: 10 })
  did(9, 'Ring the tile maker', { minutes: 20, personIds: [oda] })
  did(2, 'Ring the tile maker', { minutes: 30 })
  at(0)
  const held = run('addAction', { title: 'Quote for the tiles' }) as Id<'action'>
  run('editAction', {
    id: held,
    patch: {
      waiting: {
        personId: oda,
        whom: '',
        since: calendarDateUnsafe('2026-02-20'),
        chaseOn: null,
        how: '',
        toSignOff: false,
      },
    },
  })
  return { store, run }
}

it.each([
  ['When did I last ring the tile maker?', 'On Mon 9 Mar, 2 days ago. Done 2 times in all.', 2],
  ['when did I last ring the cafe owner', 'On Fri 30 Jan, 40 days ago.', 1],
  ['When did I last ring the tile maker for Oda?', 'On Mon 2 Mar, 9 days ago.', 1],
  ['How long did the last tender take?', '31 days, 21 Dec 2025 – Tue 20 Jan. 2 h done.', 1],
  ['how long did the mill survey take', 'Not finished yet. 30 min done since 21 Dec 2025.', 1],
  ['How long did I need for the tile maker', 'The last time, Mon 9 Mar: 30 min, estimated.', 2],
  ['What did I do for Oda in March?', '20 min in 1 action. All of it is estimated.', 1],
  ['what did I do in Halls', '2 h 30 in 3 actions. All of it is estimated.', 3],
  ['how much time did I spend on the hut tender', '2 h in 2 actions. All of it is estimated.', 2],
  ['How many projects did I finish this year?', '1 project finished.', 1],
  ['how many projects did I finish in 2024', 'No project was finished.', 0],
  ['How often did I ring the tile maker this month?', '2 times.', 2],
  ['how many actions did I do last week', '1 action done.', 1],
  ['Who am I waiting for?', '1 action waiting, the oldest since Fri 20 Feb.', 1],
  ['what am I waiting for from Oda', '1 action waiting, the oldest since Fri 20 Feb.', 1],
  ['who owes me something since March', 'You aren’t waiting for anything like that.', 0],
  [
    'Which projects have I not touched for six weeks?',
    '1 project with nothing done for 6 weeks or longer.',
    1,
  ],
  ['which projects have I not touched for 3 months', 'Something was done in every project in the last', 0],
] as const)('%s', async (sentence, said, places) => {
  const answer = ask((await practice()).store, sentence)
  expect(answer.said).toContain(said)
  expect(answer.places).toHaveLength(places)
})

it('where nothing is about all the words, what is about most of them is near', async () => {
  const { store } = await practice()
  const answer = ask(store, 'when did I last ring the roof maker')
  expect(answer).toMatchObject({ said: 'Nothing you ticked is about that.', places: [] })
  expect(answer.near[0]).toBe('Ring the tile maker')
  expect(ask(store, 'when did I last fly to the moon').near).toEqual([])
})

it('a name that nothing bears is words; of those that have it among others, the whole name wins', async () => {
  const { store, run } = await practice()
  expect(ask(store, 'what did I do for the tile maker').meant).toMatchObject({
    namedId: null,
    about: 'tile maker',
  })
  // What was done often is words, though a project is called like it.
  expect(ask(store, 'how often did I draw the hut').meant).toMatchObject({
    namedId: null,
    about: 'draw the hut',
  })
  expect(ask(store, 'how often did I survey').meant).toMatchObject({ namedId: null, about: 'survey' })
  const oda = run('addPerson', { name: 'Oda' })
  expect(ask(store, 'what did I do for Oda').meant.namedId).toBe(oda)
})

it('what is undone is no longer told, and what was renamed is found by its new words', async () => {
  const { store, run } = await practice()
  const id = run('addAction', { title: 'Sweep the yard' }) as Id<'action'>
  run('tick', { id })
  expect(ask(store, 'when did I last sweep the yard').said).toBe('Today.')
  run('editAction', { id, patch: { title: 'Rake the yard' } })
  expect(ask(store, 'when did I last rake the yard').said).toBe('Today.')
  store.undo()
  store.undo()
  expect(ask(store, 'when did I last sweep the yard').places).toEqual([])
})

it('goes on in steps, lists the latest thirty, and counts them all', async () => {
  const { store, run } = await practice()
  for (let at = 0; at < 1100; at++)
    run('tick', { id: run('addAction', { title: `count ${at}` }) as Id<'action'> })
  const answer = ask(store, 'how often did I count')
  expect(answer.said).toBe('1,100 times.')
  expect(answer.places).toHaveLength(30)
  expect(answer.steps).toBeGreaterThan(1)
})

it('what came back is one action however often it was done, with or without its first', async () => {
  const { store, run } = await practice()
  const id = run('addAction', {
    title: 'Water the plants',
    minutes: 5,
    at: { date: '2026-03-11', time: null },
  } as never) as Id<'action'>
  run('setRepeat', { id, repeat: { rule: 'FREQ=DAILY', fromDone: false, time: null } })
  const doNext = () => {
    const open = recordsIn(store.api.getState().document, 'action').find(
      ({ title, doneAtEpochMs }) => title === 'Water the plants' && doneAtEpochMs === null,
    )
    run('tick', { id: open?.id as Id<'action'> })
  }
  doNext()
  for (let day = 1; day < 4; day++) {
    store.clock.epochMs += dayMs
    doNext()
  }
  expect(ask(store, 'how often did I water the plants').said).toBe('4 times.')
  expect(ask(store, 'how many actions did I do since yesterday').said).toBe('1 action done.')
  expect(ask(store, 'how many actions did I do since 10 March').said).toBe('1 action done.')
  expect(ask(store, 'how much time did I spend on the plants').said).toBe(
    '20 min in 1 action. All of it is estimated.',
  )
})
