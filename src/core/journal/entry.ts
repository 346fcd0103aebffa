// One record together with when each of its fields was last written: what makes two copies mergeable.
// Laws: mergeEntries is commutative, associative and idempotent; a removal never wins over a later edit.
import { assertNever } from '../invariant'
import { isEqual } from '../isEqual'
import {
  fromMembers,
  inMemberOrder,
  isUnwritten,
  memberFieldsOf,
  membersOf,
  unwritten,
  type AnyRecord,
  type MemberShape,
} from '../record'
import type { RecordDiff, Updated } from './change'
import { laterTimestamp, never, type Timestamp } from './timestamp'

export interface Entry {
  /** The record; only some of its fields while `all` is `never` (edits that came before the record itself). */
  readonly record: AnyRecord
  /** When the record was last written whole. */
  readonly all: Timestamp
  /** Fields written since, each with its own timestamp; every one is later than `all`. */
  readonly own?: Readonly<Record<string, Timestamp>>
  readonly removed?: Timestamp
  /** When a removal was last taken back. */
  readonly restored?: Timestamp
}

type Stamps = Readonly<Record<string, Timestamp>>
type Fields = Readonly<Record<string, unknown>>

const timestampFor = (entry: Entry, field: string): Timestamp => entry.own?.[field] ?? entry.all

/** A member of a field kept member by member has a timestamp of its own under this name. */
const memberName = (field: string, member: string): string => `${field}/${member}`
const timestampForMember = (entry: Entry, field: string, member: string): Timestamp =>
  entry.own?.[memberName(field, member)] ?? timestampFor(entry, field)

/** The latest write to any field. */
export function writtenAt(entry: Entry): Timestamp {
  let latest = entry.all
  for (const field in entry.own) latest = laterTimestamp(latest, entry.own[field] as Timestamp)
  return latest
}

/** The latest timestamp of any kind on an entry. */
export const latestIn = (entry: Entry): Timestamp =>
  laterTimestamp(writtenAt(entry), laterTimestamp(entry.removed ?? never, entry.restored ?? never))

/** Some records are there as soon as one of their fields was written. */
const isWhole = (entry: Entry): boolean =>
  entry.all !== never || (entry.own !== undefined && unwritten(entry.record.id) !== null)

/** Whether the record is there: written whole, and not removed since its last edit. */
export function isThere(entry: Entry): boolean {
  if (!isWhole(entry) || isUnwritten(entry.record)) return false
  return (
    entry.removed === undefined || entry.removed < laterTimestamp(writtenAt(entry), entry.restored ?? never)
  )
}

function makeEntry(
  record: AnyRecord,
  all: Timestamp,
  own: Record<string, Timestamp>,
  removed: Timestamp,
  restored: Timestamp,
): Entry {
  const later = withoutOutdated(own, all)
  return {
    record,
    all,
    ...(Object.keys(later).length > 0 ? { own: later } : {}),
    ...(removed === never ? {} : { removed }),
    ...(restored === never ? {} : { restored }),
  }
}

/** The members that differ between two values, each with what it is now; undefined where it is gone. */
function differingMembers(from: unknown, to: unknown): Map<string, unknown> {
  const [before, after] = [membersOf(from), membersOf(to)]
  const differing = new Map<string, unknown>()
  for (const [member, value] of after) if (!isEqual(before.get(member), value)) differing.set(member, value)
  for (const member of before.keys()) if (!after.has(member)) differing.set(member, undefined)
  return differing
}

const present = (members: ReadonlyMap<string, unknown>): Map<string, unknown> =>
  new Map([...members].filter(([, value]) => value !== undefined))

function entryOfUpdate(part: Updated, stamp: Timestamp): Entry {
  const record: Record<string, unknown> = { ...unwritten(part.id), id: part.id }
  const own: Record<string, Timestamp> = {}
  const memberFields = memberFieldsOf(part.id)
  for (const [field, [from, to]] of Object.entries(part.fields)) {
    const shape = Object.hasOwn(memberFields, field) ? memberFields[field] : undefined
    const members = shape ? differingMembers(from, to) : null
    record[field] = members && shape ? fromMembers(present(members), shape) : to
    if (members) for (const member of members.keys()) own[memberName(field, member)] = stamp
    else own[field] = stamp
  }
  return { record: record as unknown as AnyRecord, all: never, own }
}

/** The entry that a single part of a change leaves behind when nothing was there before. */
export function entryOf(part: RecordDiff, stamp: Timestamp): Entry {
  switch (part.kind) {
    case 'added':
      return { record: inMemberOrder(part.record), all: stamp }
    case 'removed':
      return { record: { id: part.record.id } as AnyRecord, all: never, removed: stamp }
    case 'restored':
      return { record: { id: part.record.id } as AnyRecord, all: never, restored: stamp }
    case 'updated':
      return entryOfUpdate(part, stamp)
    default:
      return assertNever(part)
  }
}

/** The names of the members that either entry knows something of. */
function membersKnown(field: string, ...entries: readonly Entry[]): Set<string> {
  const known = new Set<string>()
  const prefix = memberName(field, '')
  for (const { record, own } of entries) {
    for (const member of membersOf((record as unknown as Fields)[field]).keys()) known.add(member)
    for (const name in own) if (name.startsWith(prefix)) known.add(name.slice(prefix.length))
  }
  return known
}

/** A field kept member by member: for each member the later write, whether it put it in or took it out. */
function mergeMembers(
  a: Entry,
  b: Entry,
  field: string,
  shape: MemberShape,
  own: Record<string, Timestamp>,
): unknown {
  const [ofA, ofB] = [a, b].map(({ record }) => membersOf((record as unknown as Fields)[field])) as [
    Map<string, unknown>,
    Map<string, unknown>,
  ]
  const merged = new Map<string, unknown>()
  for (const member of membersKnown(field, a, b)) {
    const [stampA, stampB] = [timestampForMember(a, field, member), timestampForMember(b, field, member)]
    const value = (stampB > stampA ? ofB : ofA).get(member)
    if (value !== undefined) merged.set(member, value)
    own[memberName(field, member)] = laterTimestamp(stampA, stampB)
  }
  return fromMembers(merged, shape)
}

/** Without the timestamps that say nothing beyond a later write of the whole record or the whole field. */
function withoutOutdated(own: Record<string, Timestamp>, all: Timestamp): Stamps {
  const kept: Record<string, Timestamp> = {}
  for (const name in own) {
    const stamp = own[name] as Timestamp
    const whole = name.includes('/')
      ? laterTimestamp(own[name.slice(0, name.indexOf('/'))] ?? never, all)
      : all
    if (stamp > whole) kept[name] = stamp
  }
  return kept
}

/** Both entries in one: per field, and per member of sets and maps, the later write. */
export function mergeEntries(a: Entry, b: Entry): Entry {
  // What was not written whole leaves every other field, and its timestamp, as it is.
  const isEdit = b.all === never
  const record: Record<string, unknown> = isEdit ? { ...a.record } : {}
  const own: Record<string, Timestamp> = isEdit ? { ...a.own } : {}
  const all = laterTimestamp(a.all, b.all)
  const ofA = a.record as unknown as Fields
  const ofB = b.record as unknown as Fields
  const memberFields = memberFieldsOf(a.record.id)
  const fields = isEdit ? Object.keys(ofB) : new Set([...Object.keys(ofA), ...Object.keys(ofB)])
  for (const field of fields) {
    const stampA = field in ofA ? timestampFor(a, field) : never
    const stampB = field in ofB ? timestampFor(b, field) : never
    const shape = Object.hasOwn(memberFields, field) ? memberFields[field] : undefined
    own[field] = laterTimestamp(stampA, stampB)
    if (shape) record[field] = mergeMembers(a, b, field, shape, own)
    else record[field] = stampB > stampA || !(field in ofA) ? ofB[field] : ofA[field]
  }
  delete own['id']
  const removed = laterTimestamp(a.removed ?? never, b.removed ?? never)
  const restored = laterTimestamp(a.restored ?? never, b.restored ?? never)
  return makeEntry(record as unknown as AnyRecord, all, own, removed, restored)
}
