import { recordIn, recordsById, recordsIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import { availableMinutesOn } from '../../read/selectors'
import { makeMemoryStore } from '../../persistence'
import { makeTestStore } from '../../testing'

const today = calendarDateUnsafe('2026-03-11')
const day = (away: number) => addDays(today, away)

const opened = async () => {
  const store = makeTestStore(makeMemoryStore())
  await store.load()
  const document = () => store.api.getState().document
  const add = (title: string, more: object = {}): Id<'action'> => {
    store.run('addAction', { title, ...more })
    return recordsIn(document(), 'action').find((action) => action.title === title)?.id as Id<'action'>
  }
  const of = (id: Id<'action'>) => recordIn(document(), id) as Action
  /** Whether what an act did is gone without a trace once it is undone. */
  const undone = (act: () => void) => {
    const before = recordsById(document())
    act()
    expect(recordsById(document())).not.toEqual(before)
    store.undo()
    expect(recordsById(document())).toEqual(before)
    store.redo()
  }
  return { store, document, add, of, undone }
}

it('a day has available minutes of its own, and goes back to those of its weekday', async () => {
  const { store, document, undone } = await opened()
  expect(availableMinutesOn(document(), today)).toBe(300)
  undone(() => store.run('setDayAvailable', { date: today, minutes: 90 }))
  expect([availableMinutesOn(document(), today), availableMinutesOn(document(), day(7))]).toEqual([90, 300])
  expect(store.run('setDayAvailable', { date: today, minutes: 90 })).toMatchObject({
    error: { kind: 'nothingToDo' },
  })
  store.run('setDayAvailable', { date: today, minutes: null })
  expect(availableMinutesOn(document(), today)).toBe(300)
  for (const minutes of [-1, 1441, 1.5])
    expect(store.run('setDayAvailable', { date: today, minutes })).toMatchObject({ error: { kind: 'unfit' } })
})
it('what was planned reads the same for ever, whatever becomes of it', async () => {
  const { store, document, add, undone } = await opened()
  const id = add('draft', { minutes: 60, day: today })
  store.run('setDayAvailable', { date: today, minutes: 200 })
  undone(() => store.run('planDay', { ids: [id, 'action:none'] }))
  store.run('editAction', { id, patch: { title: 'another', minutes: 5 } })
  expect(recordIn(document(), 'plan:day-2026-03-11')).toMatchObject({
    availableMinutes: 200,
    planned: { [id]: { title: 'draft', minutes: 60 } },
    plannedAtEpochMs: store.clock.epochMs,
  })
})
it('a day is ended with a line, and what is left goes where it was told', async () => {
  const { store, document, add, of, undone } = await opened()
  const [left, off] = [add('left', { day: today }), add('off', { day: today })]
  undone(() =>
    store.run('endDay', {
      date: today,
      line: '  long  calls ',
      moves: [
        { id: left, to: day(1) },
        { id: off, to: null },
      ],
    }),
  )
  expect([of(left).day, of(off).day, recordIn(document(), 'plan:day-2026-03-11')?.line]).toEqual([
    day(1),
    null,
    'long calls',
  ])
  const note = () => recordIn(document(), 'note:day-2026-03-11')?.note
  expect(note()).toBe('long calls')
  // Ended once more, the line is another, and what was written of the day stays.
  store.run('writeNote', { id: 'note:day-2026-03-11', note: 'rain\n\nlong calls' })
  store.run('endDay', { date: today, line: 'short calls', moves: [] })
  expect(note()).toBe('rain\n\nshort calls')
  // What was written below the line since is not cut for it.
  store.run('writeNote', { id: 'note:day-2026-03-11', note: 'short calls\n\nsnow at night' })
  store.run('endDay', { date: today, line: 'no calls', moves: [] })
  expect(note()).toBe('short calls\n\nsnow at night\n\nno calls')
  expect(store.run('endDay', { date: today, line: 'x'.repeat(2001), moves: [] })).toMatchObject({
    error: { kind: 'tooLong', field: 'line' },
  })
})
it('a bad day is spread in one act, promises along with it, and undone in one', async () => {
  const { store, add, of, undone } = await opened()
  const late = add('late', { due: { date: day(-2), time: '09:00' }, minutes: 30 })
  const picked = add('picked', { day: today })
  const done = add('done', { day: today })
  store.run('tick', { id: done })
  undone(() =>
    store.run('spreadDay', {
      moves: [
        { id: late, to: day(1) },
        { id: picked, to: day(2) },
        { id: done, to: day(1) },
      ],
    }),
  )
  expect([of(late).due, of(late).moved.length, of(picked).day, of(done).day]).toEqual([
    { date: day(1), time: '09:00' },
    1,
    day(2),
    today,
  ])
})
it('one is begun and another laid down for it, where as many as are allowed are underway', async () => {
  const { store, add, of, undone } = await opened()
  store.run('setSettings', { underwayLimit: 1 })
  const [first, second] = [add('first'), add('second')]
  store.run('start', { id: first })
  undone(() => store.run('startInstead', { id: second, insteadId: first }))
  expect([of(first).startedAtEpochMs, of(second).startedAtEpochMs]).toEqual([null, store.clock.epochMs])
})

describe('laying into a band of the day', () => {
  const lay = async (before: object, band: 'dueToday' | 'underway' | 'picked' | 'week' | 'inReach') => {
    const { store, add, of, undone } = await opened()
    const id = add('it', before)
    undone(() => store.run('layInto', { id, band, order: [] }))
    return of(id)
  }
  it.each<[string, object, Parameters<typeof lay>[1], object]>([
    ['picked', {}, 'picked', { day: today }],
    [
      'picked, what an earlier day has left, its promise too',
      { due: { date: day(-1), time: null } },
      'picked',
      { day: today, due: { date: today, time: null } },
    ],
    [
      'due today',
      { due: { date: day(3), time: '10:00' } },
      'dueToday',
      { due: { date: today, time: '10:00' } },
    ],
    ['underway', {}, 'underway', { startedAtEpochMs: Date.UTC(2026, 2, 11, 9) }],
    ['this week, off its day', { day: today }, 'week', { day: null, horizon: 'week' }],
    ['in reach, off its day', { day: today }, 'inReach', { day: null }],
    ['in reach, no more of this week', { horizon: 'week' }, 'inReach', { horizon: 'soon' }],
  ])('%s', async (_, before, band, after) => expect(await lay(before, band)).toMatchObject(after))
  it('puts it between two by its rank alone, those that share one too, and moves nothing where it lies there already', async () => {
    const { store, add, of, undone } = await opened()
    const [a, b, c] = [add('a', { day: today }), add('b', { day: today }), add('c', { day: today })]
    undone(() => store.run('layInto', { id: c, band: null, order: [a, c, b] }))
    expect(of(c).rank > of(a).rank && of(c).rank < of(b).rank).toBe(true)
    expect(store.run('layInto', { id: c, band: null, order: [a, c, b] })).toMatchObject({
      error: { kind: 'nothingToDo' },
    })
    expect(store.run('layInto', { id: 'action:none', band: null, order: [] })).toMatchObject({
      error: { kind: 'notFound' },
    })
  })
})
