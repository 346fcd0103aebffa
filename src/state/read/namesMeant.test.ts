// What a name in a sentence may mean.
import { parseSentence } from '@/core/sentence/reader'
import type { Id } from '@/core/record'
import { namesOf } from './selectors'
import { makeTestStore, runnerOf } from '../testing'

it('contexts, people, areas and projects are meant by their names; not what is closed, over or retired', async () => {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const desk = run('addContext', { name: 'Desk' }) as Id<'context'>
  const oda = run('addPerson', { name: 'Oda' })
  const area = run('addArea', { name: 'Halls', groupId: null }) as Id<'area'>
  const project = run('addProject', { title: 'Fenwick' }) as Id<'project'>
  const meant = () =>
    parseSentence('measure it, desk, oda, halls, fenwick', {
      today: store.api.getState().today,
      names: namesOf(store.api.getState().document),
    })
      .clauses.flatMap((clause) => ('name' in clause && clause.name ? [clause.name.id] : []))
      .sort()
  expect(meant()).toEqual([area, desk, oda, project].sort())
  run('leaveShelf', { id: area, way: { kind: 'letGo' } })
  run('setProjectState', { id: project, state: 'letGo' })
  run('editContext', { id: desk, patch: { retiredAtEpochMs: 1 } })
  expect(meant()).toEqual([oda])
})
