// The whole store as a file in the person's hands, from memory: whatever the storage does, it can be had.
import { desk } from './desk'
import { saveAs } from './saveAs'
import { savedWords } from '@/words'
import { useZen } from './zen'

/** The screen goes first: a large store takes many portions. */
const nextTurn = () => new Promise((resolve) => setTimeout(resolve))

export function useSaveFile(): () => Promise<void> {
  const { store, clock } = useZen()
  return async () => {
    try {
      const { storeFileParts } = await import('@/core/exchange/onDemand')
      const journal = await store.journal()
      const { document, today, unread } = store.api.getState()
      const parts: string[] = []
      for (const part of storeFileParts(document, journal.changes, clock.nowEpochMs())) {
        parts.push(part)
        await nextTurn()
      }
      saveAs(`zen-tray-${today}.json`, parts)
      const told = savedWords({
        records: unread === null,
        history: journal.unreached === null && journal.unread === 0,
      })
      desk.getState().tell(told.text, { problem: told.isPartial })
    } catch {
      desk.getState().tell('The file could not be made. Nothing was changed; try again.', { problem: true })
    }
  }
}
