// One record together with when each of its fields was last written: what makes two copies mergeable.
// Laws: mergeEntries is commutative, associative and idempotent; a removal never wins over a later edit.
import { assertNever } from '../invariant'
import { kindOf, type AnyRecord } from '../record'
import type { RecordDiff } from './change'
import { laterStamp, never, type Stamp } from './stamp'

export interface Entry {
  /** The record; only some of its fields while `all` is `never` (edits that came before the record itself). */
  readonly record: AnyRecord
  /** When the record was last written whole. */
  readonly all: Stamp
  /** Fields written since, each with its own stamp; every one is later than `all`. */
  readonly own?: Readonly<Record<string, Stamp>>
  readonly removed?: Stamp
  /** When a removal was last taken back. */
  readonly restored?: Stamp
}

const stampFor = (entry: Entry, field: string): Stamp => entry.own?.[field] ?? entry.all

/** The latest write to any field. */
export function writtenAt(entry: Entry): Stamp {
  let latest = entry.all
  for (const field in entry.own) latest = laterStamp(latest, entry.own[field] as Stamp)
  return latest
}

/** The latest stamp of any kind on an entry. */
export const latestIn = (entry: Entry): Stamp =>
  laterStamp(writtenAt(entry), laterStamp(entry.removed ?? never, entry.restored ?? never))

/** Settings are read over their defaults, so they are there as soon as one of them was written. */
const isWhole = (entry: Entry): boolean =>
  entry.all !== never || (entry.own !== undefined && kindOf(entry.record.id) === 'settings')

/** Whether the record is there: written whole, and not removed since its last edit. */
export function isThere(entry: Entry): boolean {
  if (!isWhole(entry)) return false
  return entry.removed === undefined || entry.removed < laterStamp(writtenAt(entry), entry.restored ?? never)
}

function makeEntry(
  record: AnyRecord,
  all: Stamp,
  own: Record<string, Stamp>,
  removed: Stamp,
  restored: Stamp,
): Entry {
  for (const field in own) if ((own[field] as Stamp) <= all) delete own[field]
  return {
    record,
    all,
    ...(Object.keys(own).length > 0 ? { own } : {}),
    ...(removed === never ? {} : { removed }),
    ...(restored === never ? {} : { restored }),
  }
}

/** The entry that a single part of a change leaves behind when nothing was there before. */
export function entryOf(part: RecordDiff, stamp: Stamp): Entry {
  switch (part.kind) {
    case 'added':
      return { record: part.record, all: stamp }
    case 'removed':
      return { record: { id: part.record.id } as AnyRecord, all: never, removed: stamp }
    case 'restored':
      return { record: { id: part.record.id } as AnyRecord, all: never, restored: stamp }
    case 'updated': {
      const record: Record<string, unknown> = { id: part.id }
      const own: Record<string, Stamp> = {}
      for (const field in part.fields) {
        record[field] = part.fields[field]?.[1]
        own[field] = stamp
      }
      return { record: record as unknown as AnyRecord, all: never, own }
    }
    default:
      return assertNever(part)
  }
}

/** Both entries in one: per field the later write. */
export function mergeEntries(a: Entry, b: Entry): Entry {
  const record: Record<string, unknown> = {}
  const own: Record<string, Stamp> = {}
  const all = laterStamp(a.all, b.all)
  const ofA = a.record as unknown as Record<string, unknown>
  const ofB = b.record as unknown as Record<string, unknown>
  for (const field of new Set([...Object.keys(ofA), ...Object.keys(ofB)])) {
    const stampA = field in ofA ? stampFor(a, field) : never
    const stampB = field in ofB ? stampFor(b, field) : never
    record[field] = stampB > stampA || !(field in ofA) ? ofB[field] : ofA[field]
    own[field] = laterStamp(stampA, stampB)
  }
  delete own['id']
  const removed = laterStamp(a.removed ?? never, b.removed ?? never)
  const restored = laterStamp(a.restored ?? never, b.restored ?? never)
  return makeEntry(record as unknown as AnyRecord, all, own, removed, restored)
}
