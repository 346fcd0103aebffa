import type { BlobHash } from '@/core/blob'
import { hashOf, type BlobStore } from './blobStore'

/** Keeps bytes in a map: for tests, and for a browser that keeps nothing. */
export function makeMemoryBlobs(held = new Map<BlobHash, Blob>()): BlobStore {
  return {
    async put(bytes) {
      const hash = await hashOf(bytes)
      if (!held.has(hash)) held.set(hash, bytes)
      return hash
    },
    async get(hash) {
      const bytes = held.get(hash)
      return bytes ? { bytes, isSound: (await hashOf(bytes)) === hash } : null
    },
    sizes: async () => new Map([...held].map(([hash, { size }]) => [hash, size])),
    remove: async (hash) => void held.delete(hash),
    clear: async () => held.clear(),
  }
}
