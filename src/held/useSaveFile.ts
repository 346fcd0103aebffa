// The whole store as a file in the person's hands, from memory: whatever the storage does, it can be had. Where there are
// files among it, their bytes go along in one archive.
import type { BundledBlob } from '@/core/exchange'
import type { BlobStore } from '@/state'
import { desk } from './desk'
import { rest } from './rest'
import { saveAs } from './saveAs'
import { savedWords } from '@/words'
import { useZen } from './zen'

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

/** Hashes of every file that is kept; null where they cannot be reached. */
const hashesIn = async (blobs: () => Promise<BlobStore>): Promise<BundledBlob['hash'][] | null> => {
  try {
    return [...(await (await blobs()).sizes()).keys()]
  } catch {
    return null
  }
}

/** The files one by one. A damaged one would spoil the whole archive for its reader: it is left out and counted. */
async function* soundFiles(
  store: BlobStore,
  hashes: readonly BundledBlob['hash'][],
  onDamaged: () => void,
): AsyncGenerator<BundledBlob> {
  const { portionsOf } = await import('@/state/onDemand')
  for (const hash of hashes) {
    const kept = await store.get(hash).catch(() => null)
    if (kept?.isSound) yield { hash, portions: inTurns(portionsOf(kept.bytes)) }
    else onDamaged()
  }
}

export function useSaveFile(): () => Promise<void> {
  const { store, clock, blobs } = useZen()
  return async () => {
    try {
      const { bundleParts, storeFileParts } = await import('@/state/onDemand')
      const journal = await store.journal()
      const { document, today, unread } = store.api.getState()
      const text = storeFileParts(document, journal.changes, clock.nowEpochMs())
      const hashes = await hashesIn(blobs)
      let isEveryFileIn = hashes !== null
      if (hashes && hashes.length > 0) {
        const files = soundFiles(await blobs(), hashes, () => (isEveryFileIn = false))
        const bytes = inTurns(bundleParts(text, files)) as AsyncIterable<Uint8Array<ArrayBuffer>>
        saveAs(`zen-tray-${today}.zip`, await blobOf(bytes, 'application/zip'))
      } else saveAs(`zen-tray-${today}.json`, await blobOf(inTurns(text), 'application/json'))
      const told = savedWords({
        records: unread === null,
        history: journal.unreached === null && journal.unread === 0,
        files: isEveryFileIn,
      })
      desk.getState().tell(told.text, { problem: told.isPartial })
    } catch {
      desk.getState().tell('The file could not be made. Nothing was changed; try again.', { problem: true })
    }
  }
}
