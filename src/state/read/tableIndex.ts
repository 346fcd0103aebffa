// An index over one table of the document, which follows it bucket by bucket: after one edit it looks at the records of
// one bucket of 512 and at the lists that these stand in, not at the table.
// Law: whatever happened before, every list equals one made from scratch (tableIndex.test.ts).
import { recordIn, type Document, type Entry, type Table } from '@/core/journal'
import type { RecordKind, RecordOf } from '@/core/record'
import { changesIn, recordOf, type Bucket, type Changes } from './following/difference'
import { headOf, listOf, ordered, renewed, type List, type ListRules } from './following/list'
import { restood, type Standing } from './following/standing'

export type { Standing }

export interface TableIndex<R> {
  /** The records under a key, in order: the same list as long as none of them has changed. */
  of(document: Document, key: string): readonly R[]
  /** The first few of them, without putting the rest in order. */
  head(document: Document, key: string, count: number): readonly R[]
  count(document: Document, key: string): number
  /** The records under a key, in whatever order they lie. */
  unordered(document: Document, key: string): readonly R[]
  /** Every key that has a record. */
  keys(document: Document): string[]
}

export interface IndexRules<R> {
  /** The keys a record stands under; none where the index leaves it out. Must depend on the record alone. */
  readonly keysOf: (record: R) => readonly string[]
  readonly inOrder?: (records: readonly R[]) => R[]
  readonly compare: (a: R, b: R) => number
  /** Records that stand otherwise than they are written: those are what is listed. */
  readonly standing?: (document: Document) => Standing<R>
  /** Where every record that stands anywhere in it is among: looked at instead of the whole table. */
  readonly among?: ((document: Document) => readonly R[]) | undefined
  readonly firstInOrder?: ListRules<R>['firstInOrder']
  readonly spare?: number
}

type Prepare = (document: Document, rest: () => Promise<void>) => Promise<void>
/** Of the indexes that have been asked: those that are no longer held are forgotten. */
const asked = new Set<WeakRef<{ readonly prepare: Prepare }>>()

/**
 * Looks at a document that is new altogether before it is shown, with rests between: the lists are there when they are
 * asked for.
 */
export async function prepareIndexes(...given: Parameters<Prepare>): Promise<void> {
  for (const reference of asked) {
    const index = reference.deref()
    if (index) await index.prepare(...given)
    else asked.delete(reference)
  }
}

/** So many buckets are looked at between two rests. */
const bucketsAtOnce = 64
/** More changed buckets than these are a new table: bringing in a file, or the first look. */
const manyBuckets = 48
export function makeTableIndex<K extends RecordKind>(
  kind: K,
  {
    keysOf,
    compare,
    inOrder = (records) => [...records].sort(compare),
    standing,
    among,
    firstInOrder,
    spare = 40,
  }: IndexRules<RecordOf[K]>,
): TableIndex<RecordOf[K]> {
  type R = RecordOf[K]
  const rules: ListRules<R> = { compare, inOrder, firstInOrder, spare }
  let seen: Table<Entry> | null = null
  let stood: Standing<R> | null = null
  let lists = new Map<string, List<R>>()

  /** Puts records into lists of their own, bucket by bucket. */
  function grouping(document: Document) {
    const groups = new Map<string, R[]>()
    const put = (record: R | null) => {
      if (!record) return
      for (const key of keysOf(record)) {
        const group = groups.get(key)
        if (group) group.push(record)
        else groups.set(key, [record])
      }
    }
    const stands = standing?.(document)
    const putAsItStands = (record: R | null) => put(record && (stands?.of(record) ?? record))
    return {
      putAsItStands,
      take: (bucket: Bucket) => bucket?.forEach((entry) => putAsItStands(recordOf<R>(entry))),
      lists: () => new Map([...groups].map(([key, records]): [string, List<R>] => [key, listOf<R>(records)])),
    }
  }

  function fill(document: Document): void {
    const groups = grouping(document)
    if (among) among(document).forEach(groups.putAsItStands)
    else document[kind].buckets.forEach(groups.take)
    lists = groups.lists()
  }

  const self = {
    async prepare(document: Document, rest: () => Promise<void>): Promise<void> {
      const { buckets } = document[kind]
      const changed = buckets.filter((bucket, index) => bucket !== seen?.buckets[index]).length
      if (among || changed <= manyBuckets) return
      const stands = standing?.(document) ?? null
      const groups = grouping(document)
      for (let at = 0; at < buckets.length; at += bucketsAtOnce) {
        buckets.slice(at, at + bucketsAtOnce).forEach(groups.take)
        await rest()
      }
      lists = groups.lists()
      seen = document[kind]
      stood = stands
    },
  }

  function take(changes: readonly Changes<R>[]): void {
    const touched = new Map<string, { gone: Set<R>; come: R[] }>()
    const at = (key: string) => {
      const found = touched.get(key) ?? { gone: new Set<R>(), come: [] }
      touched.set(key, found)
      return found
    }
    for (const { gone, come } of changes) {
      gone.forEach((record) => keysOf(record).forEach((key) => at(key).gone.add(record)))
      come.forEach((record) => keysOf(record).forEach((key) => at(key).come.push(record)))
    }
    for (const [key, { gone, come }] of touched) {
      const list = renewed(lists.get(key), gone, come, rules)
      if (list.records.length > 0) lists.set(key, list)
      else lists.delete(key)
    }
  }

  function follow(document: Document): void {
    const table = document[kind]
    const stands = standing?.(document) ?? null
    if (table === seen && stands === stood) return
    if (!seen) asked.add(new WeakRef(self))
    const before = seen?.buckets
    const changed = table.buckets.flatMap((bucket, index) => (bucket === before?.[index] ? [] : [index]))
    if (!before || changed.length > manyBuckets) fill(document)
    else {
      const written = changed.map((index) => changesIn<R>(before[index], table.buckets[index]))
      const ids = new Set(written.flatMap(({ gone, come }) => [...gone, ...come].map(({ id }) => id)))
      const asTheyStand = written.map(({ gone, come }) => ({
        gone: gone.map((record) => stood?.of(record) ?? record),
        come: come.map((record) => stands?.of(record) ?? record),
      }))
      take([
        ...asTheyStand,
        restood([stood, stands], (id) => recordIn(document, id as never) as R | undefined, ids),
      ])
    }
    seen = table
    stood = stands
  }

  const none: readonly R[] = []
  function listAt(document: Document, key: string): List<R> | undefined {
    follow(document)
    return lists.get(key)
  }
  return {
    of(document, key) {
      const list = listAt(document, key)
      return list ? ordered(list, rules) : none
    },
    head(document, key, count) {
      const list = listAt(document, key)
      return list ? headOf(list, count, rules) : none
    },
    unordered: (document, key) => listAt(document, key)?.records ?? none,
    count: (document, key) => listAt(document, key)?.records.length ?? 0,
    keys(document) {
      follow(document)
      return [...lists.keys()]
    },
  }
}
