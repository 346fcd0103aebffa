// What was made of the last table of each store. Several stores may be asked in turn in one process: each goes on from
// its own. What belongs to a table that nobody holds any more is forgotten with it.
import type { Entry, Table } from '@/core/journal'

type EntryTable = Table<Entry>

/** More changed buckets than these are another table: that of another store, a file brought in, the first look. */
export const manyBuckets = 48

/** The numbers of the buckets in which two tables differ. */
export const changedBetween = (before: EntryTable, after: EntryTable): number[] =>
  after.buckets.flatMap((bucket, index) => (bucket === before.buckets[index] ? [] : [index]))

const isNear = (before: EntryTable, after: EntryTable): boolean => {
  let changed = 0
  for (const [index, bucket] of after.buckets.entries())
    if (bucket !== before.buckets[index] && ++changed > manyBuckets) return false
  return true
}

export interface LastSeen<T extends { readonly table: EntryTable }> {
  /** What was made of a table that this one follows; null where it is of no store that was looked at. */
  before(table: EntryTable): T | null
  /** It takes the place of what it follows. */
  keep(made: T, before: T | null): void
}

export function makeLastSeen<T extends { readonly table: EntryTable }>(): LastSeen<T> {
  const madeOf = new WeakMap<EntryTable, T>()
  let tables: WeakRef<EntryTable>[] = []
  /** What was looked at last: nearly always the one that is asked for. */
  let latest: T | null = null

  return {
    before(table) {
      if (latest && (latest.table === table || isNear(latest.table, table))) return latest
      for (const reference of tables) {
        const seen = reference.deref()
        if (seen && isNear(seen, table)) return madeOf.get(seen) ?? null
      }
      return null
    },
    keep(made, before) {
      latest = made
      if (before?.table === made.table) return void madeOf.set(made.table, made)
      tables = tables.filter((reference) => {
        const seen = reference.deref()
        return seen !== undefined && seen !== before?.table
      })
      if (before) madeOf.delete(before.table)
      madeOf.set(made.table, made)
      tables.push(new WeakRef(made.table))
    },
  }
}
