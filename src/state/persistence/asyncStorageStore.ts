// AsyncStorage over IndexedDB: each call is one transaction.
import { createAsyncStorage } from '@react-native-async-storage/async-storage'
import type { KeyValueStore } from './keyValueStore'

/** One database for each name. */
export function makeAsyncStorageStore(name: string): KeyValueStore {
  const database = createAsyncStorage(name)
  return {
    getAllKeys: () => database.getAllKeys(),
    getMany: (keys) => database.getMany([...keys]),
    setMany: (values) => database.setMany({ ...values }),
    removeMany: (keys) => database.removeMany([...keys]),
  }
}
