// The outside things the store is handed: time, chance, and the other tabs.
import type { Change } from '@/core/journal'
import type { Id, RecordKind } from '@/core/record'

export interface Clock {
  readonly nowEpochMs: () => number
  /** An IANA zone such as `Europe/Oslo`. */
  readonly zone: () => string
}

export type NewId = <K extends RecordKind>(kind: K) => Id<K>

/** What tabs of one browser tell each other. */
export type TabMessage = { readonly kind: 'changes'; readonly changes: readonly Change[] } | { readonly kind: 'replaced' }

export interface TabChannel {
  post(message: TabMessage): void
  /** Returns what ends the listening. */
  listen(hear: (message: TabMessage) => void): () => void
}

export const noTabs: TabChannel = { post: () => {}, listen: () => () => {} }
