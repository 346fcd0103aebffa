// What one act did: the one shape that serves saving, undo, history and merging.
import type { AnyRecord } from '../record'
import type { Stamp } from './stamp'

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
export type RecordDiff = Added | Updated | Removed
export type Diff = readonly RecordDiff[]

export interface Change {
  readonly stamp: Stamp
  /** The command's name, or `undo`, `redo`, `import`. */
  readonly act: string
  readonly diff: Diff
  /** On an undo or a redo: the change it takes back or does again. */
  readonly reverts?: { readonly kind: 'undo' | 'redo'; readonly stamp: Stamp }
}

export const idOf = (part: RecordDiff): string => (part.kind === 'updated' ? part.id : part.record.id)
