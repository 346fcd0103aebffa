// The whole store as a file in the person's hands, from memory: whatever the storage does, it can be had. Where there
// are files among it, their bytes go along in one archive.
import type { BundledBlob } from '@/core/exchange'
import type { BlobStore } from '@/state'
import { backupKey } from './backups'
import { desk } from './desk'
import { saveAs } from './saveAs'
import { savedWords } from '@/words'
import { useKept } from './useKept'
import { useZen } from './zen'

/** Hashes of every file that is kept; null where they cannot be reached. */
const hashesIn = async (blobs: () => Promise<BlobStore>): Promise<BundledBlob['hash'][] | null> => {
  try {
    return [...(await (await blobs()).sizes()).keys()]
  } catch {
    return null
  }
}

export function useSaveFile(): () => Promise<void> {
  const { store, clock, blobs } = useZen()
  const [, rememberBackup] = useKept(backupKey)
  return async () => {
    try {
      const { archiveOf, textBlobOf } = await import('./archiveOf')
      const { storeFileParts } = await import('@/state/store/onDemand')
      const journal = await store.journal()
      const { document, today, unread } = store.api.getState()
      const text = storeFileParts(document, journal.changes, clock.nowEpochMs())
      const hashes = await hashesIn(blobs)
      let isEveryFileIn = hashes !== null
      if (hashes && hashes.length > 0) {
        const archive = await archiveOf(text, hashes, await blobs())
        isEveryFileIn = archive.isEveryFileIn
        saveAs(`zen-tray-${today}.zip`, archive.blob)
      } else saveAs(`zen-tray-${today}.json`, await textBlobOf(text))
      rememberBackup(today)
      const told = savedWords({
        records: unread === null,
        history: journal.unreached === null && journal.unread === 0,
        files: isEveryFileIn,
      })
      desk.getState().tell(told.text, { problem: told.isPartial })
    } catch {
      desk.getState().tell('The file could not be made. Try again.', { problem: true })
    }
  }
}
