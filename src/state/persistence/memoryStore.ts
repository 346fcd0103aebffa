import type { KeyValueStore } from './keyValueStore'

/** Keeps everything in a map: for tests, and for a browser that keeps nothing. */
export function makeMemoryStore(
  held = new Map<string, string>(),
): KeyValueStore & { readonly held: Map<string, string> } {
  return {
    held,
    getAllKeys: async () => [...held.keys()],
    getMany: async (keys) => Object.fromEntries(keys.map((key) => [key, held.get(key) ?? null])),
    setMany: async (values) => Object.entries(values).forEach(([key, value]) => held.set(key, value)),
    removeMany: async (keys) => keys.forEach((key) => held.delete(key)),
    reopen: () => {},
  }
}
