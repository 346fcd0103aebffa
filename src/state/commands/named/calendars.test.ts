import { recordIn, recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { makeTestStore, runnerOf } from '../../testing'

async function withTwo() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const link = 'https://hall.example/diary.ics'
  const hall = run('addCalendar', { name: ' Fenwick  Hall ', link }) as Id<'calendar'>
  const own = run('addCalendar', { name: 'Own', link: null, isFree: true }) as Id<'calendar'>
  return { store, run, hall, own, link }
}

it('adds calendars one after the other, each in an ink of its own', async () => {
  const { store, hall, own } = await withTwo()
  const [first, second] = recordsIn(store.api.getState().document, 'calendar').sort((a, b) =>
    a.rank < b.rank ? -1 : 1,
  )
  expect(first).toMatchObject({
    id: hall,
    name: 'Fenwick Hall',
    ink: 0,
    isHidden: false,
    isFree: false,
    side: null,
  })
  expect(second).toMatchObject({ id: own, ink: 1, link: null, isFree: true })
})
it('refuses a link that is read already, with its name, and a name without a word', async () => {
  const { store, link } = await withTwo()
  expect(store.run('addCalendar', { name: 'Again', link })).toEqual({
    ok: false,
    error: { kind: 'linkTaken', name: 'Fenwick Hall' },
  })
  expect(store.run('addCalendar', { name: ' ', link: null })).toMatchObject({
    ok: false,
    error: { kind: 'empty' },
  })
  expect(store.run('addCalendar', { name: 'Another file', link: null }).ok).toBe(true)
})
it('is removed, and what was made from its events stays and still names them', async () => {
  const { store, hall } = await withTwo()
  const event = {
    calendarId: hall,
    key: 'trustees 1',
    title: 'Fenwick trustees',
    on: calendarDateUnsafe('2026-03-11'),
    fromEpochMs: 5,
  }
  const action = store.run('addAction', { title: 'prepare', event })
  const id =
    action.ok && action.value[0]?.kind === 'added'
      ? (action.value[0].record.id as Id<'action'>)
      : 'action:none'
  store.run('removeCalendar', { id: hall })
  const { document } = store.api.getState()
  expect([recordIn(document, hall), recordIn(document, id)?.event]).toEqual([undefined, event])
  store.undo()
  expect(recordIn(store.api.getState().document, hall)?.name).toBe('Fenwick Hall')
})
