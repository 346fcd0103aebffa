// Everything one person holds: a table of entries for each kind of record.
// Law: two documents that saw the same changes are equal, whatever the order.
import { kindOf, kinds, type AnyRecord, type RecordKind, type RecordOf } from '../record'
import { idOf, type Change, type Diff, type RecordDiff } from './change'
import { entryOf, isThere, mergeEntries, type Entry } from './entry'
import { isEqual } from '../isEqual'
import { emptyTable, getIn, valuesOf, withEntries, type Table } from './table'

export type Document = { readonly [K in RecordKind]: Table<Entry> }

export const emptyDocument: Document = Object.fromEntries(kinds.map((kind) => [kind, emptyTable<Entry>()])) as unknown as Document

const tableFor = (document: Document, id: string): Table<Entry> => document[kindOf(id)]

export const entryIn = (document: Document, id: string): Entry | undefined => getIn(tableFor(document, id), id)

/** The record with this id, or undefined where there is none or it was removed. */
export function recordIn<K extends RecordKind>(document: Document, id: `${K}:${string}`): RecordOf[K] | undefined {
  const entry = entryIn(document, id)
  return entry && isThere(entry) ? (entry.record as RecordOf[K]) : undefined
}

/** All records of a kind that are there, in no order to rely on. */
export function recordsIn<K extends RecordKind>(document: Document, kind: K): RecordOf[K][] {
  const records: RecordOf[K][] = []
  for (const entry of valuesOf(document[kind])) if (isThere(entry)) records.push(entry.record as RecordOf[K])
  return records
}

/** Every entry of every kind, removed ones too. */
export function* entriesIn(document: Document): Generator<Entry> {
  for (const kind of kinds) yield* valuesOf(document[kind])
}

/** A copy with these entries merged in. */
export function withMerged(document: Document, entries: Iterable<Entry>): Document {
  const touched = new Map<RecordKind, Map<string, Entry>>()
  for (const entry of entries) {
    const { id } = entry.record
    const kind = kindOf(id)
    const pending = touched.get(kind) ?? new Map<string, Entry>()
    touched.set(kind, pending)
    const before = pending.get(id) ?? getIn(document[kind], id)
    pending.set(id, before ? mergeEntries(before, entry) : entry)
  }
  const copy: Record<RecordKind, Table<Entry>> = { ...document }
  for (const [kind, pending] of touched) copy[kind] = withEntries(document[kind], pending)
  return copy
}

export const withChange = (document: Document, change: Change): Document =>
  withMerged(document, change.diff.map((part) => entryOf(part, change.stamp)))

function* entriesOfChanges(changes: Iterable<Change>): Generator<Entry> {
  for (const change of changes) for (const part of change.diff) yield entryOf(part, change.stamp)
}

/** A copy that saw these changes as well, in any order. */
export const withChanges = (document: Document, changes: Iterable<Change>): Document => withMerged(document, entriesOfChanges(changes))

export const mergeDocuments = (a: Document, b: Document): Document => withMerged(a, entriesIn(b))

/** What is there, as plain records by id. For comparing and for tests. */
export function recordsById(document: Document): Map<string, AnyRecord> {
  const records = new Map<string, AnyRecord>()
  for (const entry of entriesIn(document)) if (isThere(entry)) records.set(entry.record.id, entry.record)
  return new Map([...records].sort(([a], [b]) => (a < b ? -1 : 1)))
}

/** The diff between a record and its changed copy; null where nothing differs. */
export function updateOf<R extends AnyRecord>(record: R, patch: Partial<R>): RecordDiff | null {
  const fields: Record<string, readonly [unknown, unknown]> = {}
  for (const [field, to] of Object.entries(patch)) {
    const from = record[field as keyof R]
    if (!isEqual(from, to)) fields[field] = [from, to]
  }
  return Object.keys(fields).length > 0 ? { kind: 'updated', id: record.id, fields } : null
}

/**
 * The diff that takes `diff` back on this document. A field written again since keeps its newer value; what was
 * removed since stays removed. Empty where there is nothing left to take back.
 */
export function revertOf(document: Document, diff: Diff): Diff {
  const back: RecordDiff[] = []
  for (const part of [...diff].reverse()) {
    const current = recordIn(document, idOf(part) as `${RecordKind}:${string}`) as unknown as Record<string, unknown> | undefined
    if (part.kind === 'added' && current) back.push({ kind: 'removed', record: current as unknown as AnyRecord })
    if (part.kind === 'removed' && !current) back.push({ kind: 'added', record: part.record })
    if (part.kind !== 'updated' || !current) continue
    const fields: Record<string, readonly [unknown, unknown]> = {}
    for (const [field, change] of Object.entries(part.fields))
      if (isEqual(current[field], change[1])) fields[field] = [change[1], change[0]]
    if (Object.keys(fields).length > 0) back.push({ kind: 'updated', id: part.id, fields })
  }
  return back
}
