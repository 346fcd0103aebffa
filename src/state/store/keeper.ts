// The queue between the store and the archive: keeps changes in order, says how keeping goes, tries again when asked.
// Nothing leaves the queue before it is kept.
import type { Change, Timestamp } from '@/core/journal'
import { currentVersion } from '@/core/migrations/currentVersion'
import type { Unkept } from './unkept'
import { storageErrorOf, type AppErrorCode, type Archive } from '../persistence'

export type Keeping =
  | { readonly kind: 'kept' }
  | { readonly kind: 'keeping' }
  | { readonly kind: 'failed'; readonly code: AppErrorCode; readonly waiting: number }

export interface Keeper {
  /** `instead` is an earlier change that this one stands in for. */
  keep(change: Change, instead?: Timestamp): void
  retry(): Promise<void>
  /** What is not kept yet, in order. */
  waiting(): readonly Change[]
  /** The same, with what each stands in for: for a page that is being left. */
  unkept(): readonly Unkept[]
  /** Lets go of what is not kept yet. */
  forget(): void
  /** Settles once everything handed over is kept or refused. */
  settled(): Promise<void>
}

/** The text that a page lays down when it is left: what it has not kept yet, and as which version it is written. */
export const unkeptText = (unkept: readonly Unkept[]): string =>
  JSON.stringify({ version: currentVersion, changes: unkept })

export function makeKeeper(
  archive: Pick<Archive, 'append'>,
  tell: (keeping: Keeping) => void,
  onKept: (changes: readonly Change[], instead: readonly Timestamp[]) => void,
): Keeper {
  let queue: readonly Unkept[] = []
  let running: Promise<void> | null = null

  async function drain(): Promise<void> {
    while (queue.length > 0) {
      const batch = queue
      const changes = batch.map(({ change }) => change)
      const stoodFor = batch.flatMap(({ instead }) => instead ?? [])
      try {
        await archive.append(changes, stoodFor)
      } catch (error) {
        tell({ kind: 'failed', code: storageErrorOf(error).code, waiting: queue.length })
        return
      }
      queue = queue.filter((waiting) => !batch.includes(waiting))
      onKept(changes, stoodFor)
    }
    tell({ kind: 'kept' })
  }

  const run = (): Promise<void> => (running ??= drain().finally(() => (running = null)))

  return {
    keep(change, instead) {
      // What was to be stood in for and is not kept yet need never be.
      queue = [
        ...queue.filter((waiting) => running !== null || waiting.change.stamp !== instead),
        { change, instead },
      ]
      if (!running) tell({ kind: 'keeping' })
      void run()
    },
    retry: run,
    waiting: () => queue.map(({ change }) => change),
    unkept: () => queue,
    forget: () => {
      queue = []
    },
    settled: () => running ?? Promise.resolve(),
  }
}
