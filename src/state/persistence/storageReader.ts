// Reading what is kept as it stood at one moment, and in portions that let the screen go on.
import type { Change, Gathering } from '@/core/journal'
import { metaKey } from './keys'
import type { KeyValueStore } from './keyValueStore'
import { readInto, type Damaged } from './readKept'

/** Chunks that are read between two rests: some twenty milliseconds of work. */
export const chunksAtOnce = 6

/** How often a store that moves under the reader is read again before what was found is taken. */
export const rereads = 20

export function inChunks<T>(items: readonly T[], size: number): T[][] {
  const chunks: T[][] = []
  for (let at = 0; at < items.length; at += size) chunks.push(items.slice(at, at + size))
  return chunks
}

type Values = Readonly<Record<string, string | null>>
/** Values to be written, under their keys. */
export type Written = Readonly<Record<string, string>>

export const inOrder = (changes: readonly Change[]): Change[] =>
  [...changes].sort((a, b) => (a.stamp < b.stamp ? -1 : 1))

export interface StorageReader {
  read(keys: readonly string[]): Promise<Values>
  readTogether(wanted: (key: string) => boolean): Promise<{ keys: readonly string[]; values: Values }>
  readActions(
    keys: readonly string[],
    gathering: Gathering,
  ): Promise<{ isWhole: boolean; damaged: readonly Damaged[] }>
}

export function makeStorageReader(store: KeyValueStore, rest: () => Promise<void>): StorageReader {
  const read = async (keys: readonly string[]): Promise<Values> =>
    keys.length > 0 ? store.getMany(keys) : {}

  /** Keys and values as they stood at one moment: read again while keys that were listed have gone meanwhile. */
  async function readTogether(
    wanted: (key: string) => boolean,
  ): Promise<{ keys: readonly string[]; values: Readonly<Record<string, string | null>> }> {
    for (let round = 1; ; round++) {
      const keys = await store.getAllKeys()
      const values = await read(keys.filter((key) => key === metaKey || wanted(key)))
      if (round === rereads || !Object.values(values).includes(null)) return { keys, values }
    }
  }

  /**
   * Reads chunks that the first station does not need, some at a time, the next ones under way while these are
   * gathered.
   */
  async function readActions(
    keys: readonly string[],
    gathering: Gathering,
  ): Promise<{ isWhole: boolean; damaged: readonly Damaged[] }> {
    const groups = inChunks(keys, chunksAtOnce)
    const damaged: Damaged[] = []
    let next = groups[0] ? read(groups[0]) : null
    for (let at = 0; next; at++) {
      const values = await next
      const group = groups[at + 1]
      next = group ? read(group) : null
      if (Object.values(values).includes(null)) return { isWhole: false, damaged }
      damaged.push(...(await readInto(values, gathering)).damaged)
      await rest()
    }
    return { isWhole: true, damaged }
  }

  return { read, readTogether, readActions }
}
