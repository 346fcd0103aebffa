// Which portions of the journal tell of a record, so that its history reads those and no others. The list of a portion
// is kept beside it; one that is missing or damaged is made anew from the portion itself.
import { idsTold, type Change } from '@/core/journal'
import { indexKey } from './keys'
import type { KeyValueStore } from './keyValueStore'
import { changesIn } from './readKept'
import { fromChecksummed, toChecksummed } from './checksummed'

/** The ids that changes tell of, each once. */
const idsIn = (changes: readonly Change[]): string[] => [
  ...new Set(changes.flatMap(({ diff }) => diff.flatMap(idsTold))),
]

/** The value to be kept beside a portion. */
export const indexValue = (portionKey: string, changes: readonly Change[]): Record<string, string> => ({
  [indexKey(portionKey)]: toChecksummed(idsIn(changes)),
})

export interface HistoryIndex {
  /** Of these portions, the keys of those that tell of one of the ids. */
  portionsWith(ids: ReadonlySet<string>, portionKeys: readonly string[]): Promise<string[]>
}

/** The ids kept beside a portion; null where they are missing or damaged. */
function idsKept(text: string | null | undefined): ReadonlySet<string> | null {
  const opened = text ? fromChecksummed(text) : null
  return opened?.kind === 'whole' && Array.isArray(opened.value) ? new Set(opened.value as string[]) : null
}

/** What was read once is remembered: portions never change, they only come and go. */
export function makeHistoryIndex(store: Pick<KeyValueStore, 'getMany'>): HistoryIndex {
  const known = new Map<string, ReadonlySet<string>>()

  async function learn(portionKey: string, kept: string | null | undefined): Promise<void> {
    const ids = idsKept(kept)
    if (ids) return void known.set(portionKey, ids)
    const text = (await store.getMany([portionKey]))[portionKey]
    const { items, sound } = await changesIn(text ?? '')
    // What is damaged is looked into every time: it may tell of anything.
    if (sound) known.set(portionKey, new Set(idsIn(items)))
  }

  return {
    async portionsWith(ids, portionKeys) {
      const unknown = portionKeys.filter((key) => !known.has(key))
      const kept = unknown.length > 0 ? await store.getMany(unknown.map(indexKey)) : {}
      for (const key of unknown) await learn(key, kept[indexKey(key)])
      return portionKeys.filter((key) => {
        const told = known.get(key)
        return !told || [...ids].some((id) => told.has(id))
      })
    },
  }
}
