// The browser's local storage; what it refuses is held in a map that lasts as long as the page.

export interface SafeStorage {
  readonly read: (key: string) => string | null
  /** Null removes it. */
  readonly write: (key: string, value: string | null) => void
  readonly keysUnder: (start: string) => string[]
}

export function makeSafeStorage(storage: () => Storage): SafeStorage {
  const refused = new Map<string, string | null>()
  return {
    read(key) {
      const held = refused.get(key)
      if (held !== undefined) return held
      try {
        return storage().getItem(key)
      } catch {
        return null
      }
    },
    write(key, value) {
      try {
        if (value === null) storage().removeItem(key)
        else storage().setItem(key, value)
        refused.delete(key)
      } catch {
        refused.set(key, value)
      }
    },
    keysUnder(start) {
      try {
        const all = Array.from({ length: storage().length }, (_, index) => storage().key(index) ?? '')
        return [...new Set([...all, ...refused.keys()])].filter((key) => key.startsWith(start))
      } catch {
        return [...refused.keys()].filter((key) => key.startsWith(start))
      }
    },
  }
}
