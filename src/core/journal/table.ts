// An immutable table by id. It is split into buckets, so that a changed copy shares all but one of them and
// one edit costs the same in a table of a hundred and of a hundred thousand.

const bucketCount = 512
type Bucket<T> = ReadonlyMap<string, T>

export interface Table<T> {
  readonly buckets: readonly (Bucket<T> | undefined)[]
  readonly size: number
}

const empty: Table<never> = { buckets: new Array<undefined>(bucketCount).fill(undefined), size: 0 }
export const emptyTable = <T>(): Table<T> => empty

/** FNV-1a over the id's UTF-16 units. */
function bucketOf(id: string): number {
  let hash = 0x811c9dc5
  for (let i = 0; i < id.length; i++) hash = Math.imul(hash ^ id.charCodeAt(i), 0x01000193)
  return (hash >>> 0) % bucketCount
}

export const getIn = <T>(table: Table<T>, id: string): T | undefined => table.buckets[bucketOf(id)]?.get(id)

/** A copy with these entries set. Each touched bucket is copied once, however many entries fall into it. */
export function withEntries<T>(table: Table<T>, entries: Iterable<readonly [string, T]>): Table<T> {
  const buckets = [...table.buckets]
  const fresh = new Map<number, Map<string, T>>()
  let size = table.size
  for (const [id, value] of entries) {
    const at = bucketOf(id)
    let bucket = fresh.get(at)
    if (!bucket) {
      bucket = new Map(buckets[at])
      fresh.set(at, bucket)
      buckets[at] = bucket
    }
    if (!bucket.has(id)) size++
    bucket.set(id, value)
  }
  return { buckets, size }
}

/** Every value, in no order to rely on. */
export function* valuesOf<T>(table: Table<T>): Generator<T> {
  for (const bucket of table.buckets) if (bucket) yield* bucket.values()
}

export interface TableFiller<T> {
  /** Sets a value; where there is one already, what the two become. */
  set(id: string, value: T, merged: (before: T, value: T) => T): void
  /** What it holds so far. Filling goes on without touching what was given out. */
  table(): Table<T>
}

/**
 * Fills a table in place, on from one that stays as it is: thousands of values cost a fraction of as many changed
 * copies.
 */
export function makeTableFiller<T>(from: Table<T> = emptyTable<T>()): TableFiller<T> {
  // What was given out is copied before it is written in, once.
  const buckets = [...from.buckets] as (Map<string, T> | undefined)[]
  const givenOut = new Set<number>(buckets.flatMap((bucket, at) => (bucket ? [at] : [])))
  let { size } = from
  return {
    set(id, value, merged) {
      const at = bucketOf(id)
      const bucket = givenOut.delete(at) ? new Map(buckets[at]) : (buckets[at] ?? new Map<string, T>())
      buckets[at] = bucket
      const before = bucket.get(id)
      if (before === undefined) size++
      bucket.set(id, before === undefined ? value : merged(before, value))
    },
    table() {
      buckets.forEach((bucket, at) => bucket && givenOut.add(at))
      return { buckets: [...buckets], size }
    },
  }
}
