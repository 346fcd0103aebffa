// Reading the history in portions, oldest first, so that the screen goes on meanwhile.
import type { Change } from '@/core/journal'
import { broughtPrefix, historyPrefix, under } from './keys'
import { changesIn, type Listed } from './readKept'
import { inChunks, type StorageReader } from './storageReader'

export interface HistoryPortion {
  readonly changes: readonly Change[]
  /** Parts of it that could not be read whole. */
  readonly unread: number
}

export const portionKeys = (keys: readonly string[]): string[] => [
  ...under(keys, broughtPrefix),
  ...under(keys, historyPrefix),
]

/** What is kept under these keys, several at a time. */
export async function* portionsOf(
  keys: readonly string[],
  { read }: StorageReader,
  rest: () => Promise<void>,
): AsyncGenerator<HistoryPortion> {
  for (const chunk of inChunks(keys, 4)) {
    const values = await read(chunk)
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
