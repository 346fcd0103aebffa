// What is typed and not yet kept: it belongs to the tab it is typed in, and outlives it.
import type { SafeStorage } from './safeStorage'
import type { TypedEntry } from './typedMirror'

/** What is typed in this tab. */
export interface TypedMemory {
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

/** `turnKey` counts every writing of what is typed, in all tabs. */
export function makeTypedMemory(
  { read: readKey, write: writeKey, keysUnder }: SafeStorage,
  { typedPrefix, turnKey }: { readonly typedPrefix: string; readonly turnKey: string },
  firstTab: string,
  onTyped: (entry: TypedEntry) => void,
): TypedMemory {
  const listeners = new Map<() => void, string>()
  /** As it was typed, by its key. */
  const handedOver = new Map<string, string>()
  let tab = firstTab

  const readTurn = (): number => Number(readKey(turnKey)) || 0

  /** What is typed, with a second copy beside it. */
  function writeTyped(key: string, value: string | null): void {
    const turn = readTurn() + 1
    writeKey(turnKey, String(turn))
    writeKey(key, value)
    onTyped({ key, value, turn })
  }

  const tell = (changed: (name: string) => boolean) =>
    [...listeners].forEach(([listener, name]) => changed(name) && listener())
  const typedKey = (name: string, of = tab) => `${typedPrefix}${of} ${name}`

  const atStart = {
    turn: readTurn(),
    values: new Map(keysUnder(typedPrefix).map((key) => [key, readKey(key)])),
  }

  return {
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
  }
}
