// What bytes kept apart are called: the hash of their content, so that the same file is kept once and a damaged one
// shows.
import { sha256 } from '@noble/hashes/sha2'
import { bytesToHex } from '@noble/hashes/utils'
import type { BlobHash } from './blobName'

/** Takes bytes portion by portion, so that a large file need not be in memory as a whole. */
export interface BlobHasher {
  take(bytes: Uint8Array): void
  /** The hash of everything it was given. Nothing can be given to it afterwards. */
  hash(): BlobHash
}

/** SHA-256 (FIPS 180-4). */
export function makeBlobHasher(): BlobHasher {
  const hasher = sha256.create()
  return {
    take: (bytes) => void hasher.update(bytes),
    hash: () => `sha256-${bytesToHex(hasher.digest())}`,
  }
}

/** The hash of bytes that come in portions. */
export async function blobHashOf(
  portions: AsyncIterable<Uint8Array> | Iterable<Uint8Array>,
): Promise<BlobHash> {
  const hasher = makeBlobHasher()
  for await (const portion of portions) hasher.take(portion)
  return hasher.hash()
}
