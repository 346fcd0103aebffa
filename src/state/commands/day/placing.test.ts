import { recordIn, recordsById, withChanges, type Change, type Diff, type Timestamp } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import { tapeOn } from '../../read/dayLoad'
import { availableMinutesOn, placedOn } from '../../read/selectors'
import { makeTestStore, runnerOf } from '../../testing'

const today = calendarDateUnsafe('2026-03-11')
const tomorrow = addDays(today, 1)

async function opened() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const document = () => store.api.getState().document
  const add = (title: string, more: object = {}) => run('addAction', { title, ...more }) as Id<'action'>
  const of = (id: Id<'action'>) => recordIn(document(), id) as Action
  const pieces = (date = today, minute = 0) =>
    tapeOn(document(), date, { now: { date, minute }, zone: 'Europe/London' }).pieces.map(
      ({ title, from, to, kind }) => [title, from, to, kind],
    )
  return { store, run, document, add, of, pieces }
}

it('an action is planned at an hour: it comes to the day, and is neither fixed nor due there', async () => {
  const { store, document, add, of, pieces } = await opened()
  const id = add('draw the hatch', { minutes: 45 })
  const before = recordsById(document())
  store.run('placeAction', { id, date: today, minute: 630 })
  expect(of(id)).toMatchObject({ day: today, at: null, due: null, minutes: 45, moved: [] })
  expect(pieces()).toEqual([['draw the hatch', 630, 675, 'placed']])
  store.undo()
  expect(recordsById(document())).toEqual(before)
  store.redo()
  // The day after, it is carried over without its hour.
  expect(pieces(tomorrow)).toEqual([['draw the hatch', 480, 525, 'planned']])
})
it('is moved, made longer and sent back, each by itself', async () => {
  const { store, document, add, of, pieces } = await opened()
  const [id, other] = [add('a', { minutes: 45, day: today }), add('b', { minutes: 30, day: today })]
  store.run('placeAction', { id, date: today, minute: 630 })
  store.run('placeAction', { id: other, date: today, minute: 900 })
  store.run('placeAction', { id, date: today, minute: 635, minutes: 50 })
  expect(of(id).minutes).toBe(50)
  expect(pieces()).toEqual([
    ['a', 635, 685, 'placed'],
    ['b', 900, 930, 'placed'],
  ])
  expect(store.run('placeAction', { id, date: today, minute: 635 })).toMatchObject({
    error: { kind: 'nothingToDo' },
  })
  store.run('unplaceAction', { id, date: today })
  expect([of(id).day, placedOn(document(), today)]).toEqual([today, { [other]: 900 }])
  expect(pieces()[0]).toEqual(['a', 480, 530, 'planned'])
})
it('what was placed and passed undone goes on with the rest; what has begun stays where it is', async () => {
  const { store, add, pieces } = await opened()
  const id = add('a', { minutes: 60, day: today })
  store.run('placeAction', { id, date: today, minute: 600 })
  expect(pieces(today, 659)).toEqual([['a', 600, 660, 'placed']])
  expect(pieces(today, 660)).toEqual([['a', 660, 720, 'planned']])
})
it('a whole day is laid out at once: what was placed before goes back to its list, in one undo', async () => {
  const { store, document, add, of } = await opened()
  const [kept, back, fresh] = [
    add('a', { day: today }),
    add('b', { day: today }),
    add('c', { day: tomorrow }),
  ]
  store.run('placeAction', { id: back, date: today, minute: 600 })
  store.run('layOutDay', {
    date: today,
    placings: [
      { id: kept, minute: 540 },
      { id: fresh, minute: 700, minutes: 20 },
    ],
  })
  expect(placedOn(document(), today)).toEqual({ [kept]: 540, [fresh]: 700 })
  expect([of(back).day, of(fresh).day, of(fresh).minutes]).toEqual([today, today, 20])
  store.undo()
  expect(placedOn(document(), today)).toEqual({ [back]: 600 })
  expect([of(fresh).day, of(fresh).minutes]).toEqual([tomorrow, null])
})
it('two copies that each place one keep both', async () => {
  const { store, document, add } = await opened()
  const [one, two] = [add('a', { day: today }), add('b', { day: today })]
  const base = document()
  const doneTo = (name: 'placeAction' | 'setDayAvailable', args: object): Diff => {
    const outcome = store.run(name, args as never)
    store.undo()
    return outcome.ok ? outcome.value : []
  }
  const acts = [
    doneTo('placeAction', { id: one, date: today, minute: 500 }),
    doneTo('placeAction', { id: two, date: today, minute: 600 }),
    doneTo('setDayAvailable', { date: today, minutes: 90 }),
  ].map((diff, at): Change => ({ stamp: `0zzz0000.0000.aaa${at}` as Timestamp, act: 'x', diff }))
  for (const order of [acts, acts.toReversed()])
    expect(recordIn(withChanges(base, order), `plan:day-${today}`)).toMatchObject({
      placed: { [one]: 500, [two]: 600 },
      availableMinutes: 90,
      planned: {},
    })
})
it.each([-1, 1440, 30.5, NaN])('minute %d is none of a day', async (minute) => {
  const { store, add } = await opened()
  expect(store.run('placeAction', { id: add('a'), date: today, minute })).toMatchObject({
    error: { kind: 'unfit' },
  })
})
it('what is done or gone is placed nowhere', async () => {
  const { store, add } = await opened()
  const id = add('a')
  store.run('tick', { id })
  for (const each of [id, 'action:none' as const])
    expect(store.run('placeAction', { id: each, date: today, minute: 600 })).toMatchObject({
      error: { kind: 'notFound' },
    })
})
it('days away have nothing available, whatever was set for them, and have it again at home', async () => {
  const { store, document } = await opened()
  store.run('setDayAvailable', { date: tomorrow, minutes: 90 })
  const available = () => [today, tomorrow].map((date) => availableMinutesOn(document(), date))
  store.run('setDayAway', { dates: [today, tomorrow], away: '  Skye  with Per ' })
  expect(available()).toEqual([0, 0])
  expect(recordIn(document(), `plan:day-${today}`)?.away).toBe('Skye with Per')
  expect(store.run('setDayAway', { dates: [today, tomorrow], away: 'Skye with Per' })).toMatchObject({
    error: { kind: 'nothingToDo' },
  })
  store.run('setDayAway', { dates: [today, tomorrow], away: null })
  expect(available()).toEqual([300, 90])
  expect(store.run('setDayAway', { dates: [today], away: 'x'.repeat(2001) })).toMatchObject({
    error: { kind: 'tooLong' },
  })
})
