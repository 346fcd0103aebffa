// What one act did: the one shape that serves saving, undo, history and merging.
import type { AnyRecord } from '../record'
import { epochMsOf, type Timestamp } from './timestamp'

export interface Added {
  readonly kind: 'added'
  readonly record: AnyRecord
}
/** Only the fields that changed, each as `[from, to]`. */
export interface Updated {
  readonly kind: 'updated'
  readonly id: string
  readonly fields: Readonly<Record<string, readonly [from: unknown, to: unknown]>>
}
/** Holds the whole record, so that it can come back. */
export interface Removed {
  readonly kind: 'removed'
  readonly record: AnyRecord
}
/** Takes a removal back. The fields stay as they were last written, here or elsewhere; `record` tells how it looked. */
export interface Restored {
  readonly kind: 'restored'
  readonly record: AnyRecord
}
export type RecordDiff = Added | Updated | Removed | Restored
export type Diff = readonly RecordDiff[]

export interface Change {
  readonly stamp: Timestamp
  /** The command's name, or `undo`, `redo`, `bringIn`. Anything else comes from elsewhere and is told plainly. */
  readonly act: string
  readonly diff: Diff
  /** On an undo or a redo: the change it takes back or does again. */
  readonly reverts?: { readonly kind: 'undo' | 'redo'; readonly stamp: Timestamp }
  /** The device it was made on. Undo takes back only one's own. */
  readonly by?: string
  /**
   * What the clock on the wall said, in milliseconds since 1970, where the timestamp had to go on from a clock that ran
   * ahead.
   */
  readonly at?: number
  /**
   * The diff only says what a file brought: the records themselves are kept with the timestamps they came with, so
   * that bringing in never writes them anew. An added record stands here with nothing but its id.
   */
  readonly brought?: true
}

/** When a change was made, by the clock on the wall. */
export const madeAtEpochMs = (change: Change): number => change.at ?? epochMsOf(change.stamp)

export const idOf = (part: RecordDiff): string => (part.kind === 'updated' ? part.id : part.record.id)

/** Whose history a part is of: its record's, and where a file or a remark comes or goes, that of what has it. */
export function idsTold(part: RecordDiff): string[] {
  const id = idOf(part)
  const owner = part.kind !== 'updated' && /^(?:file|remark):/.test(id) && 'ownerId' in part.record
  return owner ? [id, String((part.record as { readonly ownerId: unknown }).ownerId)] : [id]
}
