// Keeping the journal: one key for each change as it is made; now and then the changes are folded into pieces, and
// pieces into larger ones, each record being rewritten about once a tier. Everything is merged by stamps on reading,
// so whatever the moment a write is cut off, what is kept is a store as it was up to some change.
import {
  entriesIn,
  emptyDocument,
  laterStamp,
  makeGathering,
  never,
  withChanges,
  type Change,
  type Document,
  type Entry,
  type Stamp,
} from '@/core/journal'
import { kindOf } from '@/core/record'
import { currentVersion } from '@/core/migrations/currentVersion'
import { heal } from './heal'
import { indexValue, makeHistoryIndex } from './historyIndex'
import {
  asidePrefix,
  broughtKey,
  broughtPrefix,
  changeKey,
  changePrefix,
  historyKey,
  historyPrefix,
  isLaterPiece,
  laterPieceKey,
  latestInKeys,
  metaKey,
  pieceKey,
  pieceName,
  piecePrefix,
  tierOf,
  under,
} from './keys'
import type { KeyValueStore } from './keyValueStore'
import { metaIn, metaValue } from './meta'
import { changesIn, entriesInPiece, readInto, type Aside, type Kept, type Listed } from './readKept'
import { inParts, makeReading, partsAtOnce, rereads } from './reading'
import { toSealed } from './sealed'

export interface ArchiveLimits {
  /** Changes kept one by one before they are folded. */
  readonly changes: number
  /** Pieces of one tier before they are gathered. */
  readonly pieces: number
  /** Records in one part of a piece, changes in one part of the history. */
  readonly partSize: number
  /** Lets the screen go on between two portions of long work. */
  readonly rest?: () => Promise<void>
}
export const usualLimits: ArchiveLimits = { changes: 200, pieces: 8, partSize: 500 }
export interface Loaded {
  readonly document: Document
  readonly asides: readonly Aside[]
  readonly newerFormat: boolean
  /** The latest changes, folded or not, in order: what can be undone. */
  readonly recent: readonly Change[]
  /** No earlier than any stamp that is kept. */
  readonly latest: Stamp
}

/** What has been kept by others since this copy last looked. */
export type News =
  | { readonly kind: 'wiped' }
  | { readonly kind: 'more'; readonly changes: readonly Change[]; readonly entries: readonly Entry[] }

export interface HistoryPortion {
  readonly changes: readonly Change[]
  /** Parts of it that could not be read whole. */
  readonly unread: number
}

export interface Archive {
  /**
   * Everything kept. `onFirst` is given what the first station needs, all but the actions, as soon as that is read;
   * again where the ground moved meanwhile.
   */
  load(onFirst?: (document: Document) => void): Promise<Loaded>
  /** Keeps changes in one write; `instead` are earlier ones that they stand in for. */
  append(changes: readonly Change[], instead?: readonly Stamp[]): Promise<void>
  /** Takes in records and journal from a file or another copy, and the act of doing so, in one write. */
  absorb(entries: readonly Entry[], changes: readonly Change[], act: Change): Promise<readonly string[]>
  /** These were kept by another on behalf of this copy: they are no news. */
  know(keys: readonly string[]): void
  /** Folds what has gathered, if it is time. Safe to be cut off anywhere, and beside another that does the same. */
  fold(): Promise<void>
  /** The whole journal but for the changes of `load`; in portions, oldest first. */
  history(): AsyncGenerator<HistoryPortion>
  /** As `history`, of these records alone: reads only the portions that tell of them. */
  historyOf(ids: ReadonlySet<string>): AsyncGenerator<HistoryPortion>
  asides(): Promise<readonly Aside[]>
  /** Removes what was set aside. What could be read of it stays. */
  dropAsides(): Promise<void>
  news(): Promise<News>
  /** Removes everything, whatever others write meanwhile. `stamp` names the act. */
  wipe(stamp: Stamp): Promise<void>
  /** Opens the storage anew. */
  reopen(): void
}

const inOrder = (changes: readonly Change[]): Change[] =>
  [...changes].sort((a, b) => (a.stamp < b.stamp ? -1 : 1))
const latestOf = (changes: readonly Change[]): Stamp =>
  changes.reduce<Stamp>((latest, { stamp }) => laterStamp(latest, stamp), never)

/** `name` tells this copy's pieces from those of another tab that folds the same changes at the same moment. */
export function makeArchive(store: KeyValueStore, limits: ArchiveLimits = usualLimits, name = ''): Archive {
  /** Every key this copy has read or written: what else turns up is news. */
  const seen = new Set<string>()
  const index = makeHistoryIndex(store)
  const rest = limits.rest ?? (async () => {})
  const { read, readTogether, readLater } = makeReading(store, rest)
  let wiped: string | null = null
  let isNewer = false

  async function write(values: Readonly<Record<string, string>>): Promise<void> {
    await store.setMany(values)
    Object.keys(values).forEach((key) => seen.add(key))
  }

  /** The parts of a piece under their keys, actions apart from the rest. */
  async function pieceOf(
    tier: number,
    stamp: Stamp,
    entries: readonly Entry[],
  ): Promise<Record<string, string>> {
    const isAction = ({ record }: Entry) => kindOf(record.id) === 'action'
    const values: Record<string, string> = {}
    for (const [keyOf, own] of [
      [pieceKey, entries.filter((entry) => !isAction(entry))],
      [laterPieceKey, entries.filter(isAction)],
    ] as const)
      for (const [index, part] of inParts(own, limits.partSize).entries()) {
        values[keyOf(tier, stamp, name, index)] = toSealed(part)
        if (index % partsAtOnce === 0) await rest()
      }
    return values
  }

  /** A portion under its key, and beside it which records it tells of. */
  const portionAt = (key: string, changes: readonly Change[]): Record<string, string> => ({
    [key]: toSealed(changes),
    ...indexValue(key, changes),
  })

  function historyOf(changes: readonly Change[]): Record<string, string> {
    const portions = inParts(inOrder(changes), limits.partSize).map((part) => {
      const [first, last] = [part[0] as Change, part.at(-1) as Change]
      return portionAt(historyKey(first.stamp, last.stamp, name), part)
    })
    return Object.assign({}, ...portions) as Record<string, string>
  }

  /** Whether all of these are still there: another tab may have folded or wiped them since they were read. */
  async function standStill(keys: readonly string[]): Promise<boolean> {
    const there = new Set(await store.getAllKeys())
    return keys.every((key) => there.has(key))
  }

  /** Puts pieces in the place of what they were made from; takes them back where that has gone meanwhile. */
  async function exchange(made: Readonly<Record<string, string>>, sources: readonly string[]): Promise<void> {
    if (Object.keys(made).length > 0) await write(made)
    if (await standStill(sources)) await store.removeMany(sources)
    else await store.removeMany(Object.keys(made))
  }

  /** A piece is a function of the changes alone: it may hold records only in part, and merging makes them whole. */
  async function foldChanges(keys: readonly string[]): Promise<void> {
    const values = await read(keys)
    const listed = await Promise.all(
      keys.map(async (key) => ({ key, ...(await changesIn(values[key] ?? '')) })),
    )
    const sound = listed.filter((kept) => kept.sound)
    if (sound.length === 0) return
    const changes = sound.flatMap(({ items }) => items)
    const entries = [...entriesIn(withChanges(emptyDocument, changes))]
    const made = { ...(await pieceOf(0, latestOf(changes), entries)), ...historyOf(changes) }
    await exchange(
      made,
      sound.map(({ key }) => key),
    )
  }

  /** Gathers all pieces of a tier into one of the next. */
  async function gather(tier: number, keys: readonly string[]): Promise<void> {
    const gathered = makeGathering()
    const soundKeys: string[] = []
    for (const part of inParts(keys, 4)) {
      const values = await read(part)
      for (const key of part) {
        const { items, sound } = await entriesInPiece(values[key] ?? '')
        if (!sound) continue
        gathered.add(items)
        soundKeys.push(key)
      }
      await rest()
    }
    if (soundKeys.length === 0) return
    const entries = [...entriesIn(gathered.document())]
    await exchange(await pieceOf(tier + 1, latestInKeys(soundKeys), entries), soundKeys)
  }

  /** What a load gives back, once what is damaged has been set aside and put in order. */
  async function finished(keys: readonly string[], format: number | undefined, kept: Kept): Promise<Loaded> {
    const lastHistory = under(keys, historyPrefix).at(-1)
    const older = lastHistory ? (await changesIn((await read([lastHistory]))[lastHistory] ?? '')).items : []
    const recent = new Map(inOrder([...older, ...kept.changes]).map((change) => [change.stamp, change]))
    if (!isNewer && format !== currentVersion) await write(metaValue(wiped))
    const { document, values: healed } = await heal(kept, allHistory)
    if (!isNewer && Object.keys(healed).length > 0) await write(healed)
    return {
      document,
      asides: kept.damaged.map(({ key, text }) => ({ key, text })),
      newerFormat: isNewer,
      recent: [...recent.values()],
      latest: latestInKeys(keys),
    }
  }

  async function allHistory(): Promise<readonly Change[]> {
    const all: Change[] = []
    for await (const { changes } of history()) for (const change of changes) all.push(change)
    return all
  }

  async function* portionsOf(keys: readonly string[]): AsyncGenerator<HistoryPortion> {
    for (const part of inParts(keys, 4)) {
      const values = await read(part)
      const texts = Object.values(values).filter((text) => text !== null)
      const listed: Listed<Change>[] = []
      for (const text of texts) {
        if (listed.length > 0) await rest()
        listed.push(await changesIn(text))
      }
      const unread = listed.filter(({ sound }) => !sound).length
      yield { changes: listed.flatMap(({ items }) => items), unread }
    }
  }

  const portionKeys = (keys: readonly string[]): string[] => [
    ...under(keys, broughtPrefix),
    ...under(keys, historyPrefix),
  ]

  async function* history(): AsyncGenerator<HistoryPortion> {
    yield* portionsOf(portionKeys(await store.getAllKeys()))
  }

  return {
    async load(onFirst) {
      for (let round = 1; ; round++) {
        const first = await readTogether(
          (key) => !isLaterPiece(key) && (key.startsWith(changePrefix) || key.startsWith(piecePrefix)),
        )
        const { keys, values } = first
        const meta = metaIn(values[metaKey])
        const gathering = makeGathering()
        const kept = await readInto(values, gathering)
        onFirst?.(withChanges(gathering.document(), kept.changes))
        const later = await readLater(keys.filter(isLaterPiece), gathering)
        // A part that was listed and has gone was folded by another tab: what it held stands elsewhere now.
        if (!later.isWhole && round < rereads) continue
        isNewer = (meta?.format ?? 0) > currentVersion
        wiped = meta?.wiped ?? null
        seen.clear()
        keys.forEach((key) => seen.add(key))
        return finished(keys, meta?.format, {
          document: withChanges(gathering.document(), kept.changes),
          changes: kept.changes,
          damaged: [...kept.damaged, ...later.damaged],
        })
      }
    },
    async append(changes, instead = []) {
      await write(Object.fromEntries(changes.map((change) => [changeKey(change.stamp), toSealed([change])])))
      if (instead.length > 0) await store.removeMany(instead.map(changeKey))
    },
    async absorb(entries, changes, act) {
      const journal = inParts(inOrder(changes), limits.partSize).map((part, at) =>
        portionAt(broughtKey(act.stamp, at), part),
      )
      const values = {
        ...(await pieceOf(3, act.stamp, entries)),
        ...(Object.assign({}, ...journal) as Record<string, string>),
        ...(act.diff.length > 0 ? { [changeKey(act.stamp)]: toSealed([act]) } : {}),
      }
      await write(values)
      return Object.keys(values)
    },
    know: (keys) => keys.forEach((key) => seen.add(key)),
    async fold() {
      if (isNewer) return
      const changeKeys = under(await store.getAllKeys(), changePrefix)
      if (changeKeys.length >= limits.changes) await foldChanges(changeKeys)
      const pieceKeys = under(await store.getAllKeys(), piecePrefix)
      for (let tier = 0; tier < 9; tier++) {
        const ofTier = pieceKeys.filter((key) => tierOf(key) === tier)
        if (new Set(ofTier.map(pieceName)).size >= limits.pieces) return gather(tier, ofTier)
      }
    },
    history,
    async *historyOf(ids) {
      // Every portion that is news to this copy tells of changes that it has yet to take up, or holds already: so the
      // keys it knows are enough, and to list all of them anew would take longer than reading the one that is wanted.
      const keys = portionKeys(seen.size > 0 ? [...seen] : await store.getAllKeys())
      yield* portionsOf(await index.portionsWith(ids, keys))
    },
    async asides() {
      const values = await read(under(await store.getAllKeys(), asidePrefix))
      return Object.entries(values).flatMap(([key, text]) =>
        text === null ? [] : [{ key: key.slice(asidePrefix.length), text }],
      )
    },
    async dropAsides() {
      const asides = under(await store.getAllKeys(), asidePrefix)
      if (asides.length > 0) await store.removeMany(asides)
    },
    async news() {
      const isNews = (key: string) =>
        !seen.has(key) && [changePrefix, historyPrefix, piecePrefix].some((prefix) => key.startsWith(prefix))
      const { keys, values } = await readTogether(isNews)
      under(keys, broughtPrefix).forEach((key) => seen.add(key))
      const meta = metaIn(values[metaKey])
      if (meta && meta.wiped !== wiped) return { kind: 'wiped' }
      const texts = Object.entries(values).filter(([key, text]) => key !== metaKey && text !== null) as [
        string,
        string,
      ][]
      const changes: Change[] = []
      const entries: Entry[] = []
      for (const [key, text] of texts) {
        if (key.startsWith(piecePrefix)) entries.push(...(await entriesInPiece(text)).items)
        else changes.push(...(await changesIn(text)).items)
        seen.add(key)
      }
      return { kind: 'more', changes, entries }
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
