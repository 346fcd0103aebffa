// The store file and the bytes of the files it names, in one ZIP archive: `zen-tray.json`, and `files/<hash>` for each
// file. Written portion by portion; read whole, by its central directory, so that a file may itself be an archive.
import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough, type ZipInputFile } from 'fflate'
import { isBlobHash, makeBlobHasher, type BlobHash } from '../blob'
import { ok, refuse, type Result } from '../result'
import { storeFileLimitBytes, type StoreFileFault } from './storeFile'

/** Largest archive that is read, in bytes, and the most its files may come to. */
export const bundleLimitBytes = 1_500_000_000

const storeName = 'zen-tray.json'
const folder = 'files/'

export interface BundledBlob {
  readonly hash: BlobHash
  readonly portions: AsyncIterable<Uint8Array> | Iterable<Uint8Array>
}

export interface Bundle {
  /** The store file, as `parseStoreFile` reads it. */
  readonly text: string
  readonly blobs: ReadonlyMap<BlobHash, Uint8Array>
}

/** Whether bytes begin as a ZIP archive does. */
export const isBundle = (start: Uint8Array): boolean =>
  start[0] === 0x50 && start[1] === 0x4b && start[2] === 3 && start[3] === 4

/** The bytes of an archive in portions: the text of a store file, then the files. */
export async function* bundleParts(
  text: Iterable<string>,
  blobs: AsyncIterable<BundledBlob> | Iterable<BundledBlob>,
): AsyncGenerator<Uint8Array> {
  const written: Uint8Array[] = []
  const zip = new Zip((error, bytes) => {
    if (error) throw error
    written.push(bytes)
  })
  const add = <F extends ZipInputFile>(file: F): F => {
    zip.add(file)
    return file
  }
  const store = add(new ZipDeflate(storeName, { level: 6 }))
  for (const part of text) {
    store.push(strToU8(part))
    yield* written.splice(0)
  }
  store.push(new Uint8Array(0), true)
  for await (const { hash, portions } of blobs) {
    const file = add(new ZipPassThrough(folder + hash))
    for await (const portion of portions) {
      file.push(portion)
      yield* written.splice(0)
    }
    file.push(new Uint8Array(0), true)
  }
  zip.end()
  yield* written.splice(0)
}

const hashOfWhole = (bytes: Uint8Array): BlobHash => {
  const hasher = makeBlobHasher()
  hasher.take(bytes)
  return hasher.hash()
}

/** What an archive holds, or why it is none of ours. What is in it beside the store file and the files is left. */
export function parseBundle(bytes: Uint8Array): Result<Bundle, StoreFileFault> {
  let total = 0
  let tooLarge: StoreFileFault | null = null
  let entries: Record<string, Uint8Array>
  try {
    entries = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (name !== storeName && !isBlobHash(name.slice(folder.length))) return false
        const limitBytes = name === storeName ? storeFileLimitBytes : bundleLimitBytes
        total += name === storeName ? 0 : originalSize
        if (Math.max(originalSize, total) > limitBytes)
          tooLarge ??= { kind: 'tooLarge', bytes: Math.max(originalSize, total), limitBytes }
        return tooLarge === null
      },
    })
  } catch {
    return refuse({ kind: 'notJson', offset: null })
  }
  if (tooLarge) return refuse(tooLarge)
  const store = Object.hasOwn(entries, storeName) ? entries[storeName] : undefined
  if (!store) return refuse({ kind: 'foreign' })
  const blobs = new Map<BlobHash, Uint8Array>()
  for (const [name, content] of Object.entries(entries)) {
    const hash = name.slice(folder.length)
    if (name === storeName || !isBlobHash(hash)) continue
    if (hashOfWhole(content) !== hash)
      return refuse({ kind: 'shape', where: name.slice(0, 24), why: 'its content is not what was saved' })
    blobs.set(hash, content)
  }
  return ok({ text: strFromU8(store), blobs })
}
