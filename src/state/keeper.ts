// The queue between the store and the archive: keeps changes in order, says how keeping goes, tries again when asked.
// Nothing leaves the queue before it is kept.
import type { Change } from '@/core/journal'
import { storageErrorOf, type AppErrorCode, type Archive } from './persistence'

export type Keeping =
  | { readonly kind: 'kept' }
  | { readonly kind: 'keeping' }
  | { readonly kind: 'failed'; readonly code: AppErrorCode; readonly waiting: number }

export interface Keeper {
  keep(change: Change): void
  retry(): Promise<void>
  /** What is not kept yet, in order. */
  waiting(): readonly Change[]
  /** Settles once everything handed over is kept or refused. */
  settled(): Promise<void>
}

export function makeKeeper(archive: Archive, tell: (keeping: Keeping) => void, onKept: (changes: readonly Change[]) => void): Keeper {
  let queue: Change[] = []
  let running: Promise<void> | null = null

  async function drain(): Promise<void> {
    while (queue.length > 0) {
      const batch = queue
      try {
        await archive.append(batch)
      } catch (error) {
        tell({ kind: 'failed', code: storageErrorOf(error).code, waiting: queue.length })
        return
      }
      queue = queue.slice(batch.length)
      onKept(batch)
    }
    tell({ kind: 'kept' })
  }

  const run = (): Promise<void> => (running ??= drain().finally(() => (running = null)))

  return {
    keep(change) {
      queue = [...queue, change]
      if (!running) tell({ kind: 'keeping' })
      void run()
    },
    retry: run,
    waiting: () => queue,
    settled: () => running ?? Promise.resolve(),
  }
}
