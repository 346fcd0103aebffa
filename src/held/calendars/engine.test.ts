import { makeCalendarReader } from '@/core/calendar/calendarReader'
import { recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { makeDeviceMemory } from '@/state'
import { makeMemoryBlobs } from '@/state/persistence/blobs/memoryBlobs'
import { makeTestStore, runnerOf } from '@/state/testing'
import { calendarsHeld } from './calendarsHeld'
import { engineOf } from './engine'
import type { AskReader } from './askReader'

const day = calendarDateUnsafe('2026-03-11')
const calendar = (title: string) =>
  `BEGIN:VCALENDAR\r\nX-WR-CALNAME:Hall\r\nBEGIN:VEVENT\r\nUID:a\r\nSUMMARY:${title}\r\nDTSTART:20260311T093000Z\r\nDURATION:PT1H\r\nEND:VEVENT\r\nEND:VCALENDAR`
const link = 'https://hall.example/diary.ics'
/** Lets everything that was begun come to its end. */
const settle = async () => {
  for (let turn = 0; turn < 40; turn++) await Promise.resolve().then(() => new Promise(setImmediate))
}

async function device() {
  const store = makeTestStore()
  await store.load()
  const kept = new Map<string, string>()
  const storage = { getItem: (key: string) => kept.get(key) ?? null, setItem: (key: string, value: string) => void kept.set(key, value), removeItem: (key: string) => void kept.delete(key), key: (at: number) => [...kept.keys()][at] ?? null, get length() { return kept.size } } // prettier-ignore
  const port = makeMemoryBlobs()
  const parts = { store, memory: makeDeviceMemory(() => storage as unknown as Storage), clock: { nowEpochMs: () => store.clock.epochMs, zone: () => store.clock.zone }, blobs: async () => port, kept: { database: '', by: '' } } // prettier-ignore
  const reader = makeCalendarReader(() => 0)
  const ask = Object.fromEntries(Object.entries(reader).map(([name, answer]) => [name, async (...given: never[]) => (answer as (...all: never[]) => unknown)(...given)])) as unknown as AskReader // prettier-ignore
  return { store, run: runnerOf(store), parts, port, ask }
}
/** The other side: what it says now, and how often it was asked. */
const other = { says: calendar('Trustees') as string | null | { kind: string }, etag: '"1"', asked: 0 }
beforeEach(() => {
  Object.assign(other, { says: calendar('Trustees'), etag: '"1"', asked: 0 })
  calendarsHeld.setState({ readings: {}, events: {}, busy: {} }, true)
  globalThis.fetch = (async (_: string, { headers }: { headers: Record<string, string> }) => {
    other.asked++
    if (other.says === null) throw new Error('no network')
    if (typeof other.says === 'object') return new Response(JSON.stringify(other.says), { status: 502 })
    if (headers['If-None-Match'] === other.etag) return new Response(null, { status: 304 })
    return new Response(other.says, { headers: { etag: other.etag } })
  }) as typeof fetch
})
const titles = () => calendarsHeld.getState().events[`${day}~${day}`]?.events.map(({ title }) => title)
const reading = (id: string) => calendarsHeld.getState().readings[id]

it('reads a link once, again after an hour, and only then; what has not changed is not read anew', async () => {
  const { run, parts, ask, store } = await device()
  const { want, refresh } = engineOf(parts, ask)
  want(day, day)
  const id = run('addCalendar', { name: 'Hall', link }) as Id<'calendar'>
  await settle()
  expect([titles(), other.asked, reading(id)?.fault]).toEqual([['Trustees'], 1, null])
  run('editCalendar', { id, patch: { name: 'Fenwick' } })
  await settle()
  expect(other.asked).toBe(1)
  store.clock.epochMs += 3_600_001
  run('editCalendar', { id, patch: { ink: 3 } })
  await settle()
  expect([titles(), other.asked]).toEqual([['Trustees'], 2])
  Object.assign(other, { says: calendar('Trustees, later'), etag: '"2"' })
  await Promise.all([refresh(id), refresh(id)])
  await settle()
  expect([titles(), other.asked]).toEqual([['Trustees, later'], 3])
})
it.each([
  ['is silent', null, /cannot be reached/],
  ['fails', { kind: 'refused', status: 500 }, /error \(500\)/],
  ['sends a page', '<html>sign in</html>', /is a web page/],
  ['sends nothing', '', /no calendar in this/],
])('keeps what it read last where the other side %s, and says why', async (_, says, kind) => {
  const { run, parts, ask, store, port } = await device()
  const { want, refresh } = engineOf(parts, ask)
  want(day, day)
  const id = run('addCalendar', { name: 'Hall', link }) as Id<'calendar'>
  await settle()
  const before = [...(await port.sizes()).keys()]
  const readAt = reading(id)?.readAtEpochMs
  Object.assign(other, { says, etag: '"2"' })
  store.clock.epochMs += 5000
  await refresh(id)
  await settle()
  expect([titles(), reading(id)?.fault, reading(id)?.readAtEpochMs, reading(id)?.isBusy]).toEqual([
    ['Trustees'],
    expect.stringMatching(kind),
    readAt,
    false,
  ])
  expect([...(await port.sizes()).keys()]).toEqual(before)
})
it('touches nothing that is kept: however often a link is read, the journal has what the person did', async () => {
  const { run, parts, ask, store, port } = await device()
  const { refresh } = engineOf(parts, ask)
  const id = run('addCalendar', { name: 'Hall', link }) as Id<'calendar'>
  await settle()
  const event = {
    calendarId: id,
    key: 'a',
    title: 'Trustees',
    on: calendarDateUnsafe('2026-03-11'),
    fromEpochMs: 1,
  }
  run('addAction', { title: 'prepare', event })
  const [document, changes] = [store.api.getState().document, (await store.journal()).changes.length]
  for (const [at, title] of ['one', 'two', 'three'].entries()) {
    Object.assign(other, { says: calendar(title), etag: `"v${at}"` })
    await refresh(id)
  }
  expect(store.api.getState().document).toBe(document)
  expect((await store.journal()).changes).toHaveLength(changes)
  // Of what was read, the last is kept, and nothing else.
  expect((await port.sizes()).size).toBe(1)
  expect(recordsIn(document, 'action')[0]?.event).toEqual(event)
})
it('is there without a network the next time, and forgets a calendar that was removed', async () => {
  const { run, parts, ask, store } = await device()
  engineOf(parts, ask)
  const id = run('addCalendar', { name: 'Hall', link }) as Id<'calendar'>
  await settle()
  other.says = null
  const next = await device()
  const later = { ...next.parts, store, memory: parts.memory, blobs: parts.blobs }
  calendarsHeld.setState({ readings: {}, events: {}, busy: {} }, true)
  // As a page that is opened anew: another engine over the same store.
  const again = engineOf({ ...later, store: { ...store } }, next.ask)
  again.want(day, day)
  await settle()
  expect([titles(), other.asked]).toEqual([['Trustees'], 1])
  run('removeCalendar', { id })
  await settle()
  expect(titles()).toEqual([])
})
it('keeps the bytes that another calendar came with too', async () => {
  const { run, parts, ask, port } = await device()
  const { refresh } = engineOf(parts, ask)
  const [one, two] = ['one', 'two'].map(
    (name) => run('addCalendar', { name, link: `https://hall.example/${name}.ics` }) as Id<'calendar'>,
  )
  await settle()
  expect((await port.sizes()).size).toBe(1)
  Object.assign(other, { says: calendar('Changed'), etag: '"2"' })
  await refresh(one as Id<'calendar'>)
  expect((await port.sizes()).size).toBe(2)
  await refresh(two as Id<'calendar'>)
  expect((await port.sizes()).size).toBe(1)
})

it('looks anew where the clock on the wall is that of another zone', async () => {
  const { store, run, parts, ask } = await device()
  const timed: (() => void)[] = []
  const setInterval = jest.spyOn(globalThis, 'setInterval').mockImplementation(((work: () => void, ms: number) => void (ms < 60_000 && timed.push(work))) as never) // prettier-ignore
  Object.assign(globalThis, { window: { addEventListener: () => {} } })
  try {
    const { want } = engineOf(parts, ask)
    want(day, day)
    run('addCalendar', { name: 'Hall', link })
    await settle()
    expect(calendarsHeld.getState().busy[day]).toEqual([{ from: 570, to: 630 }])
    const asked = jest.spyOn(ask, 'eventsIn')
    timed.forEach((work) => work())
    await settle()
    expect(asked).not.toHaveBeenCalled()
    Object.assign(store.clock, { zone: 'America/New_York' })
    timed.forEach((work) => work())
    await settle()
    expect(calendarsHeld.getState().busy[day]).toEqual([{ from: 330, to: 390 }])
    // The day itself is another span of time there.
    expect(asked.mock.calls.at(-1)?.[1]).toEqual({
      fromEpochMs: Date.UTC(2026, 2, 11, 4),
      toEpochMs: Date.UTC(2026, 2, 12, 4),
    })
  } finally {
    setInterval.mockRestore()
    Reflect.deleteProperty(globalThis, 'window')
  }
})
