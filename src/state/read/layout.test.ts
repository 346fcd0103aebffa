import { recordIn } from '@/core/journal'
import { layOut } from '@/core/layout'
import type { Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { makeTestStore, runnerOf } from '../testing'
import { deepByHour, layoutAskedOf, pinnedOn, type TakenBy } from './layout'

const today = calendarDateUnsafe('2026-03-11')
const zone = 'Europe/London'
const wishes = { protectDeep: 1, groupAlike: 1, leaveRoom: 0 }
const at = (time: string) => Date.parse(`2026-03-10T${time}:00Z`)

async function opened() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const document = () => store.api.getState().document
  const add = (title: string, more: object = {}) =>
    run('addAction', { title, minutes: 30, ...more }) as Id<'action'>
  const title = (id: string) => recordIn(document(), id as Id<'action'>)?.title ?? id
  const asked = (
    minute = 540,
    events: TakenBy[] = [],
    without: string[] = [],
    pinned = new Map<string, number>(),
  ) =>
    layoutAskedOf(
      document(),
      { now: { date: today, minute }, zone, busyOn: () => events },
      { reach: { contextIds: [], minutes: null }, events, wishes, without: new Set(without), pinned },
    )
  return { store, run, document, add, title, asked }
}

it('asks for what is planned, blocked by what is planned, and in reach; not for what waits or is fixed', async () => {
  const { store, add, title, asked } = await opened()
  const first = add('picked', { day: today })
  const next = add('after it', { day: today })
  store.run('blockAction', { id: next, afterId: first })
  add('reach')
  add('someday', { horizon: 'someday' })
  add('fixed', { at: { date: today, time: '14:00' as never } })
  const waiting = { personId: null, whom: 'Oda', since: today, chaseOn: null, how: '', toSignOff: false }
  add('waits', { day: today, waiting })
  const { tasks, gaps, budget } = asked()
  const names = tasks.map(({ id }) => title(id))
  expect(names).toEqual(expect.arrayContaining(['picked', 'after it', 'reach']))
  for (const none of ['someday', 'fixed', 'waits']) expect(names).not.toContain(none)
  expect(gaps.map(({ from, to }) => [from, to])).toEqual([
    [540, 840],
    [870, 1080],
  ])
  // What is fixed has its share of what is available.
  expect(budget).toBe(270)
  // What comes after something that is left out is left out with it.
  const without = asked(540, [], [first]).tasks.map(({ id }) => title(id))
  for (const none of ['picked', 'after it']) expect(without).not.toContain(none)
})
it('what is planned for the day goes before what is only in reach, however much of that there is', async () => {
  const { add, title, asked } = await opened()
  for (let more = 0; more < 30; more++) add(`reach ${more}`, { minutes: 5 })
  add('picked', { day: today, minutes: 120 })
  add('due', { due: { date: today, time: null }, minutes: 120 })
  const { placed } = layOut(asked())
  expect(placed.map(({ id }) => title(id))).toEqual(expect.arrayContaining(['picked', 'due']))
})
it('a place is known by its minutes, also where an event is', async () => {
  const { store, run, document, add, asked } = await opened()
  run('addContext', { name: 'Hall' })
  const id = Object.keys(
    Object.fromEntries([...document().context.buckets].flatMap((bucket) => [...(bucket ?? [])])),
  )[0] as Id<'context'>
  store.run('editContext', { id, patch: { minutesToGetThere: 25 } })
  add('measure', { contextIds: [id], day: today })
  const events = [
    { from: 600, to: 660, place: ' hall ' },
    { from: 720, to: 780, place: 'Studio' },
  ]
  const { tasks, gaps, minutesTo } = asked(540, events)
  expect([tasks[0]?.place, minutesTo[id]]).toEqual([id, 25])
  expect(gaps.map(({ placeBefore, placeAfter }) => [placeBefore, placeAfter])).toEqual([
    [undefined, id],
    [id, null],
    [null, undefined],
  ])
})
it('the hours of deep work are learned from when it was done, and are mornings until there is enough', async () => {
  const { store, document, add } = await opened()
  expect([9, 14].map((hour) => deepByHour(document(), today, zone)[hour])).toEqual([1, 0.3])
  for (let more = 0; more < 6; more++) {
    const id = add(`deep ${more}`, { energy: 'deep', minutes: 60 })
    store.clock.epochMs = at('16:00')
    store.run('tick', { id })
  }
  const learned = deepByHour(document(), today, zone)
  expect([9, 15, 16].map((hour) => learned[hour])).toEqual([0, 1, 0])
})
it('what was given its hour by hand stays there, and the rest is laid out around it', async () => {
  const { store, document, add, asked } = await opened()
  const first = add('first', { day: today, minutes: 60 })
  const next = add('after it', { day: today })
  const other = add('other', { day: today, minutes: 45 })
  store.run('blockAction', { id: next, afterId: first })
  const pinned = new Map<string, number>([[first, 660]])
  const question = asked(540, [], [], pinned)
  expect(question.tasks.map(({ id }) => id)).not.toContain(first)
  // It has its share of the day.
  expect(question.budget).toBe(asked(540).budget - 60)
  const { placed } = layOut(question)
  const of = (id: string) => placed.find((piece) => piece.id === id)
  expect(of(next)?.from).toBeGreaterThanOrEqual(720)
  expect(placed.every(({ from, to }) => to <= 660 || from >= 720)).toBe(true)
  expect(of(other)).toBeDefined()
  const over = (busy: TakenBy[], hours = pinned) =>
    pinnedOn(document(), { now: { date: today, minute: 540 }, zone, busyOn: () => busy }, hours)
  expect(over([])).toEqual([{ id: first, from: 660, to: 720, isOver: false }])
  expect(over([{ from: 700, to: 760, place: '' }])[0]?.isOver).toBe(true)
  expect(over([{ from: 720, to: 760, place: '' }])[0]?.isOver).toBe(false)
  expect(over([], new Map([...pinned, [other, 700]])).map(({ isOver }) => isOver)).toEqual([true, true])
})
