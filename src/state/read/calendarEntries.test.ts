import { recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import { makeTestStore, runnerOf } from '../testing'
import { calendarEntriesOf, type CalendarPart } from './calendarEntries'

const today = calendarDateUnsafe('2026-03-11')
const zone = 'Europe/London'
const all: CalendarPart = { kind: 'side', side: 'both' }

async function opened() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const add = (title: string, more: object = {}) => run('addAction', { title, ...more }) as Id<'action'>
  const entries = (part = all) => calendarEntriesOf(store.api.getState().document, part, today, zone)
  const told = (part = all) =>
    entries(part)
      .map(({ title, kind, when, isPlanned }) =>
        [title, isPlanned ? 'planned' : kind, when.date.slice(8), when.time].filter(Boolean).join(' '),
      )
      .sort()
  return { store, run, add, entries, told }
}
const on = (days: number, time: string | null = null) => ({ date: addDays(today, days), time: time as never })

it('what is fixed is an event, what is due a to-do, and what is both is both', async () => {
  const { store, add, told } = await opened()
  add('fixed', { at: on(1, '09:00'), minutes: 45 })
  add('due', { due: on(2) })
  add('both', { at: on(3), due: on(4, '17:00') })
  add('neither', { day: today })
  store.run('tick', { id: add('done', { due: on(2) }) })
  store.run('letGo', { id: add('let go', { due: on(2) }) })
  expect(told()).toEqual(['both event 14', 'both todo 15 17:00', 'due todo 13', 'fixed event 12 09:00'])
})

it('what is planned at an hour stands there, until it is done or on another day', async () => {
  const { store, add, told } = await opened()
  const [stays, moves, ends] = ['stays', 'moves', 'ends'].map((title) => add(title, { minutes: 30 }))
  for (const id of [stays, moves, ends] as Id<'action'>[])
    store.run('placeAction', { id, date: addDays(today, 1), minute: 600 })
  expect(told()).toHaveLength(3)
  store.run('moveTo', { id: moves as Id<'action'>, day: addDays(today, 2) })
  store.run('tick', { id: ends as Id<'action'> })
  expect(told()).toEqual(['stays planned 12 10:00'])
})

it('one side, or one project with its parts and what is due of them, is told from the rest', async () => {
  const { store, run, add, told } = await opened()
  const [work, home] = (['work', 'private'] as const).map((side) => {
    const groupId = run('addGroup', { name: side, side }) as Id<'group'>
    return run('addArea', { name: side, groupId }) as Id<'area'>
  })
  const project = run('addProject', { title: 'Hall', areaId: work as Id<'area'> }) as Id<'project'>
  const part = run('addProject', { title: 'Floor', parentId: project }) as Id<'project'>
  store.run('editProject', { id: part, patch: { due: addDays(today, 5) } })
  add('in the part', { projectId: part, due: on(1) })
  add('at work', { areaId: work, due: on(1) })
  add('at home', { areaId: home, due: on(1) })
  expect(told({ kind: 'project', id: project })).toEqual(['Floor todo 16', 'in the part todo 12'])
  expect(told({ kind: 'side', side: 'private' })).toEqual(['at home todo 12'])
  expect(told({ kind: 'side', side: 'work' })).toEqual([
    'Floor todo 16',
    'at work todo 12',
    'in the part todo 12',
  ])
})

it('what comes back keeps its UID from one to the next: the other calendar has it once', async () => {
  const { store, add, entries } = await opened()
  const id = add('round', { at: on(0, '09:00') })
  store.run('setRepeat', { id, repeat: { rule: 'FREQ=WEEKLY;BYDAY=WE', fromDone: false, time: null } })
  store.run('addReminder', { id, when: { kind: 'minutesBefore', minutes: 15 } })
  const [first] = entries()
  expect(first).toMatchObject({
    repeat: { rule: 'FREQ=WEEKLY;BYDAY=WE', startsOn: today, skips: [] },
    alarms: [{ date: today, minute: 525 }],
  })
  store.run('tick', { id })
  const next = entries()
  expect(next).toHaveLength(1)
  expect(next[0]).toMatchObject({ uid: first?.uid, when: { date: addDays(today, 7) } })
  // Moved this once, it comes once; its rule is not told of a day it does not give.
  const open = recordsIn(store.api.getState().document, 'action').find(({ doneAtEpochMs }) => !doneAtEpochMs)
  store.run('editAction', { id: open?.id ?? id, patch: { at: on(8, '09:00') } })
  expect(entries()[0]).toMatchObject({ uid: first?.uid, repeat: null, when: { date: addDays(today, 8) } })
})
