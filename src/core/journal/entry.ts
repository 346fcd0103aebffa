// One record together with when each of its fields was last written: what makes two copies mergeable.
// Laws: mergeEntries is commutative, associative and idempotent; a removal never wins over a later edit.
import { assertNever } from '../invariant'
import { isEqual } from '../isEqual'
import {
  fromMembers,
  inMemberOrder,
  kindOf,
  memberFieldsOf,
  membersOf,
  type AnyRecord,
  type MemberShape,
} from '../record'
import type { RecordDiff, Updated } from './change'
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

type Stamps = Readonly<Record<string, Stamp>>
type Fields = Readonly<Record<string, unknown>>

const stampFor = (entry: Entry, field: string): Stamp => entry.own?.[field] ?? entry.all

/** A member of a field kept member by member has a stamp of its own under this name. */
const memberName = (field: string, member: string): string => `${field}/${member}`
const stampForMember = (entry: Entry, field: string, member: string): Stamp =>
  entry.own?.[memberName(field, member)] ?? stampFor(entry, field)

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

function entryOfUpdate(part: Updated, stamp: Stamp): Entry {
  const record: Record<string, unknown> = { id: part.id }
  const own: Record<string, Stamp> = {}
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
export function entryOf(part: RecordDiff, stamp: Stamp): Entry {
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
  own: Record<string, Stamp>,
): unknown {
  const [ofA, ofB] = [a, b].map(({ record }) => membersOf((record as unknown as Fields)[field])) as [
    Map<string, unknown>,
    Map<string, unknown>,
  ]
  const merged = new Map<string, unknown>()
  for (const member of membersKnown(field, a, b)) {
    const [stampA, stampB] = [stampForMember(a, field, member), stampForMember(b, field, member)]
    const value = (stampB > stampA ? ofB : ofA).get(member)
    if (value !== undefined) merged.set(member, value)
    own[memberName(field, member)] = laterStamp(stampA, stampB)
  }
  return fromMembers(merged, shape)
}

/** Without the stamps that say nothing beyond a later write of the whole record or the whole field. */
function withoutOutdated(own: Record<string, Stamp>, all: Stamp): Stamps {
  const kept: Record<string, Stamp> = {}
  for (const name in own) {
    const stamp = own[name] as Stamp
    const whole = name.includes('/') ? laterStamp(own[name.slice(0, name.indexOf('/'))] ?? never, all) : all
    if (stamp > whole) kept[name] = stamp
  }
  return kept
}

/** Both entries in one: per field, and per member of sets and maps, the later write. */
export function mergeEntries(a: Entry, b: Entry): Entry {
  // What was not written whole leaves every other field, and its stamp, as it is.
  const isEdit = b.all === never
  const record: Record<string, unknown> = isEdit ? { ...a.record } : {}
  const own: Record<string, Stamp> = isEdit ? { ...a.own } : {}
  const all = laterStamp(a.all, b.all)
  const ofA = a.record as unknown as Fields
  const ofB = b.record as unknown as Fields
  const memberFields = memberFieldsOf(a.record.id)
  const fields = isEdit ? Object.keys(ofB) : new Set([...Object.keys(ofA), ...Object.keys(ofB)])
  for (const field of fields) {
    const stampA = field in ofA ? stampFor(a, field) : never
    const stampB = field in ofB ? stampFor(b, field) : never
    const shape = Object.hasOwn(memberFields, field) ? memberFields[field] : undefined
    own[field] = laterStamp(stampA, stampB)
    if (shape) record[field] = mergeMembers(a, b, field, shape, own)
    else record[field] = stampB > stampA || !(field in ofA) ? ofB[field] : ofA[field]
  }
  delete own['id']
  const removed = laterStamp(a.removed ?? never, b.removed ?? never)
  const restored = laterStamp(a.restored ?? never, b.restored ?? never)
  return makeEntry(record as unknown as AnyRecord, all, own, removed, restored)
}
