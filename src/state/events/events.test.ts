import { recordIn, recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { eventsIn } from './events'
import { makeTestStore, runnerOf } from '../testing'

const day = (date: number) => calendarDateUnsafe(`2026-03-${date}`)

async function withProject() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const hall = run('addProject', { title: 'Hall' }) as Id<'project'>
  const [one, two] = ['measure', 'draw'].map(
    (title) => run('addAction', { title, projectId: hall }) as Id<'action'>,
  ) as [Id<'action'>, Id<'action'>]
  return { store, run, hall, one, two }
}

it('tells of the third move to another day, by whatever act, and of no other', async () => {
  const { store, one, two } = await withProject()
  const told = [11, 12, 13, 14, 15].map((date) => eventsIn(store.run('moveTo', { id: one, day: day(date) })))
  expect(told).toEqual([[], [], [], [{ kind: 'movedThrice', id: one }], []])
  for (const date of [11, 12, 13]) store.run('editAction', { id: two, patch: { day: day(date) } })
  expect(eventsIn(store.run('spreadDay', { moves: [{ id: two, to: day(20) }] }))).toEqual([
    { kind: 'movedThrice', id: two },
  ])
  expect(eventsIn(store.run('moveTo', { id: 'action:none', day: day(20) }))).toEqual([])
})
it('tells of an open project that has no next action, once the last is done or let go of', async () => {
  const { store, run, hall, one, two } = await withProject()
  expect(eventsIn(store.run('tick', { id: one }))).toEqual([])
  expect(eventsIn(store.run('letGo', { id: two }))).toEqual([{ kind: 'noNext', id: hall }])
  store.undo()
  expect(eventsIn(store.run('tickActions', { ids: [two] }))).toEqual([{ kind: 'noNext', id: hall }])
  store.undo()
  // A project that rests asks for none, and neither does an action without one.
  run('setProjectState', { id: hall, state: 'notNow' })
  expect(eventsIn(store.run('tick', { id: two }))).toEqual([])
  expect(eventsIn(store.run('tick', { id: run('addAction', { title: 'post' }) as Id<'action'> }))).toEqual([])
})
it('tells on which day the next of what repeats has come', async () => {
  const { store, one } = await withProject()
  store.run('setRepeat', {
    id: one,
    repeat: { rule: 'FREQ=WEEKLY;BYDAY=FR', fromDone: false, time: null } as never,
  })
  store.run('moveTo', { id: one, day: day(13) })
  expect(eventsIn(store.run('tick', { id: one }))).toEqual([{ kind: 'nextCame', on: day(20) }])
  const document = store.api.getState().document
  expect(recordsIn(document, 'action').filter(({ occurrence }) => occurrence === day(20))).toHaveLength(1)
  expect(recordIn(document, one)?.doneAtEpochMs).not.toBeNull()
})
