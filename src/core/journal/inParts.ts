// All records of a kind, a few hundred at a time: work over many of them can rest in between.
import type { RecordKind, RecordOf } from '../record'
import type { Document } from './document'
import { isThere } from './entry'

/** Each record of a table that is there once, in no order to rely on. */
export function* recordsOfTable<K extends RecordKind>(
  table: Document[K],
): Generator<readonly RecordOf[K][], void> {
  for (const bucket of table.buckets)
    if (bucket) yield [...bucket.values()].filter(isThere).map(({ record }) => record as RecordOf[K])
}

export const recordsInParts = <K extends RecordKind>(document: Document, kind: K) =>
  recordsOfTable<K>(document[kind])
