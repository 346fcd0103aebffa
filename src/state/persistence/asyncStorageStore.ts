// AsyncStorage over IndexedDB: each call is one transaction.
import { createAsyncStorage } from '@react-native-async-storage/async-storage'
import type { KeyValueStore } from './keyValueStore'

/**
 * AsyncStorage holds one connection for each name for as long as the page lives, a dead one too. It tells names apart
 * by identity, so a fresh object with the same text opens the same database anew.
 */
const freshName = (name: string): string => Object(name) as string

function textOf(value: unknown): string | null {
  if (value === null || value === undefined || typeof value === 'string') return value ?? null
  try {
    return JSON.stringify(value) ?? String(value)
  } catch {
    return String(value)
  }
}

/** Room that a browser keeps to itself. */
const reservedBytes = 1_000_000

/**
 * AsyncStorage hands on an error's message and drops its name, and a write that found no room is aborted without a
 * message: whether it was that, the browser's own estimate tells.
 */
async function withReason(error: unknown, values: Readonly<Record<string, string>>): Promise<unknown> {
  const { quota, usage } = (await globalThis.navigator?.storage?.estimate?.().catch(() => null)) ?? {}
  if (quota === undefined || usage === undefined) return error
  const bytes = Object.values(values).reduce((sum, text) => sum + text.length, 0)
  return usage + bytes + reservedBytes > quota ? new DOMException('no room', 'QuotaExceededError') : error
}

/**
 * One database for each name, opened when it is first asked for, so that a browser that refuses it refuses a promise.
 */
export function makeAsyncStorageStore(name: string): KeyValueStore {
  let opened: ReturnType<typeof createAsyncStorage> | null = null
  const database = async () => (opened ??= createAsyncStorage(freshName(name)))
  return {
    getAllKeys: async () => (await (await database()).getAllKeys()).filter((key) => typeof key === 'string'),
    async getMany(keys) {
      const values = await (await database()).getMany([...keys])
      return Object.fromEntries(Object.entries(values).map(([key, value]) => [key, textOf(value)]))
    },
    async setMany(values) {
      try {
        await (await database()).setMany({ ...values })
      } catch (error) {
        throw await withReason(error, values)
      }
    },
    removeMany: async (keys) => (await database()).removeMany([...keys]),
    reopen: () => {
      opened = null
    },
  }
}
