// What most migrations do: give the records of some kinds the fields that the earlier version did not know.
import type { Change, Entry, RecordDiff } from '../journal'
import { kindOf, unwritten, type AnyRecord } from '../record'

export type Fields = Readonly<Record<string, unknown>>
export const isObject = (value: unknown): value is Fields => typeof value === 'object' && value !== null

/** A record that comes about with what is written into it, and is whole from then on (see writtenIntoBeing). */
const isBegunByWriting = ({ id }: AnyRecord): boolean =>
  typeof id === 'string' && Object.keys(unwritten(id) ?? {}).length > 1

export interface RecordsAndChanges {
  readonly entry: (entry: Entry) => Entry
  readonly change: (change: Change) => Change
}

/**
 * Adds the fields of a kind where a record does not have them. `more` changes fields that stand there already, in
 * records and in the pairs of a change.
 */
export function withNewFields(
  newFields: Readonly<Record<string, Fields>>,
  more: (fields: Fields) => Fields = (fields) => fields,
): RecordsAndChanges {
  function recordWith(record: AnyRecord): AnyRecord {
    if (!isObject(record) || typeof record.id !== 'string') return record
    const kind = kindOf(record.id)
    if (!Object.hasOwn(newFields, kind)) return record
    return more({ ...newFields[kind], ...(record as Fields) }) as AnyRecord
  }

  /** What a file brought stands in its change with nothing but its id. */
  function partWith(part: RecordDiff, isBrought: boolean): RecordDiff {
    if (!isObject(part) || (isBrought && part.kind === 'added')) return part
    if (part.kind !== 'updated') return { ...part, record: recordWith(part.record) }
    if (!isObject(part.fields)) return part
    const [from, to] = [more(sideOf(part.fields, 0)), more(sideOf(part.fields, 1))]
    const fields = Object.entries(part.fields).map(([name, pair]) => [
      name,
      isPair(pair) ? [from[name], to[name]] : pair,
    ])
    return { ...part, fields: Object.fromEntries(fields) as typeof part.fields }
  }

  return {
    // An entry of which only some fields are known gets no others, they would count as written: unless it is one that
    // came about with what was written into it, and has what stands in it before.
    entry: (entry) => {
      if (!isObject(entry) || !isObject(entry.record)) return entry
      const isWhole = entry.all || isBegunByWriting(entry.record)
      const record = isWhole ? recordWith(entry.record) : more(entry.record as unknown as Fields)
      return { ...entry, record: record as AnyRecord }
    },
    change: (change) =>
      isObject(change) && Array.isArray(change.diff)
        ? { ...change, diff: change.diff.map((part) => partWith(part, change.brought === true)) }
        : change,
  }
}

const isPair = (pair: unknown): pair is readonly [unknown, unknown] =>
  Array.isArray(pair) && pair.length === 2

/** The values before or after, of those fields that have both. */
const sideOf = (fields: Fields, side: 0 | 1): Fields =>
  Object.fromEntries(
    Object.entries(fields).flatMap(([name, pair]) => (isPair(pair) ? [[name, pair[side]]] : [])),
  )
