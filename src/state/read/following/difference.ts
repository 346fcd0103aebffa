// What one look at a table and the next differ by, bucket by bucket.
import { isThere, type Entry } from '@/core/journal'

export interface Changes<R> {
  readonly gone: R[]
  readonly come: R[]
}

export type Bucket = ReadonlyMap<string, Entry> | undefined

/** Null where it is removed, or was never there. */
export const recordOf = <R>(entry: Entry | undefined): R | null =>
  entry && isThere(entry) ? (entry.record as unknown as R) : null

/** Records that one bucket no longer has as they were, and those it has anew. */
export function changesIn<R>(before: Bucket, after: Bucket): Changes<R> {
  const [gone, come]: [R[], R[]] = [[], []]
  for (const [id, entry] of after ?? []) {
    const was = before?.get(id)
    if (was === entry) continue
    const [old, fresh] = [recordOf<R>(was), recordOf<R>(entry)]
    if (old) gone.push(old)
    if (fresh) come.push(fresh)
  }
  for (const [id, entry] of before ?? []) {
    const old = after?.has(id) ? null : recordOf<R>(entry)
    if (old) gone.push(old)
  }
  return { gone, come }
}
