import { learnJournal, makeLearner } from '@/core/sorting/learning'
import type { Id } from '@/core/record'
import { makeTestStore, runnerOf } from '@/state/testing'
import { beginLearning, learnedNow } from './learned'

it('learns every act once: those before it began, those since, and what is undone not at all', async () => {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const context = run('addContext', { name: 'Phone' }) as Id<'context'>
  const add = (title: string) => run('addAction', { title, contextIds: [context] })
  add('ring Oda')
  add('ring Davit')
  await beginLearning({ store, kept: { database: 'test', by: 'test' } } as never)
  const fromJournal = async () => {
    const learner = makeLearner()
    learnJournal(learner, (await store.journal()).changes)
    return learner.state()
  }
  expect(learnedNow()?.state()).toEqual(await fromJournal())
  add('ring the mill')
  store.undo()
  add('ring the library')
  expect(learnedNow()?.state()).toEqual(await fromJournal())
  await store.wipe()
  expect(learnedNow()).toBeNull()
})
