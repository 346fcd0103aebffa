// What one act did: the one shape that serves saving, undo, history and merging.
import * as v from 'valibot'
import type { AnyRecord } from '../record'
import { isStamp, type Stamp } from './stamp'

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

export const stampField = v.custom<Stamp>(isStamp, 'expected a stamp')
const someRecord = v.looseObject({ id: v.string() })
/** The frame of a change. Its records are checked one by one with `parseRecord`. */
export const changeSchema = v.strictObject({
  stamp: stampField,
  act: v.pipe(v.string(), v.maxLength(60)),
  diff: v.array(
    v.variant('kind', [
      v.strictObject({ kind: v.literal('added'), record: someRecord }),
      v.strictObject({ kind: v.literal('updated'), id: v.string(), fields: v.record(v.string(), v.pipe(v.array(v.unknown()), v.length(2))) }),
      v.strictObject({ kind: v.literal('removed'), record: someRecord }),
    ]),
  ),
  reverts: v.optional(v.strictObject({ kind: v.picklist(['undo', 'redo']), stamp: stampField })),
})

export const idOf = (part: RecordDiff): string => (part.kind === 'updated' ? part.id : part.record.id)
