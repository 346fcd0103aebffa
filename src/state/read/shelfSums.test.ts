import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { makeTestStore, runnerOf } from '../testing'
import { shelfSumsOf } from './shelfSums'
import { projectsOfArea } from './selectors'

it('counts the open projects of an area that have nothing to do next, and no others', async () => {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const areaId = run('addArea', { name: 'Rooms', groupId: null } as never) as Id<'area'>
  const projects = ['hall', 'bakery', 'loft', 'choir'].map(
    (title) => run('addProject', { title, areaId } as never) as Id<'project'>,
  )
  for (const projectId of projects.slice(0, 2)) run('addAction', { title: 'measure', projectId } as never)
  run('setProjectState', { id: projects[3] as Id<'project'>, state: 'notNow' })
  const { document } = store.api.getState()
  const [today, weekEnd] = [calendarDateUnsafe('2026-03-11'), calendarDateUnsafe('2026-03-15')]
  const area = recordIn(document, areaId)
  expect(
    area && shelfSumsOf(document, area, projectsOfArea(document, areaId), today, weekEnd).withoutNext,
  ).toBe(1)
})
