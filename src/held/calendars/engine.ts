// Keeps the calendars of the store read: files once, links again when an hour has passed. What is read from a link is
// this device's own: nothing of it is written to the store. Loaded where there is a calendar.
import type { BlobHash } from '@/core/blob'
import type { Span } from '@/core/calendar'
import type { CalendarReader } from '@/core/calendar/calendarReader'
import { feedPath, type FeedFault } from '@/core/calendar/feed'
import { recordIn, recordsIn, type Document } from '@/core/journal'
import type { Calendar, Id } from '@/core/record'
import { refuse, ok, type Result } from '@/core/result'
import { addDays, epochMsAt, type CalendarDate } from '@/core/time'
import type { ZenParts } from '@/held/zen'
import { select } from '@/state'
import { calendarFaultWords, calendarLeftWords } from '@/words/calendars'
import { askReaderIn, makeReaderWorker, type AskReader } from './askReader'
import { calendarsHeld, spanKey, unreadCalendar, type Reading } from './calendarsHeld'

/** A link is read again after this. */
const freshMs = 3_600_000
/** So often it is looked whether the clock on the wall is that of another zone. */
const zoneMs = 20_000

/** What this device keeps of a link: the bytes that came last, and what their sender called them. */
interface Kept {
  readonly link: string
  readonly blob: BlobHash
  readonly readAtEpochMs: number
  readonly checkedAtEpochMs: number
  readonly etag: string | null
  readonly lastModified: string | null
}

type Fetched = Pick<Kept, 'etag' | 'lastModified'> & { readonly bytes: ArrayBuffer | null }

export interface Engine {
  /** Keeps the events of these days in `calendarsHeld` until the given function is called. */
  readonly want: (from: CalendarDate, to: CalendarDate) => () => void
  /** Reads a link now; nothing happens where it is being read. */
  readonly refresh: (id: Id<'calendar'>) => Promise<void>
  readonly ask: AskReader
  /** What lies at a link now. */
  readonly fetched: (link: string) => Promise<Result<Fetched, FeedFault>>
  /** The zone and the calendars that are shown. */
  readonly seen: () => Parameters<CalendarReader['eventsIn']>[0]
}

async function fetched(link: string, known: Kept | null): Promise<Result<Fetched, FeedFault>> {
  const headers: Record<string, string> = {}
  if (known?.etag) headers['If-None-Match'] = known.etag
  if (known?.lastModified) headers['If-Modified-Since'] = known.lastModified
  try {
    const response = await fetch(`${feedPath}?url=${encodeURIComponent(link)}`, {
      headers,
      cache: 'no-store',
    })
    const etag = response.headers.get('etag')
    const lastModified = response.headers.get('last-modified')
    if (response.status === 304) return ok({ bytes: null, etag, lastModified })
    if (response.ok) return ok({ bytes: await response.arrayBuffer(), etag, lastModified })
    const fault = (await response.json().catch(() => null)) as Partial<FeedFault> | null
    return refuse(fault?.kind ? (fault as FeedFault) : { kind: 'unreachable' })
  } catch {
    return refuse({ kind: 'unreachable' })
  }
}

/** One tab after the other. */
const alone = (name: string, work: () => Promise<void>): Promise<void> =>
  typeof navigator !== 'undefined' && navigator.locks
    ? navigator.locks.request(name, work).then(() => {})
    : work()

function makeEngine({ store, memory, clock, blobs }: ZenParts, reader?: AskReader): Engine {
  const document = (): Document => store.api.getState().document
  const calendarOf = (id: Id<'calendar'>): Calendar | undefined => recordIn(document(), id)
  /** The bytes each calendar was read from, and whether they are being read. */
  const source = new Map<Id<'calendar'>, string>()
  const refreshing = new Map<Id<'calendar'>, Promise<void>>()
  const wanted = new Map<string, { readonly from: CalendarDate; readonly to: CalendarDate; count: number }>()
  let turn = 0

  const ask = reader ?? askReaderIn(makeReaderWorker, () => source.clear())
  const note = (id: string, patch: Partial<Reading>) =>
    calendarsHeld.setState(({ readings }) => ({
      readings: { ...readings, [id]: { ...(readings[id] ?? unreadCalendar), ...patch } },
    }))
  const keyOf = (id: string) => `feed ${id}`
  function keptOf({ id, link }: Calendar): Kept | null {
    try {
      const kept = JSON.parse(memory.read(keyOf(id)) ?? 'null') as Kept | null
      return kept?.link === link ? kept : null
    } catch {
      return null
    }
  }
  /** Another calendar may have come with the same bytes. */
  const isStillUsed = (blob: BlobHash): boolean =>
    select.blobsOf(document()).has(blob) ||
    recordsIn(document(), 'calendar').some((calendar) => keptOf(calendar)?.blob === blob)
  const shown = () => recordsIn(document(), 'calendar').filter(({ isHidden }) => !isHidden)
  const seen = () => ({ calendarIds: shown().map(({ id }) => id), zone: clock.zone() })

  /** Events are busy where their calendar is; those of another side are left to whoever shows them. */
  async function look(key: string): Promise<void> {
    const days = wanted.get(key)
    if (!days) return
    const zone = clock.zone()
    const span: Span = {
      fromEpochMs: epochMsAt({ date: days.from, minute: 0 }, zone),
      toEpochMs: epochMsAt({ date: addDays(days.to, 1), minute: 0 }, zone),
    }
    const asked = ++turn
    const free = new Set<string>(shown().flatMap(({ id, isFree }) => (isFree ? [id] : [])))
    const found = await ask.eventsIn(seen(), span)
    const events = found.events.map((event) =>
      free.has(event.calendarId) ? { ...event, isBusy: false } : event,
    )
    // What was asked later has the word.
    if ((lookedAt.get(key) ?? 0) > asked) return
    lookedAt.set(key, asked)
    calendarsHeld.setState((held) => ({ events: { ...held.events, [key]: { ...found, events } } }))
  }
  const lookedAt = new Map<string, number>()
  /** What is taken of the days around; those of hidden and free calendars take nothing. */
  async function lookAtBusy(): Promise<void> {
    const asked = ++turn
    busyAskedAt = asked
    const { today } = store.api.getState()
    const calendarIds = shown().flatMap(({ id, isFree }) => (isFree ? [] : [id]))
    const busy = await ask.busyIn(
      { calendarIds, zone: clock.zone() },
      addDays(today, -7),
      addDays(today, 370),
    )
    if (busyAskedAt === asked) calendarsHeld.setState({ busy })
  }
  let busyAskedAt = 0
  const lookAtAll = () => {
    for (const key of wanted.keys()) void look(key).catch(() => {})
    void lookAtBusy().catch(() => {})
  }

  async function readBytes(id: Id<'calendar'>, bytes: ArrayBuffer, from: string): Promise<boolean> {
    const read = await ask.read(id, new Uint8Array(bytes))
    if (!read.ok) {
      note(id, { fault: calendarFaultWords(read.error) })
      return false
    }
    source.set(id, from)
    note(id, { fault: null, left: calendarLeftWords(read.value.left), isRead: true })
    lookAtAll()
    return true
  }

  /** What lies on this device already. */
  async function readStored(id: Id<'calendar'>, blob: BlobHash, readAtEpochMs: number | null): Promise<void> {
    if (source.get(id) === blob) return
    source.set(id, blob)
    const stored = await (await blobs()).get(blob)
    if (!stored) {
      source.delete(id)
      return note(id, { fault: calendarFaultWords({ kind: 'fileGone' }) })
    }
    note(id, { readAtEpochMs })
    if (!(await readBytes(id, await stored.bytes.arrayBuffer(), blob))) source.delete(id)
  }

  async function takeIn(calendar: Calendar, link: string, known: Kept | null): Promise<void> {
    const { id } = calendar
    const answer = await fetched(link, known)
    // It may have been removed meanwhile, or given another link.
    if (calendarOf(id)?.link !== link) return
    if (!answer.ok) return note(id, { fault: calendarFaultWords(answer.error) })
    const { bytes, etag, lastModified } = answer.value
    const nowEpochMs = clock.nowEpochMs()
    if (bytes === null) {
      if (!known) return
      memory.write(keyOf(id), JSON.stringify({ ...known, checkedAtEpochMs: nowEpochMs }))
      return note(id, { fault: null, readAtEpochMs: nowEpochMs })
    }
    if (!(await readBytes(id, bytes, 'read'))) return
    note(id, { readAtEpochMs: nowEpochMs })
    try {
      const port = await blobs()
      const blob = await port.put(new Blob([bytes]))
      source.set(id, blob)
      const kept: Kept = {
        link,
        blob,
        etag,
        lastModified,
        readAtEpochMs: nowEpochMs,
        checkedAtEpochMs: nowEpochMs,
      }
      memory.write(keyOf(id), JSON.stringify(kept))
      if (known && known.blob !== blob && !isStillUsed(known.blob)) await port.remove(known.blob)
    } catch {
      // It is shown all the same; without a network it will not be there the next time.
      note(id, { fault: calendarFaultWords({ kind: 'noRoom' }) })
    }
  }

  function refresh(id: Id<'calendar'>): Promise<void> {
    const running = refreshing.get(id)
    if (running) return running
    const calendar = calendarOf(id)
    if (!calendar?.link) return Promise.resolve()
    const { link } = calendar
    note(id, { isBusy: true })
    const askedAt = clock.nowEpochMs()
    const work = alone(`zen-tray-feed-${id}`, async () => {
      const kept = keptOf(calendar)
      // Another tab has read it while this one waited.
      if (kept && kept.checkedAtEpochMs > askedAt) return readStored(id, kept.blob, kept.checkedAtEpochMs)
      return takeIn(calendar, link, kept)
    }).finally(() => {
      refreshing.delete(id)
      note(id, { isBusy: false })
    })
    refreshing.set(id, work)
    return work
  }

  async function attend(calendar: Calendar): Promise<void> {
    const { id, link, blob, readAtEpochMs } = calendar
    if (link === null) {
      if (blob) await readStored(id, blob, readAtEpochMs)
      return
    }
    const kept = keptOf(calendar)
    if (kept) await readStored(id, kept.blob, kept.checkedAtEpochMs)
    const age = clock.nowEpochMs() - (kept?.checkedAtEpochMs ?? -Infinity)
    // A clock that was set back is no reason to wait for it.
    if (age >= freshMs || age < 0) await refresh(id)
  }

  /** Goes over all calendars: what is new is read, what is gone is forgotten. */
  function attendAll(): void {
    const all = recordsIn(document(), 'calendar')
    for (const id of source.keys())
      if (!all.some((calendar) => calendar.id === id)) {
        source.delete(id)
        void ask.forget(id).catch(() => {})
      }
    for (const calendar of all) void attend(calendar).catch(() => note(calendar.id, { isBusy: false }))
    lookAtAll()
  }

  let [table, day] = [document().calendar, store.api.getState().today]
  store.api.subscribe(({ document: { calendar }, today }) => {
    if (calendar === table && today === day) return
    ;[table, day] = [calendar, today]
    attendAll()
  })
  attendAll()
  let zone = clock.zone()
  /** On a journey the same events are at other hours, and on other days. */
  const lookWhereZoneChanged = () => {
    if (zone === clock.zone()) return
    zone = clock.zone()
    lookAtAll()
  }
  if (typeof window !== 'undefined') {
    window.addEventListener('online', attendAll)
    setInterval(attendAll, freshMs / 4)
    setInterval(lookWhereZoneChanged, zoneMs)
  }

  return {
    ask,
    seen,
    fetched: (link) => fetched(link, null),
    refresh,
    want: (from, to) => {
      const key = spanKey(from, to)
      wanted.set(key, { from, to, count: (wanted.get(key)?.count ?? 0) + 1 })
      void look(key).catch(() => {})
      return () => {
        const held = wanted.get(key)
        if (held && --held.count <= 0) wanted.delete(key)
      }
    },
  }
}

const engines = new WeakMap<ZenParts['store'], Engine>()
/** One for each store. */
export function engineOf(zen: ZenParts, reader?: AskReader): Engine {
  let engine = engines.get(zen.store)
  if (!engine) engines.set(zen.store, (engine = makeEngine(zen, reader)))
  return engine
}
