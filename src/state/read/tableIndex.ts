// An index over one table of the document, which follows it bucket by bucket: after one edit it looks at the records of
// one bucket of 512 and at the lists that these stand in, not at the table.
// Law: whatever happened before, every list equals one made from scratch (tableIndex.test.ts).
import { isThere, recordIn, type Document, type Entry, type Table } from '@/core/journal'
import type { RecordKind, RecordOf } from '@/core/record'

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
  /** The first few in order, without putting the rest in order; by default cut off the whole. */
  readonly firstInOrder?: (records: readonly R[], count: number) => readonly R[]
  /** How many more than were asked for are put in order, to be used up one by one. */
  readonly spare?: number
}

export interface Standing<R> {
  readonly of: (record: R) => R | undefined
  /** All of them, in parts that are the same as long as nothing in them stands otherwise. */
  readonly parts: ReadonlyMap<string, ReadonlyMap<string, R>>
}

interface List<R> {
  records: readonly R[]
  isOrdered: boolean
  heads: Map<number, readonly R[]>
  /**
   * The first so many in order, of a list that is not in order as a whole: one that goes need not be looked for
   * again.
   */
  first: readonly R[]
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
/** Up to so many are put into a list one by one. */
const aFew = 8

type Bucket = ReadonlyMap<string, Entry> | undefined

const recordOf = <R>(entry: Entry | undefined): R | null =>
  entry && isThere(entry) ? (entry.record as unknown as R) : null

/** Records that one bucket no longer has as they were, and those it has anew. */
function changesIn<R>(before: Bucket, after: Bucket): { gone: R[]; come: R[] } {
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
      lists: () =>
        new Map(
          [...groups].map(([key, records]): [string, List<R>] => [
            key,
            { records, isOrdered: false, heads: new Map(), first: [] },
          ]),
        ),
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

  /** Where a record belongs in an ordered list, from `low` on. */
  function placeIn(list: readonly R[], record: R, low: number): number {
    let high = list.length
    while (low < high) {
      const middle = (low + high) >> 1
      if (compare(list[middle] as R, record) < 0) low = middle + 1
      else high = middle
    }
    return low
  }

  /** A list without what has gone and with what has come, still in order where it was. */
  function renewed(list: List<R> | undefined, gone: ReadonlySet<R>, come: readonly R[]): List<R> {
    const left = without(list?.records ?? [], gone)
    if (list?.isOrdered) return { records: withPut(left, come), isOrdered: true, heads: new Map(), first: [] }
    const first = without(list?.first ?? [], gone)
    const last = first.at(-1)
    const early = last ? come.filter((record) => compare(record, last) < 0) : []
    return {
      records: [...left, ...come],
      isOrdered: false,
      heads: new Map(),
      first: withPut(first, early),
    }
  }

  // A copy is made at once, however long a list is; a few are taken out of it and put into it without looking at the
  // others.
  function without(list: readonly R[], gone: ReadonlySet<R>): readonly R[] {
    if (gone.size > aFew) return list.filter((record) => !gone.has(record))
    const left = list.slice()
    for (const record of gone) {
      const at = left.indexOf(record)
      if (at >= 0) left.splice(at, 1)
    }
    return left
  }

  /** An ordered list with records put in their places. */
  function withPut(list: readonly R[], come: readonly R[]): readonly R[] {
    if (come.length === 0) return list
    if (come.length <= aFew) {
      const records = list.slice()
      for (const record of come) records.splice(placeIn(records, record, 0), 0, record)
      return records
    }
    const records: R[] = []
    let taken = 0
    for (const record of inOrder(come)) {
      const place = placeIn(list, record, taken)
      for (; taken < place; taken++) records.push(list[taken] as R)
      records.push(record)
    }
    return [...records, ...list.slice(taken)]
  }

  function take(changes: readonly { gone: R[]; come: R[] }[]): void {
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
      const list = renewed(lists.get(key), gone, come)
      if (list.records.length > 0) lists.set(key, list)
      else lists.delete(key)
    }
  }

  /** What stands otherwise than it did, besides what was written. */
  function restood(document: Document, after: Standing<R> | null, written: ReadonlySet<string>) {
    const changes: { gone: R[]; come: R[] } = { gone: [], come: [] }
    if (after === stood) return changes
    const parts = new Set([...(stood?.parts.keys() ?? []), ...(after?.parts.keys() ?? [])])
    for (const part of parts) {
      const [was, is] = [stood?.parts.get(part), after?.parts.get(part)]
      if (was === is) continue
      for (const id of new Set([...(was?.keys() ?? []), ...(is?.keys() ?? [])])) {
        const record = written.has(id) ? null : (recordIn(document, id as never) as R | undefined)
        if (!record) continue
        changes.gone.push(was?.get(id) ?? record)
        changes.come.push(is?.get(id) ?? record)
      }
    }
    return changes
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
      take([...asTheyStand, restood(document, stands, ids)])
    }
    seen = table
    stood = stands
  }

  const none: readonly R[] = []
  function listAt(document: Document, key: string): List<R> | undefined {
    follow(document)
    return lists.get(key)
  }
  function ordered(list: List<R>): readonly R[] {
    if (!list.isOrdered) {
      list.records = inOrder(list.records)
      list.isOrdered = true
    }
    return list.records
  }
  function headOf(list: List<R>, count: number): readonly R[] {
    const known = list.heads.get(count)
    if (known) return known
    if (!list.isOrdered && firstInOrder && list.first.length < count)
      list.first = firstInOrder(list.records, count + spare)
    const head = (list.isOrdered || !firstInOrder ? ordered(list) : list.first).slice(0, count)
    list.heads.set(count, head)
    return head
  }
  return {
    of(document, key) {
      const list = listAt(document, key)
      return list ? ordered(list) : none
    },
    head(document, key, count) {
      const list = listAt(document, key)
      return list ? headOf(list, count) : none
    },
    unordered: (document, key) => listAt(document, key)?.records ?? none,
    count: (document, key) => listAt(document, key)?.records.length ?? 0,
    keys(document) {
      follow(document)
      return [...lists.keys()]
    },
  }
}
