// AsyncStorage over IndexedDB: each call is one transaction.
import { createAsyncStorage } from '@react-native-async-storage/async-storage'
import type { KeyValueStore } from './keyValueStore'

/**
 * AsyncStorage holds one connection for each name for as long as the page lives, a dead one too. It tells names apart by
 * identity, so a fresh object with the same text opens the same database anew.
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

/** One database for each name, opened when it is first asked for, so that a browser that refuses it refuses a promise. */
export function makeAsyncStorageStore(name: string): KeyValueStore {
  let opened: ReturnType<typeof createAsyncStorage> | null = null
  const database = async () => (opened ??= createAsyncStorage(freshName(name)))
  return {
    getAllKeys: async () => (await (await database()).getAllKeys()).filter((key) => typeof key === 'string'),
    async getMany(keys) {
      const values = await (await database()).getMany([...keys])
      return Object.fromEntries(Object.entries(values).map(([key, value]) => [key, textOf(value)]))
    },
    setMany: async (values) => (await database()).setMany({ ...values }),
    removeMany: async (keys) => (await database()).removeMany([...keys]),
    reopen: () => {
      opened = null
    },
  }
}
