// Keeping the journal: one key for each change as it is made; now and then the changes are folded into pieces, and
// pieces into larger ones, each record being rewritten about once a tier. Everything is merged by stamps on reading,
// so whatever the moment a write is cut off, what is kept is a store as it was up to some change.
import { emptyDocument, entriesIn, laterStamp, never, withChanges, withMerged, type Change, type Entry, type Stamp } from '@/core/journal'
import { asidePrefix, changeKey, changePrefix, formatVersion, historyKey, historyPrefix, metaKey, pieceKey, pieceName, piecePrefix, tierOf } from './keys'
import type { KeyValueStore } from './keyValueStore'
import { changesIn, entriesInPiece, readKept, type Aside, type Kept } from './readKept'
import { fromSealed, toSealed } from './sealed'

export interface ArchiveLimits {
  /** Changes kept one by one before they are folded. */
  readonly changes: number
  /** Pieces of one tier before they are gathered. */
  readonly pieces: number
  /** Records in one part of a piece, changes in one part of the history. */
  readonly partSize: number
}
export const usualLimits: ArchiveLimits = { changes: 200, pieces: 8, partSize: 500 }

export interface Loaded extends Kept {
  readonly newerFormat: boolean
  /** The latest changes, folded or not, in order: what can be undone. */
  readonly recent: readonly Change[]
}

export interface Archive {
  load(): Promise<Loaded>
  /** Keeps changes in one write. */
  append(changes: readonly Change[]): Promise<void>
  /** Takes in records and journal from a file or another copy, in one write. `stamp` must be fresh: it names the pieces. */
  absorb(entries: readonly Entry[], changes: readonly Change[], stamp: Stamp): Promise<void>
  /** Folds what has gathered, if it is time. Safe to be cut off anywhere. */
  fold(): Promise<void>
  /** The whole journal but for the changes of `load`; in portions, oldest first. */
  history(): AsyncGenerator<readonly Change[]>
  asides(): Promise<readonly Aside[]>
  dropAsides(): Promise<void>
  /** Changes that another tab has kept since. */
  changesBeyond(known: ReadonlySet<string>): Promise<readonly Change[]>
  wipe(): Promise<void>
}

function inParts<T>(items: readonly T[], size: number): T[][] {
  const parts: T[][] = []
  for (let at = 0; at < items.length; at += size) parts.push(items.slice(at, at + size))
  return parts
}

const latestOf = (changes: readonly Change[]): Stamp => changes.reduce<Stamp>((latest, { stamp }) => laterStamp(latest, stamp), never)
const under = (keys: readonly string[], prefix: string): string[] => keys.filter((key) => key.startsWith(prefix)).sort()

function pieceOf(tier: number, stamp: Stamp, entries: readonly Entry[], partSize: number): Record<string, string> {
  return Object.fromEntries(inParts(entries, partSize).map((part, index) => [pieceKey(tier, stamp, index), toSealed(part)]))
}

function historyOf(changes: readonly Change[], partSize: number): Record<string, string> {
  const ordered = [...changes].sort((a, b) => (a.stamp < b.stamp ? -1 : 1))
  return Object.fromEntries(inParts(ordered, partSize).map((part) => [historyKey((part[0] as Change).stamp, part.length), toSealed(part)]))
}

async function allChangesIn(texts: readonly (string | null)[]): Promise<readonly Change[]> {
  const lists = await Promise.all(texts.map(async (text) => (text === null ? [] : (await changesIn(text)).items)))
  return lists.flat()
}

export function makeArchive(store: KeyValueStore, limits: ArchiveLimits = usualLimits): Archive {
  const read = async (keys: readonly string[]): Promise<Readonly<Record<string, string | null>>> => (keys.length > 0 ? store.getMany(keys) : {})

  async function isNewer(): Promise<boolean> {
    const meta = (await store.getMany([metaKey]))[metaKey]
    const opened = meta ? fromSealed(meta) : null
    const format = opened && opened.kind !== 'unreadable' ? (opened.value as { format?: unknown }).format : undefined
    return typeof format === 'number' && format > formatVersion
  }

  /** Sets what cannot be read aside under its own key, sound parts having been merged already. */
  async function setAside(asides: readonly Aside[]): Promise<void> {
    if (asides.length > 0) await store.setMany(Object.fromEntries(asides.map(({ key, text }) => [`${asidePrefix}${key}`, text])))
  }

  /** A piece is a function of the changes alone: it may hold records only in part, and merging makes them whole. */
  async function foldChanges(keys: readonly string[]): Promise<void> {
    const values = await read(keys)
    const sound = (await Promise.all(keys.map(async (key) => ({ key, ...(await changesIn(values[key] ?? '')) })))).filter((kept) => kept.sound)
    const changes = sound.flatMap(({ items }) => items)
    if (changes.length === 0) return
    const entries = [...entriesIn(withChanges(emptyDocument, changes))]
    await store.setMany({ ...pieceOf(0, latestOf(changes), entries, limits.partSize), ...historyOf(changes, limits.partSize) })
    await store.removeMany(sound.map(({ key }) => key))
  }

  /** Gathers all pieces of a tier into one of the next. */
  async function gather(tier: number, keys: readonly string[]): Promise<void> {
    let gathered = emptyDocument
    let latest = never
    const soundKeys: string[] = []
    for (const part of inParts(keys, 4)) {
      const values = await read(part)
      for (const key of part) {
        const { items, sound } = await entriesInPiece(values[key] ?? '')
        if (!sound) continue
        gathered = withMerged(gathered, items)
        latest = laterStamp(latest, (key.split('/')[2] ?? never) as Stamp)
        soundKeys.push(key)
      }
    }
    if (soundKeys.length === 0) return
    await store.setMany(pieceOf(tier + 1, latest, [...entriesIn(gathered)], limits.partSize))
    await store.removeMany(soundKeys)
  }

  return {
    async load() {
      const keys = await store.getAllKeys()
      const newerFormat = await isNewer()
      const kept = await readKept(await read(keys.filter((key) => key.startsWith(changePrefix) || key.startsWith(piecePrefix))))
      const lastHistory = under(keys, historyPrefix).at(-1)
      const older = lastHistory ? (await changesIn((await read([lastHistory]))[lastHistory] ?? '')).items : []
      const recent = new Map([...older, ...kept.changes].map((change) => [change.stamp, change]))
      if (!newerFormat) {
        await setAside(kept.asides)
        if (!keys.includes(metaKey)) await store.setMany({ [metaKey]: toSealed({ format: formatVersion }) })
      }
      return { ...kept, newerFormat, recent: [...recent.values()] }
    },
    append: (changes) => store.setMany(Object.fromEntries(changes.map((change) => [changeKey(change.stamp), toSealed([change])]))),
    absorb: (entries, changes, stamp) => store.setMany({ ...pieceOf(3, stamp, entries, limits.partSize), ...historyOf(changes, limits.partSize) }),
    async fold() {
      const changeKeys = under(await store.getAllKeys(), changePrefix)
      if (changeKeys.length >= limits.changes) await foldChanges(changeKeys)
      const pieceKeys = under(await store.getAllKeys(), piecePrefix)
      for (let tier = 0; tier < 9; tier++) {
        const ofTier = pieceKeys.filter((key) => tierOf(key) === tier)
        if (new Set(ofTier.map(pieceName)).size >= limits.pieces) return gather(tier, ofTier)
      }
    },
    async *history() {
      for (const part of inParts(under(await store.getAllKeys(), historyPrefix), 4)) {
        const values = await read(part)
        yield await allChangesIn(part.map((key) => values[key] ?? null))
      }
    },
    async asides() {
      const values = await read(under(await store.getAllKeys(), asidePrefix))
      return Object.entries(values).flatMap(([key, text]) => (text === null ? [] : [{ key: key.slice(asidePrefix.length), text }]))
    },
    async dropAsides() {
      const asides = under(await store.getAllKeys(), asidePrefix)
      if (asides.length > 0) await store.removeMany([...asides, ...asides.map((key) => key.slice(asidePrefix.length))])
    },
    async changesBeyond(known) {
      const keys = under(await store.getAllKeys(), changePrefix).filter((key) => !known.has(key.slice(changePrefix.length)))
      return allChangesIn(Object.values(await read(keys)))
    },
    async wipe() {
      await store.removeMany(await store.getAllKeys())
    },
  }
}
