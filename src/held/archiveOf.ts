// What is saved as a file in the person's hands: a text alone, or in one archive with the bytes of the files it names.
import type { BundledBlob, BundleKind } from '@/core/exchange'
import type { BlobStore } from '@/state'
import { rest } from './rest'

type Hash = BundledBlob['hash']

async function* inTurns<T>(parts: AsyncIterable<T> | Iterable<T>): AsyncGenerator<T> {
  for await (const part of parts) {
    yield part
    await rest()
  }
}

const partsInBlob = 24

/** Everything as one blob, put together from small ones: one of a hundred megabytes at once would hold the screen. */
async function blobOf(parts: AsyncIterable<BlobPart>, type: string): Promise<Blob> {
  const blobs: Blob[] = []
  let waiting: BlobPart[] = []
  for await (const part of parts) {
    waiting.push(part)
    if (waiting.length < partsInBlob) continue
    blobs.push(new Blob(waiting))
    waiting = []
  }
  return new Blob([...blobs, ...waiting], { type })
}

/** The files one by one. A damaged one would spoil the whole archive for its reader: it is left out and counted. */
async function* soundFiles(
  store: BlobStore,
  hashes: readonly Hash[],
  onDamaged: () => void,
): AsyncGenerator<BundledBlob> {
  const { portionsOf } = await import('@/state/store/onDemand')
  for (const hash of hashes) {
    const kept = await store.get(hash).catch(() => null)
    if (kept?.isSound) yield { hash, portions: inTurns(portionsOf(kept.bytes)) }
    else onDamaged()
  }
}

export const textBlobOf = (text: Iterable<string>): Promise<Blob> => blobOf(inTurns(text), 'application/json')

export async function archiveOf(
  text: Iterable<string>,
  hashes: readonly Hash[],
  store: BlobStore,
  kind?: BundleKind,
): Promise<{ readonly blob: Blob; readonly isEveryFileIn: boolean }> {
  const { bundleParts } = await import('@/state/store/onDemand')
  let isEveryFileIn = true
  const files = soundFiles(store, hashes, () => (isEveryFileIn = false))
  const bytes = inTurns(bundleParts(text, files, kind)) as AsyncIterable<Uint8Array<ArrayBuffer>>
  const blob = await blobOf(bytes, 'application/zip')
  return { blob, isEveryFileIn }
}
