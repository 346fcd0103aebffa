// How much is kept one by one before it is compacted, and how large what is written then may be.
export interface ArchiveLimits {
  /** Changes kept one by one before they are compacted. */
  readonly changes: number
  /** Segments of one tier before they are gathered. */
  readonly segments: number
  /** Records in one chunk of a segment, changes in one chunk of the history. */
  readonly chunkSize: number
  /** Lets the screen go on between two portions of long work. */
  readonly rest?: () => Promise<void>
}

export const usualLimits: ArchiveLimits = { changes: 200, segments: 8, chunkSize: 500 }
