// Small things of one device, written at once and not part of the store: the theme, what is at hand; and what is typed
// and not yet kept, which belongs to the tab it is typed in.
import { makeSafeStorage } from './safeStorage'
import { makeTypedMemory, type TypedMemory } from './typedMemory'
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
  readonly typed: TypedMemory
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
  const safe = makeSafeStorage(storage)
  return {
    read: (name) => safe.read(`${prefix}${name}`),
    write: (name, value) => safe.write(`${prefix}${name}`, value),
    unkept: {
      lay: (page, text) => safe.write(unkeptPrefix + page, text),
      all: () =>
        safe.keysUnder(unkeptPrefix).flatMap((key) => {
          const text = safe.read(key)
          return text === null ? [] : [{ page: key.slice(unkeptPrefix.length), text }]
        }),
      drop: (page) => safe.write(unkeptPrefix + page, null),
      clear: () => safe.keysUnder(unkeptPrefix).forEach((key) => safe.write(key, null)),
    },
    typed: makeTypedMemory(safe, { typedPrefix, turnKey }, firstTab, onTyped),
  }
}
