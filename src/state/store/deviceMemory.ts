// Small things of one device, written at once and not part of the store: the theme, what is at hand; and what is typed
// and not yet kept, which belongs to the tab it is typed in.

import type { TypedEntry } from './typedMirror'

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
    /**
     * What is typed is in the store from here on: this page reads it there alone. It is forgotten once it is safely
     * kept; until then the page may close at any moment, and the next one finds it.
     */
    handOver(name: string, isKept: Promise<boolean>): void
    /** Forgets what is typed, in every tab of the device. */
    clear(): void
    /** Takes over what closed tabs have left, wherever nothing is typed here. */
    adopt(closedTabs: readonly string[]): void
    /** Tells when what is typed under a name has changed other than by typing. Returns what ends it. */
    subscribe(name: string, listener: () => void): () => void
    /** The tabs that have left something. */
    tabs(): readonly string[]
    /**
     * Takes up what a killed browser had not written to its local storage any more: what is newer in the second copy,
     * and has not been typed in since the start.
     */
    restore(copies: readonly TypedEntry[]): void
    /** From now on this tab goes by another name: it is a copy of one that is still open. */
    renameTab(tab: string): void
  }
}

const prefix = 'zen-tray:'
const typedPrefix = `${prefix}typed `
/** Counts every writing of what is typed, in all tabs. */
const turnKey = `${prefix}turn-of-typing`
const unkeptPrefix = `${prefix}unkept `

/** Over the browser's local storage; what that refuses is held in a map that lasts as long as the page. */
export function makeDeviceMemory(
  storage: () => Storage,
  firstTab = 'one',
  onTyped: (entry: TypedEntry) => void = () => {},
): DeviceMemory {
  const refused = new Map<string, string | null>()
  const listeners = new Map<() => void, string>()
  /** As it was typed, by its key. */
  const handedOver = new Map<string, string>()
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

  const readTurn = (): number => Number(readKey(turnKey)) || 0

  /** What is typed, with a second copy beside it. */
  function writeTyped(key: string, value: string | null): void {
    const turn = readTurn() + 1
    writeKey(turnKey, String(turn))
    writeKey(key, value)
    onTyped({ key, value, turn })
  }

  function keysUnder(start: string): string[] {
    try {
      const all = Array.from({ length: storage().length }, (_, index) => storage().key(index) ?? '')
      return [...new Set([...all, ...refused.keys()])].filter((key) => key.startsWith(start))
    } catch {
      return [...refused.keys()].filter((key) => key.startsWith(start))
    }
  }

  const tell = (changed: (name: string) => boolean) =>
    [...listeners].forEach(([listener, name]) => changed(name) && listener())
  const typedKey = (name: string, of = tab) => `${typedPrefix}${of} ${name}`

  const atStart = {
    turn: readTurn(),
    values: new Map(keysUnder(typedPrefix).map((key) => [key, readKey(key)])),
  }

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
      read(name) {
        const value = readKey(typedKey(name))
        return value !== null && handedOver.get(typedKey(name)) === value ? null : value
      },
      write(name, value) {
        handedOver.delete(typedKey(name))
        writeTyped(typedKey(name), value)
      },
      handOver(name, isKept) {
        const key = typedKey(name)
        const value = readKey(key)
        if (value === null) return
        handedOver.set(key, value)
        void isKept.then((kept) => {
          if (!kept || handedOver.get(key) !== value) return
          handedOver.delete(key)
          if (readKey(key) === value) writeTyped(key, null)
        })
      },
      clear() {
        keysUnder(typedPrefix).forEach((key) => writeTyped(key, null))
        tell(() => true)
      },
      adopt(closedTabs) {
        const adopted = new Set<string>()
        for (const closed of closedTabs)
          for (const key of keysUnder(typedKey('', closed))) {
            const name = key.slice(typedKey('', closed).length)
            if (readKey(typedKey(name)) !== null) continue
            writeTyped(typedKey(name), readKey(key))
            writeTyped(key, null)
            adopted.add(name)
          }
        tell((name) => adopted.has(name))
      },
      subscribe(name, listener) {
        listeners.set(listener, name)
        return () => listeners.delete(listener)
      },
      tabs: () => [
        ...new Set(keysUnder(typedPrefix).map((key) => key.slice(typedPrefix.length).split(' ')[0] ?? '')),
      ],
      restore(copies) {
        const restored = new Set<string>()
        for (const { key, value, turn } of [...copies].sort((a, b) => a.turn - b.turn)) {
          if (turn <= atStart.turn || !key.startsWith(typedPrefix)) continue
          if (readKey(key) !== (atStart.values.get(key) ?? null)) continue
          writeTyped(key, value)
          restored.add(key)
        }
        tell((name) => restored.has(typedKey(name)))
      },
      renameTab(name) {
        tab = name
      },
    },
  }
}
