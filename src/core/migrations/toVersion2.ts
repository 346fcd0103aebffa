// Version 2: ranks are texts between their neighbours, re-dating is a set of marks instead of a number, the two aims of
// a review are fields of their own, free minutes are kept weekday by weekday, and the members of sets have one order.
import type { Change, Entry, RecordDiff, Timestamp } from '../journal'
import { inMemberOrder, kindOf, rankOfNumber, type AnyRecord } from '../record'

type Fields = Readonly<Record<string, unknown>>

/** More than anything was ever re-dated: beyond it a number is no count. */
const mostMoves = 10_000

const isObject = (value: unknown): value is Fields => typeof value === 'object' && value !== null

/** Marks that two copies derive alike from the same count. */
const marksOf = (moves: number): string[] => Array.from({ length: moves }, (_, index) => `v1~${index + 1}`)

/** What one field of version 1 is in version 2: some fields of another name, or itself. */
function fieldToVersion2(kind: string, field: string, value: unknown): Fields {
  if (field === 'rank' && typeof value === 'number') return { rank: rankOfNumber(value) }
  if (kind === 'action' && field === 'moves' && Number.isInteger(value) && (value as number) <= mostMoves)
    return { moved: marksOf(Math.max(0, value as number)) }
  if (kind === 'review' && field === 'aims' && Array.isArray(value))
    return { firstAim: value[0] ?? '', secondAim: value[1] ?? '' }
  if (kind === 'settings' && field === 'freeMinutes' && Array.isArray(value))
    return { freeMinutes: { ...value } }
  return { [field]: value }
}

/** The names under which a field of version 1 stands in version 2. */
function namesInVersion2(kind: string, field: string): readonly string[] {
  if (kind === 'action' && field === 'moves') return ['moved']
  return kind === 'review' && field === 'aims' ? ['firstAim', 'secondAim'] : [field]
}

function recordToVersion2(record: AnyRecord): AnyRecord {
  if (!isObject(record) || typeof record.id !== 'string') return record
  const kind = kindOf(record.id)
  const fields = Object.entries(record).map(([field, value]) => fieldToVersion2(kind, field, value))
  return inMemberOrder(Object.assign({}, ...fields) as AnyRecord)
}

function ownToVersion2(kind: string, own: unknown): Readonly<Record<string, Timestamp>> | undefined {
  if (!isObject(own)) return own as undefined
  const renamed = Object.entries(own).flatMap(([field, stamp]) =>
    namesInVersion2(kind, field).map((name) => [name, stamp] as const),
  )
  return Object.fromEntries(renamed) as Record<string, Timestamp>
}

export function entryToVersion2(entry: Entry): Entry {
  if (!isObject(entry) || !isObject(entry.record) || typeof entry.record.id !== 'string') return entry
  const own = ownToVersion2(kindOf(entry.record.id), entry.own)
  return { ...entry, record: recordToVersion2(entry.record), ...(own === undefined ? {} : { own }) }
}

function pairsToVersion2(kind: string, fields: unknown): unknown {
  if (!isObject(fields)) return fields
  const pairs: Record<string, readonly [unknown, unknown]> = {}
  for (const [field, pair] of Object.entries(fields)) {
    if (!Array.isArray(pair) || pair.length !== 2) return fields
    const [from, to] = pair.map((value) => fieldToVersion2(kind, field, value)) as [Fields, Fields]
    for (const name of new Set([...Object.keys(from), ...Object.keys(to)]))
      pairs[name] = [from[name], to[name]]
  }
  return pairs
}

function partToVersion2(part: RecordDiff): RecordDiff {
  if (!isObject(part)) return part
  if (part.kind !== 'updated') return { ...part, record: recordToVersion2(part.record) }
  if (typeof part.id !== 'string') return part
  return { ...part, fields: pairsToVersion2(kindOf(part.id), part.fields) as typeof part.fields }
}

export const changeToVersion2 = (change: Change): Change =>
  isObject(change) && Array.isArray(change.diff)
    ? { ...change, diff: change.diff.map(partToVersion2) }
    : change
