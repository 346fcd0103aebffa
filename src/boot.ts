// The one place that joins storage, store, clock, tabs and workers.
import { entriesIn } from '@/core/journal'
import type { Id, RecordKind } from '@/core/record'
import { msUntilMidnight } from '@/core/time'
import { makeDeviceMemory, makeZenStore, type Clock, type DeviceMemory, type TabChannel, type TabMessage, type ZenStore } from '@/state'
import { makeArchive, type KeyValueStore } from '@/state/persistence'
import { makeAsyncStorageStore } from '@/state/persistence/asyncStorageStore'

export interface Zen {
  readonly store: ZenStore
  readonly memory: DeviceMemory
  readonly clock: Clock
}

const databaseName = 'zen-tray'
const alphabet = '0123456789abcdefghijklmnopqrstuvwxyz'

function randomText(length: number): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(length)), (byte) => alphabet[byte % 36]).join('')
}

function makeTabChannel(): TabChannel {
  const channel = new BroadcastChannel(databaseName)
  return {
    post: (message) => channel.postMessage(message),
    listen(hear) {
      const listener = (event: MessageEvent<TabMessage>) => hear(event.data)
      channel.addEventListener('message', listener)
      return () => channel.removeEventListener('message', listener)
    },
  }
}

/** Opens the database only when it is first asked for, so that a browser that refuses it refuses a promise. */
function lazily(make: () => KeyValueStore): KeyValueStore {
  let made: KeyValueStore | null = null
  const store = async () => (made ??= make())
  return {
    getAllKeys: async () => (await store()).getAllKeys(),
    getMany: async (keys) => (await store()).getMany(keys),
    setMany: async (values) => (await store()).setMany(values),
    removeMany: async (keys) => (await store()).removeMany(keys),
  }
}

/** The device's clock. Asking for the zone is slow, so it is asked again only when the page is looked at again. */
function makeClock(): Clock {
  const readZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone
  let zone = readZone()
  document.addEventListener('visibilitychange', () => { zone = readZone() })
  return { nowEpochMs: () => Date.now(), zone: () => zone }
}

/** The sheet turns by itself at midnight, and whenever the page is looked at again. */
function keepTheDay(store: ZenStore, clock: Clock): void {
  const wait = () => setTimeout(() => { store.turnDay(); wait() }, Math.min(msUntilMidnight(clock.nowEpochMs(), clock.zone()) + 50, 3_600_000))
  wait()
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState !== 'visible') return
    store.turnDay()
    void store.catchUp().catch(() => {})
  })
}

/** Folds the journal in idle time, in one tab at a time. */
function keepItFolded(store: ZenStore, fold: () => Promise<void>): void {
  const foldAlone = () => void navigator.locks.request(`${databaseName}-fold`, { ifAvailable: true }, (lock) => (lock ? fold() : undefined)).catch(() => {})
  const whenIdle = () => ('requestIdleCallback' in window ? requestIdleCallback(foldAlone) : setTimeout(foldAlone, 1000))
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

function workOffline(): void {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return
  navigator.serviceWorker.register('/sw.js').catch(() => {})
}

/** A server started for the demo says so; an empty browser that has not been asked before is then given the demo data. */
async function offerDemo(parts: Zen): Promise<void> {
  const { document, keeping } = parts.store.api.getState()
  const isEmpty = [...entriesIn(document)].length === 0 && keeping.kind !== 'failed'
  if (!isEmpty || parts.memory.read('demo-given') !== null) return
  const answer = (await fetch('/api/health').then((response) => response.json())) as { demo?: boolean }
  if (!answer.demo) return
  parts.memory.write('demo-given', 'yes')
  const { loadDemo } = await import('@/stations/shared/demo')
  await loadDemo(parts)
}

/** The schemas come after the first station: they check what is committed from then on. */
let parser: Parameters<typeof makeZenStore>[0]['parser'] extends () => infer P ? P : never = null

let zen: Zen | null = null

/** Makes everything once and begins to load. */
export function boot(): Zen {
  if (zen) return zen
  const archive = makeArchive(lazily(() => makeAsyncStorageStore(databaseName)))
  const clock = makeClock()
  const newId = <K extends RecordKind>(kind: K): Id<K> => `${kind}:${randomText(14)}`
  const store = makeZenStore({ archive, clock, newId, replica: randomText(6), tabs: makeTabChannel(), parser: () => parser })
  zen = { store, memory: makeDeviceMemory(() => window.localStorage), clock }
  keepTheDay(store, clock)
  keepItFolded(store, () => archive.fold())
  holdOn(store)
  workOffline()
  const parts = zen
  void store.load().then(async () => {
    parser = (await import('@/core/exchange/onDemand')).parseRecord
    await offerDemo(parts)
    await Promise.all([import('@/stations/shared/sheets/DeskSheets'), import('@/stations/shared/sheets/SearchSheet')])
  }).catch(() => {})
  return zen
}
