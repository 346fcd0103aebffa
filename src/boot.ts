// The one place that joins storage, store, clock, tabs and workers.
import { entriesIn } from '@/core/journal'
import type { Id, RecordKind } from '@/core/record'
import { msUntilMidnight } from '@/core/time'
import {
  boundedClock,
  makeDeviceMemory,
  makeZenStore,
  type BlobStore,
  type Clock,
  type DeviceMemory,
  type RecordParser,
  type ZenStore,
} from '@/state'
import { loadOnDemand } from '@/held/loadOnDemand'
import { onDemandActs, readerLoaded } from '@/held/reader'
import { rest } from '@/held/rest'
import { makeArchive, usualLimits } from '@/state/persistence'
import { makeAsyncStorageStore } from '@/state/persistence/asyncStorageStore'
import { makeTypedMirror } from '@/state/store/typedMirror'
import { unkeptText } from '@/state/store/keeper'
import { firstTabName, keepTabName, lastingName, makeTabChannel } from '@/state/store/browserTabs'

export interface Zen {
  readonly store: ZenStore
  readonly memory: DeviceMemory
  readonly clock: Clock
  readonly blobs: () => Promise<BlobStore>
  readonly kept: { readonly database: string; readonly by: string }
}

const databaseName = 'zen-tray'
const alphabet = '0123456789abcdefghijklmnopqrstuvwxyz'

function randomText(length: number): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(length)), (byte) => alphabet[byte % 36]).join('')
}

const readZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone
/** Asking for the zone is slow: it is asked again once a minute, and when the page is looked at again. */
let zone = readZone()

/**
 * The sheet turns by itself: at midnight, a minute after clock or zone were set, and when the page is looked at
 * again.
 */
function keepTheDay(store: ZenStore, clock: Clock): void {
  const look = () => {
    zone = readZone()
    store.turnDay()
  }
  const wait = () =>
    setTimeout(
      () => {
        look()
        wait()
      },
      Math.min(msUntilMidnight(clock.nowEpochMs(), clock.zone()) + 50, 60_000),
    )
  wait()
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState !== 'visible') return
    look()
    void store.catchUp().catch(() => {})
  })
}

/** Compacts the journal in idle time, in one tab at a time. */
function keepItCompact(store: ZenStore, compact: () => Promise<void>): void {
  // Compacting is safe while another tab does it too; the lock only saves the work.
  const lockName = `${databaseName}-fold`
  const compactIf = (lock: Lock | null) => (lock ? compact() : undefined)
  const compacting = async () =>
    navigator.locks ? navigator.locks.request(lockName, { ifAvailable: true }, compactIf) : compact()
  const compactAlone = () => void compacting().catch(() => {})
  const whenIdle = () =>
    'requestIdleCallback' in window ? requestIdleCallback(compactAlone) : setTimeout(compactAlone, 1000)
  let seen = 0
  store.api.subscribe(({ keeping, recent }, before) => {
    if (keeping.kind !== 'kept' || before.keeping.kind === 'kept' || recent.length - seen < 50) return
    seen = recent.length
    whenIdle()
  })
}

/** Asks the browser to hold on to the data, once there is some; and the person to stay, while something is not kept. */
function holdOn(store: ZenStore): void {
  let asked = false
  store.api.subscribe(({ keeping }) => {
    if (asked || keeping.kind !== 'kept' || store.api.getState().recent.length === 0) return
    asked = true
    void navigator.storage?.persist?.().catch(() => {})
  })
  window.addEventListener('beforeunload', (event) => {
    if (store.api.getState().keeping.kind === 'failed') event.preventDefault()
  })
}

/** A page that is closed while changes are being saved writes the rest to local storage, which is immediate. */
const layWhenLeft = (store: ZenStore, memory: DeviceMemory, page: string): void =>
  window.addEventListener('pagehide', () => {
    const unkept = store.unkept()
    if (unkept.length > 0) memory.unkept.lay(page, unkeptText(unkept))
  })

/** Saves what earlier pages left in local storage; it stays there until it is saved. */
async function takeUpLaid(store: ZenStore, memory: DeviceMemory): Promise<void> {
  const laid = memory.unkept.all()
  if (laid.length === 0) return
  const { readUnkept } = await import('@/state/store/onDemand')
  const read = laid.flatMap(({ page, text }) => {
    const unkept = readUnkept(text)
    return unkept ? [{ page, unkept }] : []
  })
  const isKept = await store.takeUnkept(read.flatMap(({ unkept }) => unkept))
  if (isKept) read.forEach(({ page }) => memory.unkept.drop(page))
}

function workOffline(): void {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return
  navigator.serviceWorker.register('/sw.js').catch(() => {})
}

/**
 * A server started for the demo says so; an empty browser that has not been asked before is then given the demo data.
 */
async function offerDemo(parts: Zen): Promise<void> {
  const { document, keeping, unread } = parts.store.api.getState()
  const isEmpty = [...entriesIn(document)].length === 0 && keeping.kind !== 'failed' && unread === null
  if (!isEmpty || parts.memory.read('demo-given') !== null) return
  const answer = (await fetch('/api/health').then((response) => response.json())) as { demo?: boolean }
  if (!answer.demo) return
  const { loadDemo } = await import('@/held/demo')
  await loadDemo(parts)
  // Only once it is saved: a page that is closed before that is offered the demo data again.
  await parts.store.settled()
  parts.memory.write('demo-given', 'yes')
}

const openBlobs = async (): Promise<BlobStore> =>
  (await import('@/state/store/onDemand')).makeIndexedDbBlobs(`${databaseName}-files`)

/** The schemas come after the first station: until then only the length of texts is checked. */
let parser: RecordParser | null = null

let zen: Zen | null = null

/** Makes everything once and begins to load. */
export function boot(): Zen {
  if (zen) return zen
  const replica = randomText(6)
  const archive = makeArchive(makeAsyncStorageStore(databaseName), { ...usualLimits, rest }, replica)
  const clock = boundedClock({ nowEpochMs: () => Date.now(), zone: () => zone })
  const tabs = makeTabChannel(databaseName)
  const newId = <K extends RecordKind>(kind: K): Id<K> => `${kind}:${randomText(14)}`
  const newName = () => randomText(10)
  const device = lastingName(() => window.localStorage, 'zen-tray:device', newName)
  const store = makeZenStore({
    archive,
    clock,
    newId,
    replica,
    device,
    tabs,
    parser: () => parser,
    onDemand: onDemandActs,
    rest,
  })
  const tab = firstTabName(newName)
  const mirror = makeTypedMirror(makeAsyncStorageStore(`${databaseName}-typed`))
  const memory = makeDeviceMemory(() => window.localStorage, tab, mirror.note)
  tabs.listen(({ kind }) => {
    if (kind !== 'wiped') return
    memory.typed.clear()
    memory.unkept.clear()
  })
  void mirror
    .all()
    .then((copies) => memory.typed.restore(copies))
    .then(() => keepTabName(memory, tab, newName))
    .catch(() => {})
  let blobs: Promise<BlobStore> | null = null
  zen = {
    store,
    memory,
    clock,
    blobs: () => (blobs ??= openBlobs()),
    kept: { database: databaseName, by: replica },
  }
  keepTheDay(store, clock)
  keepItCompact(store, () => archive.compact())
  holdOn(store)
  layWhenLeft(store, memory, replica)
  void loadOnDemand(readerLoaded)
  const parts = zen
  void store
    .load()
    .then(async () => {
      await takeUpLaid(store, memory)
      // Fetching all that is kept offline waits until there is something to see.
      workOffline()
      // Without it nothing would be checked from here on.
      const { parseRecord, parsePartialRecord } = await loadOnDemand(() => import('@/state/store/onDemand'))
      parser = { whole: parseRecord, partial: parsePartialRecord }
      await offerDemo(parts)
      await Promise.all([import('@/sheets/DeskSheets'), import('@/sheets/search/SearchSheet')])
    })
    .catch(() => {})
  return zen
}
