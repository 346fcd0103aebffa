// An index over one table of the document, which follows it bucket by bucket: after one edit it looks at the records of
// one bucket of 512 and at the lists that these stand in, not at the table.
// Law: whatever happened before, every list equals one made from scratch (tableIndex.test.ts).
import { recordIn, type Document, type Entry, type Table } from '@/core/journal'
import type { RecordKind, RecordOf } from '@/core/record'
import { changesIn } from './following/difference'
import { grouping, renewListed } from './following/grouping'
import { changedBetween, makeLastSeen } from './following/lastSeen'
import { headOf, ordered, type List, type ListRules } from './following/list'
import { restood, type Standing } from './following/standing'

export type { Standing }

type Prepare = (document: Document, rest: () => Promise<void>) => Promise<void>

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
  /** Looks at everything with rests between, where nothing was looked at yet: the lists are there when asked for. */
  prepare: Prepare
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

/** What an index holds of one store: its lists, and of which table they are. */
interface Followed<R> {
  readonly table: Table<Entry>
  readonly stood: Standing<R> | null
  readonly lists: Map<string, List<R>>
}

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
  const lastSeen = makeLastSeen<Followed<R>>()
  let isAsked = false

  function listsOf(document: Document): Map<string, List<R>> {
    const groups = grouping(keysOf, standing?.(document))
    if (among) among(document).forEach(groups.putAsItStands)
    else document[kind].buckets.forEach(groups.putBucket)
    return groups.lists()
  }

  const self = {
    async prepare(document: Document, rest: () => Promise<void>): Promise<void> {
      const table = document[kind]
      if (among || lastSeen.before(table)) return
      const stood = standing?.(document) ?? null
      const groups = grouping(keysOf, stood ?? undefined)
      for (let at = 0; at < table.buckets.length; at += bucketsAtOnce) {
        table.buckets.slice(at, at + bucketsAtOnce).forEach(groups.putBucket)
        await rest()
      }
      lastSeen.keep({ table, stood, lists: groups.lists() }, null)
    },
  }

  /** Renews the lists of what was looked at before, where this document differs from it. */
  function renew(
    { table: before, stood, lists }: Followed<R>,
    document: Document,
    stands: Standing<R> | null,
  ) {
    const table = document[kind]
    const written = changedBetween(before, table).map((index) =>
      changesIn<R>(before.buckets[index], table.buckets[index]),
    )
    const ids = new Set(written.flatMap(({ gone, come }) => [...gone, ...come].map(({ id }) => id)))
    const asTheyStand = written.map(({ gone, come }) => ({
      gone: gone.map((record) => stood?.of(record) ?? record),
      come: come.map((record) => stands?.of(record) ?? record),
    }))
    renewListed(lists, keysOf, rules, [
      ...asTheyStand,
      restood([stood, stands], (id) => recordIn(document, id as never) as R | undefined, ids),
    ])
  }

  function follow(document: Document): Map<string, List<R>> {
    const table = document[kind]
    const stands = standing?.(document) ?? null
    const before = lastSeen.before(table)
    if (before && before.table === table && before.stood === stands) return before.lists
    if (!isAsked) asked.add(new WeakRef(self))
    isAsked = true
    if (before) renew(before, document, stands)
    const followed = { table, stood: stands, lists: before?.lists ?? listsOf(document) }
    lastSeen.keep(followed, before)
    return followed.lists
  }

  const none: readonly R[] = []
  const listAt = (document: Document, key: string): List<R> | undefined => follow(document).get(key)
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
    keys: (document) => [...follow(document).keys()],
    prepare: self.prepare,
  }
}
