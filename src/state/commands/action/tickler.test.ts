import { recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { addDays, calendarDateUnsafe, type CalendarDate } from '@/core/time'
import { cameBackOf } from '../../read/actionIndexes'
import { makeTestStore, type TestStore } from '../../testing'
import type { ArgsOf, CommandName } from '..'

const today = calendarDateUnsafe('2026-03-11')
const tomorrow = addDays(today, 1)
const only = (store: TestStore) => recordsIn(store.api.getState().document, 'action')[0]?.id as Id<'action'>
type Case<N extends CommandName = CommandName> = {
  [M in N]: [name: M, args: (id: Id<'action'>) => ArgsOf<M>]
}[N]

describe('what comes back from the tickler', () => {
  const hiddenUntil = async (notBefore: CalendarDate) => {
    const store = makeTestStore()
    await store.load()
    store.run('addAction', { title: 'renew the permit', notBefore })
    return { store, id: only(store) }
  }
  const back = (store: TestStore) =>
    cameBackOf(store.api.getState().document, today).map(({ title }) => title)
  it('waits from its day on, until something is decided of it', async () => {
    const deciding: Case[] = [
      ['takeFromTickler', (id) => ({ ids: [id] })],
      ['pick', (id) => ({ id })],
      ['moveTo', (id) => ({ id, day: tomorrow })],
      ['setHorizon', (id) => ({ id, horizon: 'someday' as const })],
      ['start', (id) => ({ id })],
      ['tick', (id) => ({ id })],
      ['letGo', (id) => ({ id })],
      ['editAction', (id) => ({ id, patch: { notBefore: tomorrow } })],
    ]
    for (const [name, args] of deciding) {
      const { store, id } = await hiddenUntil(today)
      expect(back(store)).toEqual(['renew the permit'])
      expect(store.run(name, args(id) as never).ok).toBe(true)
      expect([name, back(store)]).toEqual([name, []])
      store.undo()
      expect([name, back(store)]).toEqual([name, ['renew the permit']])
    }
  })
  it('leaves out what is waited for, fixed or laid on a day all the same', async () => {
    const since = today
    for (const more of [
      { waiting: { personId: null, whom: 'Oda', since, chaseOn: null, how: '', toSignOff: false } },
      { at: { date: tomorrow, time: null } },
      { day: tomorrow },
    ]) {
      const store = makeTestStore()
      await store.load()
      store.run('addAction', { title: 'renew the permit', notBefore: today, ...more })
      expect([more, back(store)]).toEqual([more, []])
    }
  })
  it('stays out of it once decided, and waits on where only its words change', async () => {
    const { store, id } = await hiddenUntil(today)
    store.run('editAction', { id, patch: { minutes: 20, title: 'renew it' } })
    expect(back(store)).toEqual(['renew it'])
    store.run('pick', { id })
    store.run('unpick', { id })
    expect(back(store)).toEqual([])
    expect(back((await hiddenUntil(tomorrow)).store)).toEqual([])
  })
})
