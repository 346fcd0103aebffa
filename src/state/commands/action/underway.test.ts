// What is begun and paused.
import { recordIn, recordsIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { addDays } from '@/core/time'
import { makeTestStore, type TestStore } from '../../testing'

async function ready(): Promise<TestStore> {
  const store = makeTestStore()
  await store.load()
  return store
}
const idOf = (store: TestStore, title: string) =>
  recordsIn(store.api.getState().document, 'action').find((action) => action.title === title)
    ?.id as Id<'action'>
const actionIn = (store: TestStore, title: string) =>
  recordIn(store.api.getState().document, idOf(store, title)) as Action

it('only as many are underway as the person allows', async () => {
  const store = await ready()
  for (const title of ['a', 'b', 'c', 'd']) store.run('addAction', { title })
  for (const title of ['a', 'b', 'c']) expect(store.run('start', { id: idOf(store, title) }).ok).toBe(true)
  expect(store.run('start', { id: idOf(store, 'd') })).toEqual({
    ok: false,
    error: { kind: 'underwayFull', limit: 3 },
  })
  store.run('pause', { id: idOf(store, 'a') })
  expect(store.run('start', { id: idOf(store, 'd') }).ok).toBe(true)
})

it('what is paused stays on the sheet of the day: picked, where it was on none of its lists', async () => {
  const store = await ready()
  const { today } = store.api.getState()
  const tomorrow = addDays(today, 1)
  for (const [title, fields, day] of [
    ['loose', {}, today],
    ['of the week', { horizon: 'week' }, null],
    ['due today', { due: { date: today, time: null } }, null],
    ['picked', { day: today }, today],
    ['for tomorrow', { day: tomorrow }, tomorrow],
  ] as const) {
    store.run('addAction', { title, ...fields })
    store.run('pause', { id: idOf(store, title) })
    // What was not begun is not picked by it.
    expect(actionIn(store, title).day).toBe('day' in fields ? fields.day : null)
    store.run('start', { id: idOf(store, title) })
    store.run('pause', { id: idOf(store, title) })
    expect([title, actionIn(store, title).day]).toEqual([title, day])
  }
})
