// Everything one person holds: a table of entries for each kind of record, known here or carried for a newer version.
// Law: two documents that saw the same changes are equal, whatever the order.
import { isEqual } from '../isEqual'
import {
  fromMembers,
  inMemberOrder,
  kindOf,
  kinds,
  memberFieldsOf,
  membersOf,
  type AnyRecord,
  type MemberShape,
  type RecordKind,
  type RecordOf,
  defaultSettings,
  toKept,
  unwritten,
} from '../record'
import { idOf, type Change, type Diff, type RecordDiff, type Updated } from './change'
import { entryOf, isThere, mergeEntries, type Entry } from './entry'
import { never } from './timestamp'
import {
  emptyTable,
  getIn,
  makeTableFiller,
  valuesOf,
  withEntries,
  type Table,
  type TableFiller,
} from './table'

export type Document = { readonly [K in RecordKind]: Table<Entry> }

/** The same, with the kinds of a newer version that are carried along untouched. */
type Tables = Readonly<Record<string, Table<Entry>>>

const noEntries = emptyTable<Entry>()

export const emptyDocument: Document = Object.fromEntries(
  kinds.map((kind) => [kind, noEntries]),
) as unknown as Document

/** A kind as it could stand in an id: letters only, so that no id reaches into the objects of the language. */
const isKindName = (kind: string): boolean => /^[a-z][A-Za-z]{0,39}$/.test(kind)

function tableFor(document: Document, id: string): Table<Entry> {
  const kind = kindOf(id)
  return Object.hasOwn(document, kind) ? ((document as Tables)[kind] ?? noEntries) : noEntries
}

export const entryIn = (document: Document, id: string): Entry | undefined =>
  getIn(tableFor(document, id), id)

/** The record with this id, or undefined where there is none or it was removed. Any text may be asked for. */
export function recordIn<K extends RecordKind>(
  document: Document,
  id: `${K}:${string}`,
): RecordOf[K] | undefined {
  const entry = entryIn(document, id)
  return entry && isThere(entry) ? (entry.record as RecordOf[K]) : undefined
}

/** All records of a kind that are there, in no order to rely on. */
export function recordsIn<K extends RecordKind>(document: Document, kind: K): RecordOf[K][] {
  const records: RecordOf[K][] = []
  // Bucket by bucket: a third of the time of one value after another.
  for (const bucket of document[kind].buckets)
    if (bucket)
      for (const entry of bucket.values()) if (isThere(entry)) records.push(entry.record as RecordOf[K])
  return records
}

/** Every entry of every kind, removed ones and those of unknown kinds too. */
export function* entriesIn(document: Document): Generator<Entry> {
  for (const table of Object.values(document as Tables)) yield* valuesOf(table)
}

/** A copy with these entries merged in. */
export function withMerged(document: Document, entries: Iterable<Entry>): Document {
  const touched = new Map<string, Map<string, Entry>>()
  for (const entry of entries) {
    const { id } = entry.record
    const kind = kindOf(id)
    if (!isKindName(kind)) continue
    const pending = touched.get(kind) ?? new Map<string, Entry>()
    touched.set(kind, pending)
    const before = pending.get(id) ?? getIn(tableFor(document, id), id)
    pending.set(id, before ? mergeEntries(before, entry) : entry)
  }
  const copy: Record<string, Table<Entry>> = { ...(document as Tables) }
  for (const [kind, pending] of touched) {
    const table = Object.hasOwn(copy, kind) ? (copy[kind] as Table<Entry>) : noEntries
    copy[kind] = withEntries(table, pending)
  }
  return copy as unknown as Document
}

export interface Gathering {
  /** Merges entries in, in any order. */
  add(entries: Iterable<Entry>): void
  /** Everything so far. */
  document(): Document
}

/**
 * Gathers a document out of entries that come in portions, on from one that stays as it is: the same as merging them,
 * for a fraction of the work.
 */
export function makeGathering(from: Document = emptyDocument): Gathering {
  const fillers = new Map<string, TableFiller<Entry>>()
  return {
    add(entries) {
      for (const entry of entries) {
        const { id } = entry.record
        const kind = kindOf(id)
        if (!isKindName(kind)) continue
        const filler = fillers.get(kind) ?? makeTableFiller<Entry>(tableFor(from, id))
        fillers.set(kind, filler)
        filler.set(id, entry, mergeEntries)
      }
    },
    document: () =>
      ({
        ...from,
        ...Object.fromEntries([...fillers].map(([kind, filler]) => [kind, filler.table()])),
      }) as Document,
  }
}

/** The entries one change leaves behind. What a file brought is kept as records, so its change leaves none. */
export const entriesOfChange = (change: Change): readonly Entry[] =>
  change.brought ? [] : change.diff.map((part) => entryOf(part, change.stamp))

export const withChange = (document: Document, change: Change): Document =>
  withMerged(document, entriesOfChange(change))

function* entriesOfChanges(changes: Iterable<Change>): Generator<Entry> {
  for (const change of changes) yield* entriesOfChange(change)
}

/** A copy that saw these changes as well, in any order. */
export const withChanges = (document: Document, changes: Iterable<Change>): Document =>
  withMerged(document, entriesOfChanges(changes))

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
  const ordered = inMemberOrder({ ...patch, id: record.id }) as Partial<R>
  for (const field of Object.keys(patch)) {
    const [from, to] = [record[field as keyof R], ordered[field as keyof R]]
    if (!isEqual(from, to)) fields[field] = [from, to]
  }
  return Object.keys(fields).length > 0 ? { kind: 'updated', id: record.id, fields } : null
}

/** What a set of entries from elsewhere does to a document, as it is told and taken back: see `Change.brought`. */
export function broughtBy(before: Document, after: Document, ids: Iterable<string>): Diff {
  const parts: RecordDiff[] = []
  for (const id of ids) {
    const was = recordIn(before, id as `${RecordKind}:`) as AnyRecord | undefined
    const is = recordIn(after, id as `${RecordKind}:`) as AnyRecord | undefined
    if (!was && is) parts.push({ kind: 'added', record: { id } as AnyRecord })
    if (was && !is) parts.push({ kind: 'removed', record: was })
    const update = was && is ? updateOf(was, is) : null
    if (update) parts.push(update)
  }
  return parts
}

type Pair = readonly [from: unknown, to: unknown]

/** A set or map without what an act put in and with what it took out, wherever that still stands as the act left it. */
function membersBack(now: unknown, [from, to]: Pair, shape: MemberShape): unknown {
  const members = membersOf(now)
  const [before, after] = [membersOf(from), membersOf(to)]
  for (const member of new Set([...before.keys(), ...after.keys()])) {
    const wasTouched = !isEqual(before.get(member), after.get(member))
    if (!wasTouched || !isEqual(members.get(member), after.get(member))) continue
    if (before.has(member)) members.set(member, before.get(member))
    else members.delete(member)
  }
  return fromMembers(members, shape)
}

/** Takes the fields of an update back, but for those written again since. */
function fieldsBack(
  record: Readonly<Record<string, unknown>>,
  { id, fields }: Updated,
): Record<string, Pair> {
  const back: Record<string, Pair> = {}
  const memberFields = memberFieldsOf(id)
  for (const [field, pair] of Object.entries(fields)) {
    const now = record[field]
    const shape = Object.hasOwn(memberFields, field) ? memberFields[field] : undefined
    const untouched = isEqual(now, pair[1]) ? pair[0] : now
    const then = shape ? membersBack(now, pair, shape) : untouched
    if (!isEqual(now, then)) back[field] = [now, then]
  }
  return back
}

const withTo = (record: AnyRecord, fields: Readonly<Record<string, Pair>>): AnyRecord =>
  Object.assign(
    { ...record },
    ...Object.entries(fields).map(([name, [, to]]) => ({ [name]: to })),
  ) as AnyRecord

/**
 * Whether settings are there through this one act alone: they are as soon as one of them is written, so what takes the
 * act back takes them away.
 */
function madeSettings(document: Document, { id, fields }: Updated): boolean {
  const entry = kindOf(id) === 'settings' ? entryIn(document, id) : undefined
  if (!entry || !isThere(entry)) return false
  const defaults = toKept(defaultSettings) as Readonly<Record<string, unknown>>
  if (Object.entries(fields).some(([field, [from]]) => !isEqual(from, defaults[field]))) return false
  const since = entry.removed ?? never
  const written = Object.entries(entry.own ?? {}).filter(([, stamp]) => stamp > since)
  const isOfAct = ([name]: readonly [string, unknown]) => Object.hasOwn(fields, name.split('/')[0] as string)
  return entry.all <= since && written.every(isOfAct) && new Set(written.map(([, stamp]) => stamp)).size === 1
}

/** A record, or what a plan is before anything is written into it: what was taken out of it can be written again. */
const heldOrUnwritten = (document: Document, id: string): AnyRecord | undefined =>
  (recordIn(document, id as `${RecordKind}:`) as AnyRecord | undefined) ??
  (kindOf(id) === 'plan' ? (unwritten(id) ?? undefined) : undefined)

/**
 * The diff that takes `diff` back on this document. A field written again since keeps its newer value; what was
 * removed since stays removed; what comes back from a removal keeps every edit made meanwhile. Empty where there is
 * nothing left to take back. To do an act again, take back the change that undid it.
 */
export function revertOf(document: Document, diff: Diff): Diff {
  const back: RecordDiff[] = []
  // What came back on the way: something that one act both made and removed comes back and goes again.
  const returned = new Map<string, AnyRecord>()
  for (const part of [...diff].reverse()) {
    const id = idOf(part)
    const current = returned.get(id) ?? heldOrUnwritten(document, id)
    if (part.kind === 'added' || part.kind === 'restored') {
      if (current) back.push({ kind: 'removed', record: current })
      returned.delete(id)
    } else if (part.kind === 'removed') {
      if (current) continue
      back.push({ kind: 'restored', record: part.record })
      returned.set(id, part.record)
    } else if (current) {
      const fields = fieldsBack(current as unknown as Record<string, unknown>, part)
      if (Object.keys(fields).length === 0) continue
      back.push({ kind: 'updated', id, fields })
      if (madeSettings(document, part)) back.push({ kind: 'removed', record: withTo(current, fields) })
    }
  }
  return back
}
