// Version 11: fields and kinds are called as the screen calls them. A link was an `address`, available minutes were
// `freeMinutes`, a timer was a clock, what it measured a `spell`, a template a `pattern`, a blocked action `heldBack`.
import type { Change, Entry, RecordDiff, Timestamp } from '../journal'
import { kindOf, type AnyRecord } from '../record'
import { isObject, type Fields } from './newFields'

const fieldNames: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  action: { address: 'link', clockFromEpochMs: 'timerFromEpochMs' },
  reference: { address: 'link' },
  reading: { address: 'link' },
  settings: { freeMinutes: 'availableMinutes' },
  plan: { freeMinutes: 'availableMinutes' },
}

const actNames: Readonly<Record<string, string>> = {
  stop: 'pause',
  runClock: 'startTimer',
  stopClock: 'stopTimer',
  holdBack: 'blockAction',
  holdBackNoMore: 'unblockAction',
  holdProjectBack: 'blockProject',
  holdProjectBackNoMore: 'unblockProject',
  keepAsPattern: 'saveAsTemplate',
  addPattern: 'addTemplate',
  addToPattern: 'addToTemplate',
  addPatternPart: 'addTemplatePart',
  removePattern: 'removeTemplate',
  usePattern: 'useTemplate',
  bringInPattern: 'importTemplate',
  addTalk: 'addMeetingNote',
  editTalk: 'editMeetingNote',
  removeTalk: 'removeMeetingNote',
  setDayFree: 'setDayAvailable',
}

const renamed = (names: Readonly<Record<string, string>> | undefined, name: string): string =>
  names && Object.hasOwn(names, name) ? (names[name] as string) : name

/** The name of a field in version 11; of a member of it too, such as `freeMinutes/3` or `conditions/heldBack~2`. */
function nameIn11(kind: string, name: string): string {
  const [field, ...member] = name.split('/')
  const key = member.join('/')
  const keyed = kind === 'lens' && field === 'conditions' ? conditionKey(key) : key
  return [renamed(fieldNames[kind], field as string), ...(member.length > 0 ? [keyed] : [])].join('/')
}

const conditionKey = (key: string): string => key.replace(/^heldBack(?=$|~)/, 'blocked')

/** A condition of a lens, with all that it joins. */
export function conditionToVersion11(condition: unknown, depth = 0): unknown {
  if (!isObject(condition) || depth > 30) return condition
  if (condition['kind'] === 'state' && condition['state'] === 'heldBack')
    return { ...condition, state: 'blocked' }
  const of = condition['of']
  return Array.isArray(of)
    ? { ...condition, of: of.map((each) => conditionToVersion11(each, depth + 1)) }
    : condition
}

const mapped = (value: unknown, entryOf: (key: string, value: unknown) => [string, unknown]): unknown =>
  isObject(value) && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).map(([key, each]) => entryOf(key, each)))
    : value

function valueIn11(kind: string, field: string, value: unknown): unknown {
  if (kind === 'project' && field === 'state') return value === 'pattern' ? 'template' : value
  if (kind === 'action' && field === 'alone')
    return mapped(value, (key, each) => [renamed(fieldNames[kind], key), each])
  if (kind === 'lens' && field === 'conditions')
    return mapped(value, (key, each) => [conditionKey(key), conditionToVersion11(each)])
  if (kind === 'lens' && field === 'bands')
    return mapped(value, (key, band) => [
      key,
      isObject(band) ? { ...band, where: conditionToVersion11(band['where']) } : band,
    ])
  return value
}

const idIn11 = <T>(id: T): T =>
  (typeof id === 'string' && id.startsWith('spell:') ? `timeEntry:${id.slice('spell:'.length)}` : id) as T

function recordToVersion11(record: AnyRecord): AnyRecord {
  if (!isObject(record) || typeof record.id !== 'string') return record
  const kind = kindOf(record.id)
  const fields = Object.entries(record).map(([field, value]) => [
    nameIn11(kind, field),
    valueIn11(kind, field, value),
  ])
  return { ...Object.fromEntries(fields), id: idIn11(record.id) } as AnyRecord
}

const ownToVersion11 = (kind: string, own: Fields): Readonly<Record<string, Timestamp>> =>
  Object.fromEntries(Object.entries(own).map(([name, stamp]) => [nameIn11(kind, name), stamp])) as Readonly<
    Record<string, Timestamp>
  >

export function entryToVersion11(entry: Entry): Entry {
  if (!isObject(entry) || !isObject(entry.record) || typeof entry.record.id !== 'string') return entry
  const kind = kindOf(entry.record.id)
  const own = isObject(entry.own) ? { own: ownToVersion11(kind, entry.own) } : {}
  return { ...entry, record: recordToVersion11(entry.record), ...own }
}

function partToVersion11(part: RecordDiff): RecordDiff {
  if (!isObject(part)) return part
  if (part.kind !== 'updated') return { ...part, record: recordToVersion11(part.record) }
  if (typeof part.id !== 'string' || !isObject(part.fields)) return part
  const kind = kindOf(part.id)
  const fields = Object.entries(part.fields).map(([field, pair]: [string, unknown]) => [
    nameIn11(kind, field),
    Array.isArray(pair) ? pair.map((value) => valueIn11(kind, field, value)) : pair,
  ])
  return { ...part, id: idIn11(part.id), fields: Object.fromEntries(fields) as typeof part.fields }
}

export function changeToVersion11(change: Change): Change {
  if (!isObject(change)) return change
  const act = typeof change.act === 'string' ? renamed(actNames, change.act) : change.act
  const diff = Array.isArray(change.diff) ? change.diff.map(partToVersion11) : change.diff
  return { ...change, act, diff }
}
