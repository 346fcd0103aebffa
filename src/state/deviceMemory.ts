// Small things of one device, written at once and not part of the store: the theme, what is at hand; and what is typed
// and not yet kept, which belongs to the tab it is typed in.

export interface DeviceMemory {
  read(name: string): string | null
  write(name: string, value: string | null): void
  /** What pages that were left had not kept yet, each under a name of its own. */
  readonly unkept: {
    lay(page: string, text: string): void
    /** Of every page of the device. */
    all(): readonly { readonly page: string; readonly text: string }[]
    drop(page: string): void
    clear(): void
  }
  /** What is typed in this tab. */
  readonly typed: {
    read(name: string): string | null
    write(name: string, value: string | null): void
    /** Forgets what is typed, in every tab of the device. */
    clear(): void
    /** Takes over what closed tabs have left, wherever nothing is typed here. */
    adopt(closedTabs: readonly string[]): void
    /** Tells when what is typed has changed other than by typing. Returns what ends it. */
    subscribe(listener: () => void): () => void
    /** The tabs that have left something. */
    tabs(): readonly string[]
    /** From now on this tab goes by another name: it is a copy of one that is still open. */
    renameTab(tab: string): void
  }
}

const prefix = 'zen-tray:'
const typedPrefix = `${prefix}typed `
const unkeptPrefix = `${prefix}unkept `

/** Over the browser's local storage; what that refuses is held in a map that lasts as long as the page. */
export function makeDeviceMemory(storage: () => Storage, firstTab = 'one'): DeviceMemory {
  const refused = new Map<string, string | null>()
  const listeners = new Set<() => void>()
  let tab = firstTab

  function readKey(key: string): string | null {
    const held = refused.get(key)
    if (held !== undefined) return held
    try {
      return storage().getItem(key)
    } catch {
      return null
    }
  }

  function writeKey(key: string, value: string | null): void {
    try {
      if (value === null) storage().removeItem(key)
      else storage().setItem(key, value)
      refused.delete(key)
    } catch {
      refused.set(key, value)
    }
  }

  function keysUnder(start: string): string[] {
    try {
      const all = Array.from({ length: storage().length }, (_, index) => storage().key(index) ?? '')
      return [...new Set([...all, ...refused.keys()])].filter((key) => key.startsWith(start))
    } catch {
      return [...refused.keys()].filter((key) => key.startsWith(start))
    }
  }

  const tell = () => listeners.forEach((listener) => listener())
  const typedKey = (name: string, of = tab) => `${typedPrefix}${of} ${name}`

  return {
    read: (name) => readKey(`${prefix}${name}`),
    write: (name, value) => writeKey(`${prefix}${name}`, value),
    unkept: {
      lay: (page, text) => writeKey(unkeptPrefix + page, text),
      all: () =>
        keysUnder(unkeptPrefix).flatMap((key) => {
          const text = readKey(key)
          return text === null ? [] : [{ page: key.slice(unkeptPrefix.length), text }]
        }),
      drop: (page) => writeKey(unkeptPrefix + page, null),
      clear: () => keysUnder(unkeptPrefix).forEach((key) => writeKey(key, null)),
    },
    typed: {
      read: (name) => readKey(typedKey(name)),
      write: (name, value) => writeKey(typedKey(name), value),
      clear() {
        keysUnder(typedPrefix).forEach((key) => writeKey(key, null))
        tell()
      },
      adopt(closedTabs) {
        for (const closed of closedTabs)
          for (const key of keysUnder(typedKey('', closed))) {
            const mine = typedKey(key.slice(typedKey('', closed).length))
            if (readKey(mine) !== null) continue
            writeKey(mine, readKey(key))
            writeKey(key, null)
          }
        tell()
      },
      subscribe(listener) {
        listeners.add(listener)
        return () => listeners.delete(listener)
      },
      tabs: () => [
        ...new Set(keysUnder(typedPrefix).map((key) => key.slice(typedPrefix.length).split(' ')[0] ?? '')),
      ],
      renameTab(name) {
        tab = name
      },
    },
  }
}
