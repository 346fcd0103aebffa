// Bytes in IndexedDB, through idb. The sizes stand beside them, so that counting reads no bytes.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { isBlobHash, type BlobHash } from '@/core/blob'
import { AppError, storageErrorOf } from '../appError'
import { hashOf, type BlobStore } from './blobStore'

interface Kept extends DBSchema {
  bytes: { key: string; value: ArrayBuffer }
  sizes: { key: string; value: number }
}

const both = ['bytes', 'sizes'] as const

/** The browser's own estimate of what is left; infinite where it gives none. */
async function roomLeft(): Promise<number> {
  const { quota, usage } = (await globalThis.navigator?.storage?.estimate?.().catch(() => null)) ?? {}
  return quota === undefined || usage === undefined ? Infinity : quota - usage
}

/** One database for each name. A connection that broke is opened anew by the next call. */
export function makeIndexedDbBlobs(name: string): BlobStore {
  let opened: Promise<IDBPDatabase<Kept>> | null = null
  const lost = () => {
    opened = null
  }
  const database = () =>
    (opened ??= openDB<Kept>(name, 1, {
      upgrade: (fresh) => both.forEach((store) => fresh.createObjectStore(store)),
      blocking: () => void opened?.then((connection) => connection.close()).then(lost, lost),
      terminated: lost,
    }).catch((error) => {
      lost()
      throw error
    }))
  async function attempt<T>(work: (connection: IDBPDatabase<Kept>) => Promise<T>): Promise<T> {
    try {
      return await work(await database())
    } catch (error) {
      throw storageErrorOf(error)
    }
  }
  const write = (change: (bytes: Writer<'bytes'>, sizes: Writer<'sizes'>) => Promise<unknown>[]) =>
    attempt(async (connection) => {
      const transaction = connection.transaction(both, 'readwrite')
      const [bytes, sizes] = [transaction.objectStore('bytes'), transaction.objectStore('sizes')]
      await Promise.all([...change(bytes, sizes), transaction.done])
    })
  return {
    async put(blob) {
      const hash = await hashOf(blob)
      if (await attempt((connection) => connection.getKey('sizes', hash))) return hash
      if (blob.size > (await roomLeft())) throw new AppError('storageFull', null)
      const kept = await blob.arrayBuffer()
      await write((bytes, sizes) => [bytes.put(kept, hash), sizes.put(blob.size, hash)])
      return hash
    },
    async get(hash) {
      const kept = await attempt((connection) => connection.get('bytes', hash))
      if (!kept) return null
      const bytes = new Blob([kept])
      return { bytes, isSound: (await hashOf(bytes)) === hash }
    },
    sizes: () =>
      attempt(async (connection) => {
        const transaction = connection.transaction('sizes')
        const [hashes, sizes] = await Promise.all([
          transaction.store.getAllKeys(),
          transaction.store.getAll(),
        ])
        return new Map(
          hashes.flatMap((hash, at): [BlobHash, number][] =>
            isBlobHash(hash) ? [[hash, sizes[at] as number]] : [],
          ),
        )
      }),
    remove: (hash) => write((bytes, sizes) => [bytes.delete(hash), sizes.delete(hash)]),
    clear: () => write((bytes, sizes) => [bytes.clear(), sizes.clear()]),
  }
}

type Writer<S extends (typeof both)[number]> = {
  put(value: Kept[S]['value'], key: string): Promise<unknown>
  delete(key: string): Promise<unknown>
  clear(): Promise<unknown>
}
