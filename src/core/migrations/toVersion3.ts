// Version 3: a slip has a note and people, an action says what it brings in and how much of it only this person can do,
// what is handed over says how it was told, and slips and references that were removed are let go of instead.
// Steps, repeats, reminders, files, reading and what is laid aside are new kinds, of which nothing stood before.
import type { Change, Entry, RecordDiff } from '../journal'
import { kindOf, type AnyRecord } from '../record'

type Fields = Readonly<Record<string, unknown>>

const newFields: Readonly<Record<string, Fields>> = {
  slip: { note: '', personIds: [], letGoAtEpochMs: null },
  reference: { letGoAtEpochMs: null },
  action: { payoff: null, craft: null },
}

const isObject = (value: unknown): value is Fields => typeof value === 'object' && value !== null

const toWaiting3 = (waiting: unknown): unknown =>
  isObject(waiting) && !('how' in waiting) ? { ...waiting, how: '' } : waiting

/** With the fields that version 2 did not know, where it does not have them. */
function recordToVersion3(record: AnyRecord): AnyRecord {
  if (!isObject(record) || typeof record.id !== 'string') return record
  const kind = kindOf(record.id)
  if (!Object.hasOwn(newFields, kind)) return record
  return withWaiting({ ...newFields[kind], ...(record as Fields) }) as AnyRecord
}

const withWaiting = (fields: Fields): Fields =>
  'waiting' in fields ? { ...fields, waiting: toWaiting3(fields['waiting']) } : fields

/** An entry of which only some fields are known gets no others: they would count as written. */
export function entryToVersion3(entry: Entry): Entry {
  if (!isObject(entry) || !isObject(entry.record)) return entry
  const record = entry.all ? recordToVersion3(entry.record) : withWaiting(entry.record as unknown as Fields)
  return { ...entry, record: record as AnyRecord }
}

/** What a file brought stands in its change with nothing but its id. */
function partToVersion3(part: RecordDiff, isBrought: boolean): RecordDiff {
  if (!isObject(part) || (isBrought && part.kind === 'added')) return part
  if (part.kind === 'updated') {
    const pair = isObject(part.fields) ? part.fields['waiting'] : undefined
    if (!Array.isArray(pair)) return part
    return { ...part, fields: { ...part.fields, waiting: pair.map(toWaiting3) as unknown as typeof pair } }
  }
  return { ...part, record: recordToVersion3(part.record) }
}

export const changeToVersion3 = (change: Change): Change =>
  isObject(change) && Array.isArray(change.diff)
    ? { ...change, diff: change.diff.map((part) => partToVersion3(part, change.brought === true)) }
    : change
