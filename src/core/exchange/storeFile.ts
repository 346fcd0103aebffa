// The whole store as one file and back: versioned JSON, described in docs/file-format.md. Reading trusts nothing:
// a file is taken whole or not at all, and a refusal says where and why.
import * as v from 'valibot'
import {
  entriesIn,
  idOf,
  isTimestamp,
  type Change,
  type Document,
  type Entry,
  type RecordDiff,
} from '../journal'
import { changeSchema } from '../journal/changeSchema'
import { currentVersion, migrateChange, migrateEntry } from '../migrations'
import { kindOf } from '../record'
import { hostileIn } from '../record/hostile'
import { tooDeepAmong } from '../record/nesting'
import { parsePartialRecord, parseRecord, type ShapeFault } from '../record/parseRecord'
import { ok, refuse, type Result } from '../result'

export const storeFileFormat = 'zen-tray store'
export const storeFileVersion = currentVersion
/** Largest file that is read, in bytes. A store of 100,000 actions with its journal is about half of it. */
export const storeFileLimitBytes = 150_000_000

export interface StoreFile {
  readonly entries: readonly Entry[]
  readonly changes: readonly Change[]
}

export type StoreFileFault =
  | { readonly kind: 'tooLarge'; readonly bytes: number; readonly limitBytes: number }
  | { readonly kind: 'empty' }
  /** `offset` in UTF-16 units, where the reader gave up; null where it could not say. */
  | { readonly kind: 'notJson'; readonly offset: number | null }
  | { readonly kind: 'foreign' }
  | { readonly kind: 'newer'; readonly version: number }
  | { readonly kind: 'shape'; readonly where: string; readonly why: string }
  | { readonly kind: 'twice'; readonly where: string; readonly id: string }
  | { readonly kind: 'hostileKey'; readonly where: string; readonly key: string }
  | { readonly kind: 'tooDeep'; readonly where: string }

/** Records or changes written in one go: a millisecond or two. */
const portionSize = 300
/** Items put in order in one go. */
const sortedAtOnce = 1500

/**
 * Items in the order of their keys, so many at a time: short runs are sorted one by one, then the lowest of their heads
 * is taken again and again. To sort a hundred thousand at once would hold the screen.
 */
function* inOrder<T>(items: Iterable<T>, keyOf: (item: T) => string): Generator<T[]> {
  const compare = (a: T, b: T) => (keyOf(a) < keyOf(b) ? -1 : 1)
  const runs: T[][] = []
  for (const item of items) {
    const run = runs.at(-1)
    if (run && run.length < sortedAtOnce) run.push(item)
    else {
      run?.sort(compare).reverse()
      yield []
      runs.push([item])
    }
  }
  runs.at(-1)?.sort(compare).reverse()
  // Each run gives its lowest from its end.
  let portion: T[] = []
  for (;;) {
    let lowest: T[] | undefined
    for (const run of runs) {
      const head = run.at(-1)
      if (head !== undefined && (!lowest || compare(head, lowest.at(-1) as T) < 0)) lowest = run
    }
    if (lowest) portion.push(lowest.pop() as T)
    if (portion.length < portionSize && lowest) continue
    yield portion
    if (!lowest) return
    portion = []
  }
}

function* listParts<T>(items: Iterable<T>, keyOf: (item: T) => string): Generator<string> {
  let isFirst = true
  for (const portion of inOrder(items, keyOf)) {
    const text = JSON.stringify(portion).slice(1, -1)
    yield text === '' || isFirst ? text : `,${text}`
    if (text !== '') isFirst = false
  }
}

/** The text of a store file in portions, so that writing a large one need not hold the screen. */
export function* storeFileParts(
  document: Document,
  changes: readonly Change[],
  savedAtEpochMs: number,
): Generator<string> {
  yield `{"format":${JSON.stringify(storeFileFormat)},"version":${storeFileVersion},"savedAt":"${new Date(savedAtEpochMs).toISOString()}","records":[`
  yield* listParts(entriesIn(document), ({ record }) => record.id)
  yield '],"changes":['
  yield* listParts(changes, ({ stamp }) => stamp)
  yield ']}'
}

/** The text of a store file. The same store always gives the same text but for `savedAt`. */
export const toStoreFile = (document: Document, changes: readonly Change[], savedAtEpochMs: number): string =>
  [...storeFileParts(document, changes, savedAtEpochMs)].join('')

const entryFrame = v.strictObject({
  record: v.looseObject({ id: v.string() }),
  all: v.custom<string>((value) => value === '' || isTimestamp(value), 'expected a stamp'),
  own: v.optional(v.record(v.string(), v.custom<string>(isTimestamp, 'expected a stamp'))),
  removed: v.optional(v.custom<string>(isTimestamp, 'expected a stamp')),
  restored: v.optional(v.custom<string>(isTimestamp, 'expected a stamp')),
})

const shapeFault = (where: string, { where: inside, why }: ShapeFault): StoreFileFault => ({
  kind: 'shape',
  where: `${where}, ${inside}`,
  why,
})

function frameFault(
  schema: Parameters<typeof v.safeParse>[0],
  value: unknown,
  where: string,
): StoreFileFault | null {
  const parsed = v.safeParse(schema, value, { abortEarly: true })
  if (parsed.success) return null
  const [issue] = parsed.issues
  return shapeFault(where, { where: v.getDotPath(issue) ?? 'whole', why: issue.message })
}

/** A record whose fields are only partly there is checked field by field. */
function partialFault(record: Record<string, unknown>, where: string): StoreFileFault | null {
  const parsed = parsePartialRecord(record)
  return parsed.ok ? null : shapeFault(where, parsed.error)
}

/** Why a value is no entry; null where it is one. */
export function entryFault(value: unknown, where: string): StoreFileFault | null {
  const frame = frameFault(entryFrame, value, where)
  if (frame) return frame
  const entry = value as Entry
  if (entry.all === '') return partialFault(entry.record as unknown as Record<string, unknown>, where)
  const parsed = parseRecord(entry.record)
  return parsed.ok ? null : shapeFault(where, parsed.error)
}

/** Both sides of every pair are checked: an undo brings the first one back. */
function partFault(part: RecordDiff, isBrought: boolean, where: string): StoreFileFault | null {
  if (part.kind === 'updated') {
    const sideOf = (side: 0 | 1) =>
      Object.fromEntries(Object.entries(part.fields).map(([field, pair]) => [field, pair[side]]))
    return (
      partialFault({ ...sideOf(0), id: part.id }, where) ?? partialFault({ ...sideOf(1), id: part.id }, where)
    )
  }
  if (isBrought && part.kind === 'added') return partialFault({ id: part.record.id }, where)
  const parsed = parseRecord(part.record)
  return parsed.ok ? null : shapeFault(where, parsed.error)
}

/** Why a value is no change; null where it is one. */
export function changeFault(value: unknown, where: string): StoreFileFault | null {
  const frame = frameFault(changeSchema, value, where)
  if (frame) return frame
  for (const part of (value as Change).diff) {
    const inside = `${where}, ${idOf(part).slice(0, 40)}`
    const fault = partFault(part, (value as Change).brought === true, inside)
    if (fault) return fault
  }
  return null
}

function parseJson(text: string): Result<unknown, StoreFileFault> {
  try {
    return ok(JSON.parse(text))
  } catch (error) {
    const told = String(error)
    const position = /position (\d+)/.exec(told)?.[1]
    const atEnd = /end of/i.test(told) ? text.length : null
    return refuse({ kind: 'notJson', offset: position === undefined ? atEnd : Number(position) })
  }
}

function contentFault(
  file: { records: unknown[]; changes: unknown[] },
  onProgress: (share: number) => void,
): StoreFileFault | null {
  const total = file.records.length + file.changes.length
  const tell = (checked: number) => {
    if (checked % 2000 === 0) onProgress(checked / total)
  }
  const faultIn = (
    values: readonly unknown[],
    called: string,
    faultOf: (value: unknown, where: string) => StoreFileFault | null,
    nameOf: (value: unknown) => string,
    before: number,
  ): StoreFileFault | null => {
    const names = new Set<string>()
    for (const [index, value] of values.entries()) {
      const where = `${called} ${index + 1}`
      const fault = faultOf(value, where)
      if (fault) return fault
      const name = nameOf(value)
      if (names.has(name)) return { kind: 'twice', where, id: name.slice(0, 80) }
      names.add(name)
      tell(before + index)
    }
    return null
  }
  return (
    faultIn(file.records, 'record', entryFault, (value) => (value as Entry).record.id, 0) ??
    faultIn(file.changes, 'change', changeFault, (value) => (value as Change).stamp, file.records.length)
  )
}

const withins = { project: 'parentId', context: 'parentId', step: 'underId' } as const

/** Things within things deeper than anybody could work from. */
function nestingFault(records: readonly Entry[]): StoreFileFault | null {
  for (const [kind, field] of Object.entries(withins)) {
    const parentOf = new Map<string, string | null>()
    for (const { record, removed } of records) {
      const within = (record as unknown as Record<string, unknown>)[field]
      if (kindOf(record.id) === kind && removed === undefined)
        parentOf.set(record.id, typeof within === 'string' ? within : null)
    }
    const deep = tooDeepAmong(parentOf)
    if (deep !== null) return { kind: 'tooDeep', where: deep }
  }
  return null
}

/**
 * What a store file holds, or why it is none; never throws, whatever stands in the text. `onProgress` is told from 0
 * to 1 how far the checking has come. Stamps ahead of the clock are carried: the writer's clock may have been wrong.
 */
export function parseStoreFile(
  text: string,
  onProgress: (share: number) => void = () => {},
): Result<StoreFile, StoreFileFault> {
  try {
    return readStoreFile(text, onProgress)
  } catch (error) {
    // Nothing is known to come here; what does is a fault of the file all the same, and not of who opens it.
    return refuse({
      kind: 'shape',
      where: 'the file',
      why: error instanceof Error ? error.name : 'no reason',
    })
  }
}

function readStoreFile(text: string, onProgress: (share: number) => void): Result<StoreFile, StoreFileFault> {
  if (text.length > storeFileLimitBytes)
    return refuse({ kind: 'tooLarge', bytes: text.length, limitBytes: storeFileLimitBytes })
  if (text.trim() === '') return refuse({ kind: 'empty' })
  const json = parseJson(text)
  if (!json.ok) return json
  const file = json.value as {
    format?: unknown
    version?: unknown
    records?: unknown
    changes?: unknown
  } | null
  if (typeof file !== 'object' || file === null || file.format !== storeFileFormat)
    return refuse({ kind: 'foreign' })
  if (typeof file.version !== 'number' || !Number.isInteger(file.version) || file.version < 1)
    return refuse({ kind: 'shape', where: 'version', why: 'expected a whole number' })
  if (file.version > storeFileVersion) return refuse({ kind: 'newer', version: file.version })
  if (!Array.isArray(file.records)) return refuse({ kind: 'shape', where: 'records', why: 'expected a list' })
  if (!Array.isArray(file.changes)) return refuse({ kind: 'shape', where: 'changes', why: 'expected a list' })
  const hostile = hostileIn(file)
  if (hostile) return refuse({ ...hostile, where: hostile.where || 'the file' })
  const { version } = file
  const content = {
    records: file.records.map((entry: Entry) => migrateEntry(entry, version)) as unknown[],
    changes: file.changes.map((change: Change) => migrateChange(change, version)) as unknown[],
  }
  const fault = contentFault(content, onProgress) ?? nestingFault(content.records as Entry[])
  return fault
    ? refuse(fault)
    : ok({ entries: content.records as Entry[], changes: content.changes as Change[] })
}
