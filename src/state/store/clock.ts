// What the store needs from outside: time, chance, and the other tabs.
import type { Change, Timestamp } from '@/core/journal'
import type { Id, RecordKind } from '@/core/record'

export interface Clock {
  /** Milliseconds since 1970, from 1970 to the end of the year 9999, whatever the device believes. */
  readonly nowEpochMs: () => number
  /** An IANA zone such as `Europe/Oslo`. */
  readonly zone: () => string
}

const latestEpochMs = 253_402_300_799_999

/** A clock whose instants all have a day in the calendar. */
export const boundedClock = ({ nowEpochMs, zone }: Clock): Clock => ({
  nowEpochMs: () => Math.min(latestEpochMs, Math.max(0, Math.floor(nowEpochMs()))),
  zone,
})

export type NewId = <K extends RecordKind>(kind: K) => Id<K>

/** What tabs of one browser tell each other: what was done, that there is more to look at, that all is gone. */
export type TabMessage =
  /** Changes as `version` writes them; `instead` names earlier ones that these stand in for. */
  | {
      readonly kind: 'changes'
      readonly version: number
      readonly changes: readonly Change[]
      readonly instead?: readonly Timestamp[]
    }
  | { readonly kind: 'more' }
  | { readonly kind: 'wiped' }

export interface TabChannel {
  post(message: TabMessage): void
  /** Returns what ends the listening. */
  listen(hear: (message: TabMessage) => void): () => void
}

export const noTabs: TabChannel = { post: () => {}, listen: () => () => {} }
