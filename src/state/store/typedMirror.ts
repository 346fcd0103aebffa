// A second copy of what is typed and not yet in the store. The browser writes its local storage to disk only every
// few seconds; a browser that is killed in between would lose the last of them. This copy is on its way within a
// quarter of a second, under the turn of its writing, so that the next start can tell which of the two is newer.
import type { KeyValueStore } from '../persistence'

export interface TypedEntry {
  readonly key: string
  readonly value: string | null
  /** Counts every writing of the device: the higher, the later. */
  readonly turn: number
}

export interface TypedMirror {
  /** Takes note of what was written; it is kept a moment later. */
  note(entry: TypedEntry): void
  /** Everything that is kept here; empty where it cannot be read. */
  all(): Promise<readonly TypedEntry[]>
}

const waitMs = 200

const entryIn = (key: string, text: string | null): TypedEntry[] => {
  try {
    const { value, turn } = JSON.parse(text ?? 'null') as Partial<TypedEntry>
    const isSound = (value === null || typeof value === 'string') && typeof turn === 'number'
    return isSound ? [{ key, value, turn }] : []
  } catch {
    return []
  }
}

export function makeTypedMirror(
  kept: KeyValueStore,
  later: (flush: () => void, ms: number) => unknown = setTimeout,
): TypedMirror {
  let pending = new Map<string, TypedEntry>()
  let isWaiting = false

  function flush(): void {
    const entries = [...pending.values()]
    pending = new Map()
    isWaiting = false
    const values = entries.map(({ key, value, turn }) => [key, JSON.stringify({ value, turn })])
    // Where it cannot be kept, the copy in local storage is the only one, as it was before.
    kept.setMany(Object.fromEntries(values)).catch(() => {})
  }

  return {
    note(entry) {
      pending.set(entry.key, entry)
      if (isWaiting) return
      isWaiting = true
      later(flush, waitMs)
    },
    async all() {
      try {
        const keys = await kept.getAllKeys()
        const values = await kept.getMany(keys)
        const entries = keys.flatMap((key) => entryIn(key, values[key] ?? null))
        // What was forgotten since, and is no newer than anything, goes.
        const latest = entries.reduce((most, { turn }) => Math.max(most, turn), 0)
        const old = entries.filter(({ value, turn }) => value === null && turn < latest - 50)
        if (old.length > 0) await kept.removeMany(old.map(({ key }) => key))
        return entries
      } catch {
        return []
      }
    },
  }
}
