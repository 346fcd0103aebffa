// What a migration does that only calls fields otherwise: in records, in what says when each was written, in changes.
import type { Change, Entry, RecordDiff } from '../journal'
import { kindOf } from '../record'
import { isObject, type Fields, type RecordsAndChanges } from './newFields'

type Names = Readonly<Record<string, string>>

/** Fields under their new names. Where a new name is taken already, that field stays and the old one goes. */
const renamed = (fields: Fields, names: Names | undefined): Fields =>
  names && isObject(fields)
    ? Object.fromEntries(
        Object.entries(fields).flatMap(([name, value]) => {
          const [field, ...member] = name.split('/')
          const isOld = Object.hasOwn(names, field as string)
          const now = isOld ? [names[field as string], ...member].join('/') : name
          return isOld && Object.hasOwn(fields, now) ? [] : [[now, value] as const]
        }),
      )
    : fields

/** From the old names to the new ones, kind by kind. */
export function withRenamedFields(names: Readonly<Record<string, Names>>): RecordsAndChanges {
  const namesFor = (id: unknown): Names | undefined => {
    const kind = typeof id === 'string' ? kindOf(id) : ''
    return Object.hasOwn(names, kind) ? names[kind] : undefined
  }
  const recordWith = <T>(record: T): T =>
    isObject(record) ? (renamed(record, namesFor(record['id'])) as T) : record

  const diffWith = (each: RecordDiff): RecordDiff => {
    if (!isObject(each)) return each
    if (each.kind !== 'updated') return { ...each, record: recordWith(each.record) }
    return { ...each, fields: renamed(each.fields, namesFor(each.id)) as typeof each.fields }
  }
  return {
    entry: (entry: Entry) => {
      if (!isObject(entry) || !isObject(entry.record) || !namesFor(entry.record.id)) return entry
      const names = namesFor(entry.record.id)
      const own = entry.own && { own: renamed(entry.own, names) as typeof entry.own }
      return { ...entry, record: recordWith(entry.record), ...own }
    },
    change: (change: Change) =>
      isObject(change) && Array.isArray(change.diff)
        ? { ...change, diff: change.diff.map(diffWith) }
        : change,
  }
}
