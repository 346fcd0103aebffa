// A text and the bytes of the files it names, in one ZIP archive: the store as `zen-tray.json`, or a template as
// `template.json`, and `files/<hash>` for each file. Written portion by portion; read whole, by its central
// directory, so that a file may itself be an archive.
import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough, type ZipInputFile } from 'fflate'
import { isBlobHash, makeBlobHasher, type BlobHash } from '../blob'
import { ok, refuse, type Result } from '../result'
import { templateFileLimitBytes } from '../template/templateFile'
import { storeFileLimitBytes, type StoreFileFault } from './storeFile'

/** Largest archive of a store that is read, in bytes, and the most its files may come to. */
export const bundleLimitBytes = 1_500_000_000

export interface BundleKind {
  /** What the text is called in it, and what earlier versions called it. */
  readonly name: string
  readonly earlierName?: string
  readonly textLimitBytes: number
  /** Of the whole, and of its files together. */
  readonly limitBytes: number
}
export const storeBundle: BundleKind = {
  name: 'zen-tray.json',
  textLimitBytes: storeFileLimitBytes,
  limitBytes: bundleLimitBytes,
}
export const templateBundle: BundleKind = {
  name: 'template.json',
  earlierName: 'pattern.json',
  textLimitBytes: templateFileLimitBytes,
  limitBytes: 200_000_000,
}

const folder = 'files/'

export interface BundledBlob {
  readonly hash: BlobHash
  readonly portions: AsyncIterable<Uint8Array> | Iterable<Uint8Array>
}

export interface Bundle {
  /** The store file, as `parseStoreFile` reads it; or a template, as `parseTemplateFile` does. */
  readonly text: string
  readonly blobs: ReadonlyMap<BlobHash, Uint8Array>
}

/** Whether bytes begin as a ZIP archive does. */
export const isBundle = (start: Uint8Array): boolean =>
  start[0] === 0x50 && start[1] === 0x4b && start[2] === 3 && start[3] === 4

/** The bytes of an archive in portions: its text, then the files. */
export async function* bundleParts(
  text: Iterable<string>,
  blobs: AsyncIterable<BundledBlob> | Iterable<BundledBlob>,
  { name }: BundleKind = storeBundle,
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
  const store = add(new ZipDeflate(name, { level: 6 }))
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

const isTextOf = (kind: BundleKind, name: string): boolean => name === kind.name || name === kind.earlierName

/** What an archive holds, or why it is none of its kind. What is in it beside the text and the files is left. */
export function parseBundle(
  bytes: Uint8Array,
  kind: BundleKind = storeBundle,
): Result<Bundle, StoreFileFault> {
  let total = 0
  let tooLarge: StoreFileFault | null = null
  let entries: Record<string, Uint8Array>
  try {
    entries = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const isText = isTextOf(kind, name)
        if (!isText && !isBlobHash(name.slice(folder.length))) return false
        const limitBytes = isText ? kind.textLimitBytes : kind.limitBytes
        total += isText ? 0 : originalSize
        if (Math.max(originalSize, total) > limitBytes)
          tooLarge ??= { kind: 'tooLarge', bytes: Math.max(originalSize, total), limitBytes }
        return tooLarge === null
      },
    })
  } catch {
    return refuse({ kind: 'notJson', offset: null })
  }
  if (tooLarge) return refuse(tooLarge)
  const [, text] = Object.entries(entries).find(([name]) => isTextOf(kind, name)) ?? []
  if (!text) return refuse({ kind: 'foreign' })
  const blobs = new Map<BlobHash, Uint8Array>()
  for (const [name, content] of Object.entries(entries)) {
    const hash = name.slice(folder.length)
    if (isTextOf(kind, name) || !isBlobHash(hash)) continue
    if (hashOfWhole(content) !== hash)
      return refuse({ kind: 'shape', where: name.slice(0, 24), why: 'its content is not what was saved' })
    blobs.set(hash, content)
  }
  return ok({ text: strFromU8(text), blobs })
}
