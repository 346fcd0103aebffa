import { recordIn, recordsById, recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { minutesTakenOf } from '../../read/ownedIndexes'
import { makeTestStore, testStartEpochMs } from '../../testing'

async function storeWith() {
  const store = makeTestStore()
  await store.load()
  const made = store.run('addAction', { title: 'draft', minutes: 30 })
  if (!made.ok || made.value[0]?.kind !== 'added') throw new Error('not made')
  const id = made.value[0].record.id as Id<'action'>
  const document = () => store.api.getState().document
  const action = () => {
    const found = recordIn(document(), id)
    if (!found) throw new Error('gone')
    return found
  }
  return {
    store,
    id,
    document,
    action,
    taken: () => minutesTakenOf(document(), action()),
    at: (minutes: number) => (store.clock.epochMs = testStartEpochMs + minutes * 60_000),
  }
}

it('the timer starts what is not underway, and each time entry counts', async () => {
  const { store, id, action, at, taken } = await storeWith()
  store.run('startTimer', { id })
  expect(action().startedAtEpochMs).toBe(testStartEpochMs)
  at(12)
  store.run('stopTimer', { id })
  expect([taken(), action().startedAtEpochMs]).toEqual([12, testStartEpochMs])
  at(60)
  store.run('startTimer', { id })
  at(80)
  store.run('pause', { id })
  expect([taken(), action().timerFromEpochMs]).toEqual([32, null])
})
it('a tick ends it, the minutes stay with what is done, and one undo runs it on', async () => {
  const { store, id, action, at, taken, document } = await storeWith()
  store.run('startTimer', { id })
  at(25)
  const before = recordsById(document())
  store.run('tick', { id })
  expect([taken(), action().timerFromEpochMs]).toEqual([25, null])
  store.undo()
  expect(recordsById(document())).toEqual(before)
})
it('of what comes back, the next has taken nothing', async () => {
  const { store, id, at, document } = await storeWith()
  store.run('setRepeat', { id, repeat: { rule: 'FREQ=DAILY', fromDone: false, time: null } })
  store.run('startTimer', { id })
  at(5)
  store.run('tick', { id })
  const next = recordIn(document(), `${id}~2026-03-12`)
  expect(next && [minutesTakenOf(document(), next), next.timerFromEpochMs]).toEqual([null, null])
})
it('is corrected by hand, and goes by the clock again', async () => {
  const { store, id, at, taken } = await storeWith()
  store.run('startTimer', { id })
  at(700)
  store.run('stopTimer', { id })
  store.run('correctTaken', { id, minutes: 45 })
  expect(taken()).toBe(45)
  store.run('correctTaken', { id, minutes: null })
  expect(taken()).toBe(700)
})
it('a clock that was set back ends no time entry, and half a minute counts as one', async () => {
  const { store, id, at, taken, document } = await storeWith()
  store.run('startTimer', { id })
  at(-30)
  store.run('stopTimer', { id })
  expect(recordsIn(document(), 'timeEntry')).toEqual([])
  store.run('startTimer', { id })
  at(-29.5)
  store.run('stopTimer', { id })
  expect(taken()).toBe(1)
})
it('is refused where as many are underway as may be', async () => {
  const { store, id } = await storeWith()
  store.run('setSettings', { underwayLimit: 1 })
  const other = store.run('addAction', { title: 'other' })
  if (other.ok && other.value[0]?.kind === 'added')
    store.run('start', { id: other.value[0].record.id as Id<'action'> })
  expect(store.run('startTimer', { id })).toMatchObject({ ok: false, error: { kind: 'underwayFull' } })
})
