// Keeping the journal: one key for each change as it is made; now and then the changes are compacted into segments, and
// segments into larger ones, each record being rewritten about once a tier. Everything is merged by timestamps on
// reading: whatever the moment a write is cut off, what is kept is a store as it was up to some change.
import {
  makeGathering,
  withChanges,
  type Change,
  type Document,
  type Entry,
  type Timestamp,
} from '@/core/journal'
import { currentVersion } from '@/core/migrations/currentVersion'
import { usualLimits, type ArchiveLimits } from './archiveLimits'
import { toChecksummed } from './checksummed'
import { makeHistoryIndex } from './historyIndex'
import {
  broughtPrefix,
  changeKey,
  changePrefix,
  historyPrefix,
  isActionSegment,
  latestInKeys,
  metaKey,
  quarantinePrefix,
  segmentPrefix,
  under,
} from './keys'
import type { KeyValueStore } from './keyValueStore'
import { metaIn, metaValue } from './meta'
import { onDemand } from './onDemand'
import { portionKeys, portionsOf, type HistoryPortion } from './portions'
import { changesIn, entriesInSegment, readInto, type Kept, type Quarantined } from './readKept'
import { inOrder, makeStorageReader, rereads, type Written } from './storageReader'

export interface Loaded {
  readonly document: Document
  readonly quarantined: readonly Quarantined[]
  readonly newerFormat: boolean
  /** The latest changes, compacted or not, in order: what can be undone. */
  readonly recent: readonly Change[]
  /** No earlier than any timestamp that is kept. */
  readonly latest: Timestamp
}

/** What has been kept by others since this copy last looked. */
export type News =
  | { readonly kind: 'wiped' }
  | { readonly kind: 'more'; readonly changes: readonly Change[]; readonly entries: readonly Entry[] }

export interface Archive {
  /**
   * Everything kept. `onFirst` is given what the first station needs, all but the actions, as soon as that is read;
   * again where the ground moved meanwhile.
   */
  load(onFirst?: (document: Document) => void): Promise<Loaded>
  /** Keeps changes in one write; `instead` are earlier ones that they stand in for. */
  append(changes: readonly Change[], instead?: readonly Timestamp[]): Promise<void>
  /** Takes in records and journal from a file or another copy, and the act of doing so, in one write. */
  absorb(entries: readonly Entry[], changes: readonly Change[], act: Change): Promise<readonly string[]>
  /** These were kept by another on behalf of this copy: they are no news. */
  know(keys: readonly string[]): void
  /** Compacts what has gathered, if it is time. Safe to be cut off anywhere, and beside another that does the same. */
  compact(): Promise<void>
  /** The whole journal but for the changes of `load`; in portions, oldest first. */
  history(): AsyncGenerator<HistoryPortion>
  /** As `history`, of these records alone: reads only the portions that tell of them. */
  historyOf(ids: ReadonlySet<string>): AsyncGenerator<HistoryPortion>
  quarantined(): Promise<readonly Quarantined[]>
  /** Removes what was quarantined. What could be read of it stays. */
  dropQuarantined(): Promise<void>
  news(): Promise<News>
  /** Removes everything, whatever others write meanwhile. `stamp` names the act. */
  wipe(stamp: Timestamp): Promise<void>
  /** Opens the storage anew. */
  reopen(): void
}

/** Under these keys other copies keep what is news to this one. */
const newsPrefixes = [changePrefix, historyPrefix, segmentPrefix]

async function newsIn(values: Readonly<Record<string, string | null>>): Promise<News> {
  const changes: Change[] = []
  const entries: Entry[] = []
  for (const [key, text] of Object.entries(values)) {
    if (key === metaKey || text === null) continue
    if (key.startsWith(segmentPrefix)) entries.push(...(await entriesInSegment(text)).items)
    else changes.push(...(await changesIn(text)).items)
  }
  return { kind: 'more', changes, entries }
}

/** `name` tells this copy's segments from those of another tab that compacts the same changes at the same moment. */
export function makeArchive(store: KeyValueStore, limits: ArchiveLimits = usualLimits, name = ''): Archive {
  /** Every key this copy has read or written: what else turns up is news. */
  const seen = new Set<string>()
  const index = makeHistoryIndex(store)
  const rest = limits.rest ?? (async () => {})
  const reader = makeStorageReader(store, rest)
  let wiped: string | null = null
  let isNewer = false

  async function write(values: Written): Promise<void> {
    await store.setMany(values)
    Object.keys(values).forEach((key) => seen.add(key))
  }

  async function* history(): AsyncGenerator<HistoryPortion> {
    yield* portionsOf(portionKeys(await store.getAllKeys()), reader, rest)
  }

  async function allHistory(): Promise<readonly Change[]> {
    const all: Change[] = []
    for await (const { changes } of history()) for (const change of changes) all.push(change)
    return all
  }

  /** What a load gives back, once what is damaged has been quarantined and repaired. */
  async function finished(keys: readonly string[], format: number | undefined, kept: Kept): Promise<Loaded> {
    const lastHistory = under(keys, historyPrefix).at(-1)
    const lastText = lastHistory ? (await reader.read([lastHistory]))[lastHistory] : null
    const older = lastText ? (await changesIn(lastText)).items : []
    const recent = new Map(inOrder([...older, ...kept.changes]).map((change) => [change.stamp, change]))
    if (!isNewer && format !== currentVersion) await write(metaValue(wiped))
    const isDamaged = kept.damaged.length > 0
    const { document, values: repaired } = isDamaged
      ? await (await onDemand()).repair(kept, allHistory)
      : { document: kept.document, values: {} }
    if (!isNewer && isDamaged) await write(repaired)
    return {
      document,
      quarantined: kept.damaged.map(({ key, text }) => ({ key, text })),
      newerFormat: isNewer,
      recent: [...recent.values()],
      latest: latestInKeys(keys),
    }
  }

  return {
    async load(onFirst) {
      for (let round = 1; ; round++) {
        const first = await reader.readTogether(
          (key) => !isActionSegment(key) && (key.startsWith(changePrefix) || key.startsWith(segmentPrefix)),
        )
        const { keys, values } = first
        const meta = metaIn(values[metaKey])
        const gathering = makeGathering()
        const kept = await readInto(values, gathering)
        onFirst?.(withChanges(gathering.document(), kept.changes))
        const actions = await reader.readActions(keys.filter(isActionSegment), gathering)
        // A chunk that was listed and has gone was compacted by another tab: what it held is elsewhere now.
        if (!actions.isWhole && round < rereads) continue
        isNewer = (meta?.format ?? 0) > currentVersion
        wiped = meta?.wiped ?? null
        seen.clear()
        keys.forEach((key) => seen.add(key))
        return finished(keys, meta?.format, {
          document: withChanges(gathering.document(), kept.changes),
          changes: kept.changes,
          damaged: [...kept.damaged, ...actions.damaged],
        })
      }
    },
    async append(changes, instead = []) {
      await write(
        Object.fromEntries(changes.map((change) => [changeKey(change.stamp), toChecksummed([change])])),
      )
      if (instead.length > 0) await store.removeMany(instead.map(changeKey))
    },
    async absorb(entries, changes, act) {
      const values = await (await onDemand()).absorbedValues(entries, changes, act, limits, name)
      await write(values)
      return Object.keys(values)
    },
    know: (keys) => keys.forEach((key) => seen.add(key)),
    async compact() {
      if (isNewer) return
      const { makeCompactor } = await onDemand()
      await makeCompactor(store, reader, write, limits, name).compact()
    },
    history,
    async *historyOf(ids) {
      // Every portion that is news to this copy is about changes that it has yet to take up, or holds already. The keys
      // it knows are enough; listing all of them anew would take longer than reading the one that is wanted.
      const keys = portionKeys(seen.size > 0 ? [...seen] : await store.getAllKeys())
      yield* portionsOf(await index.portionsWith(ids, keys), reader, rest)
    },
    async quarantined() {
      const values = await reader.read(under(await store.getAllKeys(), quarantinePrefix))
      return Object.entries(values).flatMap(([key, text]) =>
        text === null ? [] : [{ key: key.slice(quarantinePrefix.length), text }],
      )
    },
    async dropQuarantined() {
      const keys = under(await store.getAllKeys(), quarantinePrefix)
      if (keys.length > 0) await store.removeMany(keys)
    },
    async news() {
      const isNews = (key: string) => !seen.has(key) && newsPrefixes.some((prefix) => key.startsWith(prefix))
      const { keys, values } = await reader.readTogether(isNews)
      under(keys, broughtPrefix).forEach((key) => seen.add(key))
      const meta = metaIn(values[metaKey])
      if (meta && meta.wiped !== wiped) return { kind: 'wiped' }
      const news = await newsIn(values)
      for (const [key, text] of Object.entries(values)) if (key !== metaKey && text !== null) seen.add(key)
      return news
    },
    async wipe(stamp) {
      for (let keys = await store.getAllKeys(); keys.length > 0; keys = await store.getAllKeys())
        await store.removeMany(keys)
      wiped = stamp
      seen.clear()
      await write(metaValue(stamp))
    },
    reopen: () => store.reopen(),
  }
}
