import { emptyDocument, recordIn, recordsById, recordsIn, withChanges } from '@/core/journal'
import type { Action, Id, Person } from '@/core/record'
import { addDays, calendarDateUnsafe, epochMsAt, type CalendarDate } from '@/core/time'
import { sizeOf } from '../../read/dayLoad'
import { fitIn } from '../../read/fit'
import { freeTimes, workingDays } from '../../read/freeTimes'
import { heldEvents, heldOn } from '../../read/offers'
import { offersHeld } from '../../read/offersHeld'
import { makeMemoryStore } from '../../persistence'
import { makeTestStore, runnerOf } from '../../testing'

const zone = 'Europe/London'
const today = calendarDateUnsafe('2026-03-11')
const tomorrow = addDays(today, 1)
const span = (date: CalendarDate, minute: number, minutes = 60) => {
  const fromEpochMs = epochMsAt({ date, minute }, zone)
  return { fromEpochMs, toEpochMs: fromEpochMs + minutes * 60_000 }
}
const asked = {
  now: { date: today, minute: 540 },
  zone,
  nowEpochMs: epochMsAt({ date: today, minute: 540 }, zone),
}

async function opened() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const document = () => store.api.getState().document
  const hold = (times = [span(today, 600), span(tomorrow, 840)], more: object = {}) =>
    run('holdTimes', {
      title: ' Oda,  the kitchen ',
      minutes: 60,
      personId: null,
      zone: null,
      times,
      ...more,
    }) as Id<'offer'>
  return { store, run, document, hold }
}

describe('times that are held', () => {
  it('take their minutes of their days, and give them back when they are taken back', async () => {
    const { store, document, hold } = await opened()
    const before = recordsById(document())
    const left = () => sizeOf(document(), today, asked).busy
    const fits = () => {
      store.run('addAction', { title: 'report', minutes: 300, due: { date: tomorrow, time: null } })
      return fitIn(document(), asked).points.map(({ availableMinutes }) => availableMinutes)
    }
    const id = hold([span(today, 600, 120), span(tomorrow, 840)])
    expect(recordIn(document(), id)).toMatchObject({ title: 'Oda, the kitchen', minutes: 60 })
    expect(left()).toEqual([{ from: 600, to: 720 }])
    expect(offersHeld(document()).map(({ times }) => times.length)).toEqual([2])
    expect(heldEvents(document(), (title) => `Held: ${title}`)).toMatchObject([
      { title: 'Held: Oda, the kitchen', isBusy: true, isTentative: true },
      {},
    ])
    store.run('removeHeldTimes', { ids: [id] })
    expect(left()).toEqual([])
    expect(recordsById(document())).toEqual(before)
    store.undo()
    expect(offersHeld(document())[0]?.times).toHaveLength(2)
    store.undo()
    // What can be promised follows.
    const [without = 0] = fits()
    hold([span(tomorrow, 480, 540)])
    expect(fits()[0]).toBeLessThan(without)
  })
  it('are taken back one by one; with the last the offer is gone', async () => {
    const { store, document, hold } = await opened()
    hold()
    const [first, second] = recordsIn(document(), 'heldTime')
    store.run('removeHeldTimes', { ids: [first!.id] })
    expect(recordsIn(document(), 'heldTime')).toEqual([second])
    expect(recordsIn(document(), 'offer')).toHaveLength(1)
    store.run('removeHeldTimes', { ids: [second!.id] })
    expect([...recordsIn(document(), 'offer'), ...recordsIn(document(), 'heldTime')]).toEqual([])
  })
  it('become an action at the time that was agreed on, with the person; one undo holds all of them again', async () => {
    const { store, run, document, hold } = await opened()
    const personId = run('addPerson', { name: 'Oda' }) as Id<'person'>
    hold(undefined, { personId })
    const before = recordsById(document())
    const time = recordsIn(document(), 'heldTime').find(
      ({ fromEpochMs }) => fromEpochMs === span(tomorrow, 840).fromEpochMs,
    )
    store.run('agreeOnTime', { id: time!.id, at: { date: tomorrow, time: '14:00' as never } })
    const [action] = recordsIn(document(), 'action') as Action[]
    expect(action).toMatchObject({
      title: 'Oda, the kitchen',
      at: { date: tomorrow, time: '14:00' },
      minutes: 60,
      personIds: [personId],
    })
    expect([...recordsIn(document(), 'offer'), ...recordsIn(document(), 'heldTime')]).toEqual([])
    store.undo()
    expect(recordsById(document())).toEqual(before)
    // A person who is removed leaves the offer standing.
    store.run('removeNamed', { id: personId } as never)
    expect(recordsIn(document(), 'offer')[0]).toMatchObject({ personId: null, title: 'Oda, the kitchen' })
    expect((recordIn(document(), personId) as Person | undefined) ?? null).toBe(null)
  })
  it('are refused in words where there is nothing to hold, or no name for it', async () => {
    const { store, document } = await opened()
    const given = { minutes: 60, personId: null, zone: null }
    const outcome = (title: string, times: object) =>
      store.run('holdTimes', { ...given, title, times: times as never })
    expect(outcome(' ', [span(today, 600)])).toMatchObject({ error: { kind: 'empty' } })
    expect(outcome('Oda', [])).toMatchObject({ error: { kind: 'nothingToDo' } })
    expect(outcome('Oda', [{ fromEpochMs: 5, toEpochMs: 5 }])).toMatchObject({ error: { kind: 'unfit' } })
    expect(store.run('agreeOnTime', { id: 'heldTime:none', at: { date: today, time: null } })).toMatchObject({
      error: { kind: 'notFound' },
    })
    expect(recordsIn(document(), 'offer')).toEqual([])
  })
  it('stay at their instant where the clock on the wall is another', async () => {
    const { document, hold } = await opened()
    hold([span(today, 1380)])
    expect(heldOn(document(), today, zone)).toEqual([{ from: 1380, to: 1440 }])
    expect(heldOn(document(), today, 'Asia/Tokyo')).toEqual([])
    expect(heldOn(document(), tomorrow, 'Asia/Tokyo')).toEqual([{ from: 480, to: 540 }])
    expect(heldOn(document(), today, zone)).toEqual([{ from: 1380, to: 1440 }])
  })
  it('are kept, and read again', async () => {
    const kept = makeMemoryStore()
    const store = makeTestStore(kept)
    await store.load()
    store.run('holdTimes', {
      title: 'Oda',
      minutes: 60,
      personId: null,
      zone: 'Asia/Tokyo',
      times: [span(today, 600)],
    })
    await store.settled()
    const again = makeTestStore(kept, { replica: 'bbbb' })
    await again.load()
    expect(offersHeld(again.api.getState().document)).toEqual(offersHeld(store.api.getState().document))
    expect(offersHeld(again.api.getState().document)[0]?.offer.zone).toBe('Asia/Tokyo')
  })
})

describe('free times', () => {
  const week = {
    minutes: 60,
    from: today,
    to: addDays(today, 6),
    weekdays: [0, 1, 2, 3, 4],
    hours: 'working' as const,
    most: 3,
  }
  it('keep clear of events, held times, fixed times and what is planned at an hour, on either side of life', async () => {
    const { store, run, document, hold } = await opened()
    const [from, to] = [540, 1020]
    store.run('setSettings', { workingHours: { '2': [{ from, to }] } } as never)
    const only = { ...week, to: today, weekdays: [2], minutes: 30, most: 99 }
    const minutes = (more: object = {}) =>
      freeTimes(document(), { ...asked, ...more }, only).map(
        ({ fromEpochMs }) => (fromEpochMs - epochMsAt({ date: today, minute: 0 }, zone)) / 60_000,
      )
    const all = minutes()
    const area = run('addArea', { name: 'Home', groupId: null } as never) as Id<'area'>
    run('addAction', {
      title: 'call',
      at: { date: today, time: '10:00' as never },
      minutes: 45,
      areaId: area,
    })
    const placed = run('addAction', { title: 'draw', minutes: 60 }) as Id<'action'>
    run('placeAction', { id: placed, date: today, minute: 780 })
    hold([span(today, 900)])
    const clear = minutes({ busyOn: () => [{ from: 960, to: 990 }], side: 'work' })
    const isTaken = (at: number) =>
      [
        [600, 645],
        [780, 840],
        [900, 960],
        [960, 990],
      ].some(([a, b]) => at < b! && at + 30 > a!)
    expect(all.some(isTaken)).toBe(true)
    expect(clear.some(isTaken)).toBe(false)
    expect(clear.length).toBeGreaterThan(5)
  })
  it('are none on days away, before noon only where that is asked, and at any hours that are said', async () => {
    const { store, document } = await opened()
    store.run('setDayAway', { dates: [tomorrow], away: 'Skye' })
    const days = (hours: Parameters<typeof freeTimes>[2]['hours']) =>
      freeTimes(document(), asked, { ...week, hours, most: 20 }).map(({ fromEpochMs }) =>
        new Date(fromEpochMs).toISOString().slice(8, 16),
      )
    expect(days('working').filter((each) => each.startsWith('12'))).toEqual([])
    expect(days('mornings').every((each) => each.slice(3) < '12:00')).toBe(true)
    expect(days('afternoons').every((each) => each.slice(3) >= '12:00')).toBe(true)
    expect(days([{ from: 1200, to: 1260 }])).toEqual(['11T20:00', '13T20:00', '16T20:00', '17T20:00'])
  })
  it('are offered on the days that are worked most', async () => {
    const { store, document } = await opened()
    store.run('setSettings', {
      availableMinutes: [300, 300, 300, 300, 180, 120, 0],
    } as never)
    expect(workingDays(document())).toEqual([0, 1, 2, 3, 4])
  })
})

it('two copies that each hold times keep both, whichever comes first', async () => {
  const [here, there] = [makeTestStore(), makeTestStore(makeMemoryStore(), { replica: 'bbbb' })]
  await Promise.all([here.load(), there.load()])
  const given = { minutes: 60, personId: null, zone: null }
  here.run('holdTimes', { ...given, title: 'Oda', times: [span(today, 600)] })
  there.run('holdTimes', { ...given, title: 'Per', times: [span(today, 700), span(tomorrow, 700)] })
  const [ours, theirs] = [(await here.journal()).changes, (await there.journal()).changes]
  for (const changes of [
    [...ours, ...theirs],
    [...theirs, ...ours],
  ])
    expect(
      offersHeld(withChanges(emptyDocument, changes))
        .map(({ offer, times }) => [offer.title, times.length])
        .sort(),
    ).toEqual([
      ['Oda', 1],
      ['Per', 2],
    ])
})
