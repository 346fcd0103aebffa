// Compacting: changes kept one by one become a segment of records and a portion of the history; segments of one tier are
// gathered into one of the next. Cut off anywhere, and beside another that does the same, nothing is lost: what is made
// is written before what it was made from is removed, and merging by timestamps makes twice the same out of both.
import { emptyDocument, entriesIn, makeGathering, withChanges } from '@/core/journal'
import type { ArchiveLimits } from './archiveLimits'
import { changePrefix, latestInKeys, segmentName, segmentPrefix, tierOf, under } from './keys'
import type { KeyValueStore } from './keyValueStore'
import { changesIn, entriesInSegment } from './readKept'
import { historyOf, latestOf, segmentOf } from './segments'
import { inChunks, type StorageReader, type Written } from './storageReader'

const tiers = 9

export interface Compactor {
  /** Compacts what has gathered, if it is time. */
  readonly compact: () => Promise<void>
}

/** `by` tells this copy's segments from those of another tab that compacts the same changes at the same moment. */
export function makeCompactor(
  store: KeyValueStore,
  { read }: StorageReader,
  write: (values: Written) => Promise<void>,
  limits: ArchiveLimits,
  by: string,
): Compactor {
  /** Whether all of these are still there: another tab may have compacted or wiped them since they were read. */
  async function standStill(keys: readonly string[]): Promise<boolean> {
    const there = new Set(await store.getAllKeys())
    return keys.every((key) => there.has(key))
  }

  /** Puts segments in the place of what they were made from; takes them back where that has gone meanwhile. */
  async function exchange(made: Written, sources: readonly string[]): Promise<void> {
    if (Object.keys(made).length > 0) await write(made)
    if (await standStill(sources)) await store.removeMany(sources)
    else await store.removeMany(Object.keys(made))
  }

  /** A segment is a function of the changes alone: it may hold records only in part, and merging makes them whole. */
  async function compactChanges(keys: readonly string[]): Promise<void> {
    const values = await read(keys)
    const listed = await Promise.all(
      keys.map(async (key) => ({ key, ...(await changesIn(values[key] ?? '')) })),
    )
    const sound = listed.filter((kept) => kept.sound)
    if (sound.length === 0) return
    const changes = sound.flatMap(({ items }) => items)
    const entries = [...entriesIn(withChanges(emptyDocument, changes))]
    const segment = await segmentOf({ tier: 0, stamp: latestOf(changes), by }, entries, limits)
    await exchange(
      { ...segment, ...historyOf(changes, limits, by) },
      sound.map(({ key }) => key),
    )
  }

  /** Gathers all segments of a tier into one of the next. */
  async function gather(tier: number, keys: readonly string[]): Promise<void> {
    const gathered = makeGathering()
    const soundKeys: string[] = []
    for (const chunk of inChunks(keys, 4)) {
      const values = await read(chunk)
      for (const key of chunk) {
        const { items, sound } = await entriesInSegment(values[key] ?? '')
        if (!sound) continue
        gathered.add(items)
        soundKeys.push(key)
      }
      await limits.rest?.()
    }
    if (soundKeys.length === 0) return
    const name = { tier: tier + 1, stamp: latestInKeys(soundKeys), by }
    await exchange(await segmentOf(name, [...entriesIn(gathered.document())], limits), soundKeys)
  }

  return {
    async compact() {
      const changeKeys = under(await store.getAllKeys(), changePrefix)
      if (changeKeys.length >= limits.changes) await compactChanges(changeKeys)
      const segmentKeys = under(await store.getAllKeys(), segmentPrefix)
      for (let tier = 0; tier < tiers; tier++) {
        const ofTier = segmentKeys.filter((key) => tierOf(key) === tier)
        if (new Set(ofTier.map(segmentName)).size >= limits.segments) return gather(tier, ofTier)
      }
    },
  }
}
