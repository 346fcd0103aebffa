// All records of a kind, a few hundred at a time: work over many of them can rest in between.
import type { RecordKind, RecordOf } from '../record'
import type { Document } from './document'
import { isThere } from './entry'

/** Each record that is there once, in no order to rely on. */
export function* recordsInParts<K extends RecordKind>(
  document: Document,
  kind: K,
): Generator<readonly RecordOf[K][], void> {
  for (const bucket of document[kind].buckets)
    if (bucket) yield [...bucket.values()].filter(isThere).map(({ record }) => record as RecordOf[K])
}
