// The port to wherever the bytes of files are kept, apart from the records that name them. An adapter must pass
// test/contracts/blobStore.
import { blobHashOf, type BlobHash } from '@/core/blob'

export interface KeptBlob {
  readonly bytes: Blob
  /** False where what is there is not what was kept: one bit is enough. The bytes are given all the same. */
  readonly isSound: boolean
}

export interface BlobStore {
  /**
   * Keeps bytes and says under which hash. The same bytes are kept once. Rejects with an AppError where there is no
   * room.
   */
  put(bytes: Blob): Promise<BlobHash>
  /** Null where nothing is kept under this hash. */
  get(hash: BlobHash): Promise<KeptBlob | null>
  /** Sizes in bytes by hash, without reading the bytes. */
  sizes(): Promise<ReadonlyMap<BlobHash, number>>
  /** Forgets one; nothing happens where it is not there. */
  remove(hash: BlobHash): Promise<void>
  /** Forgets all. */
  clear(): Promise<void>
}

const portionBytes = 1 << 20

/** A blob in portions of a megabyte: hashing one holds the screen for a few milliseconds. */
export async function* portionsOf(blob: Blob): AsyncGenerator<Uint8Array> {
  for (let at = 0; at < blob.size; at += portionBytes)
    yield new Uint8Array(await blob.slice(at, at + portionBytes).arrayBuffer())
}

export const hashOf = (blob: Blob): Promise<BlobHash> => blobHashOf(portionsOf(blob))
