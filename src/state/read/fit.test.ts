import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import { makeTestStore, runnerOf } from '../testing'
import { brokenBy, fitIn, fitsFrom, promisedIn } from './fit'
import { usualMinutes } from './usualMinutes'
import { loadOn } from './dayLoad'

const today = calendarDateUnsafe('2026-03-11')
const zone = 'Europe/London'
const asked = { now: { date: today, minute: 0 }, zone }
const on = (day: number) => addDays(today, day)
const due = (day: number, time: string | null = null) => ({ date: on(day), time: time as never })

async function opened() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const document = () => store.api.getState().document
  const add = (title: string, more: object = {}) => run('addAction', { title, ...more }) as Id<'action'>
  const title = (id: string) => {
    const record = recordIn(document(), id as Id<'action' | 'project'>)
    return record ? record.title : id
  }
  const promised = () =>
    promisedIn(document(), asked).map(({ id, minutes, date, guessed }) => [title(id), minutes, date, guessed])
  return { store, run, document, add, title, promised }
}

it('is every open action that is due, in the order it is due, but for what is with somebody else or done', async () => {
  const { store, add, promised } = await opened()
  add('b', { due: due(2), minutes: 40 })
  add('a', { due: due(2, '12:00'), minutes: 20 })
  add('no date', { minutes: 40 })
  const done = add('done', { due: due(1), minutes: 40 })
  store.run('tick', { id: done })
  const handed = add('handed', { due: due(1), minutes: 40 })
  const waiting = { personId: null, whom: 'Oda', since: today, chaseOn: null, how: '', toSignOff: false }
  store.run('setWaiting', { id: handed, waiting })
  expect(promised()).toEqual([
    ['a', 20, on(2), 0],
    ['b', 40, on(2), 0],
  ])
})
it('what is left in a project is due with it, each action once: with what is due first', async () => {
  const { store, run, add, promised } = await opened()
  const projectId = run('addProject', { title: 'report' }) as Id<'project'>
  const partId = run('addProject', { title: 'part', parentId: projectId }) as Id<'project'>
  store.run('editProject', { id: projectId, patch: { due: on(9) } })
  store.run('editProject', { id: partId, patch: { due: on(5) } })
  add('one', { projectId, minutes: 60 })
  add('early', { projectId, minutes: 30, due: due(3) })
  add('late', { projectId, minutes: 15, due: due(20) })
  add('of the part', { projectId: partId, minutes: 50 })
  expect(promised()).toEqual([
    ['early', 30, on(3), 0],
    ['part', 50, on(5), 0],
    ['report', 75, on(9), 0],
  ])
})
it('what says no minutes takes as long as most did, and is counted', async () => {
  const { store, document, add, promised } = await opened()
  expect(usualMinutes(document(), today, zone)).toBe(30)
  for (const minutes of [10, 20, 90]) store.run('tick', { id: add(`${minutes}`, { minutes }) })
  expect(usualMinutes(document(), today, zone)).toBe(20)
  add('vague', { due: due(1) })
  expect(promised()).toEqual([['vague', 20, on(1), 1]])
})
it('is measured against what each day has left, as its load is', async () => {
  const { store, document, add } = await opened()
  add('long', { due: due(1), minutes: 500 })
  const now = { now: { date: today, minute: 17 * 60 }, zone }
  const left = [today, on(1)].map((date) => loadOn(document(), date, now).availableMinutes)
  expect(left).toEqual([60, 300])
  expect(fitIn(document(), now).firstBreak).toMatchObject({ availableMinutes: 360, shortMinutes: 140 })
  // What was worked out before is not believed once a day, an hour or an event is another.
  const busyOn = () => [{ from: 480, to: 1000 }]
  expect(fitIn(document(), { ...now, busyOn }).firstBreak).toMatchObject({ availableMinutes: 60 + 80 })
  store.run('setSettings', { availableMinutes: [60, 60, 60, 100, 60, 60, 60] })
  expect(fitIn(document(), now).firstBreak).toMatchObject({ availableMinutes: 160 })
  store.run('setDayAway', { dates: [on(1)], away: '' })
  expect(fitIn(document(), now).firstBreak).toMatchObject({ availableMinutes: 60, shortMinutes: 440 })
})
it('a promise says what it would break before it is made', async () => {
  const { document, add, title } = await opened()
  add('first', { due: due(0), minutes: 200 })
  const id = add('second', { due: due(1), minutes: 400 })
  const would = (day: number, minutes: number, of = 'action:new') =>
    brokenBy(document(), asked, { id: of, minutes, date: on(day), minute: 1440 }).map((each) =>
      title(each.id),
    )
  expect(would(0, 100)).toEqual(['second'])
  expect(would(1, 10)).toEqual(['action:new'])
  expect(would(2, 300)).toEqual([])
  // What it breaks itself is said where it is promised anew.
  expect([would(0, 400, id), would(5, 400, id)]).toEqual([['second'], []])
})
it('the first day for which something can be promised is the first on which it breaks nothing', async () => {
  const { document, add } = await opened()
  add('first', { due: due(0), minutes: 200 })
  add('second', { due: due(1), minutes: 380 })
  add('third', { due: due(6), minutes: 100 })
  const asking = (minutes: number | null, day = 0) => ({
    id: 'action:new',
    minutes,
    date: on(day),
    minute: 1440,
  })
  for (const minutes of [20, 21, 60, 300, 700, 1300]) {
    const found = fitsFrom(document(), asked, asking(minutes))
    const free = [...Array(40).keys()]
      .map(on)
      .find((date) => brokenBy(document(), asked, { ...asking(minutes), date }).length === 0)
    expect([minutes, found]).toEqual([minutes, free])
  }
  expect(fitsFrom(document(), asked, asking(null))).toBe(on(2))
  expect(fitsFrom(document(), asked, asking(1_000_000))).toBeNull()
})
