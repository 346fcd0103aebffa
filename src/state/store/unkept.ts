// What a page that is closed has not saved yet: it is written to local storage, which is immediate, and saved by the
// next start, which may be one of a newer version.
import { changeFault } from '@/core/exchange'
import { isTimestamp, type Change, type Timestamp } from '@/core/journal'
import { isObject } from '@/core/json'
import { migrateChange } from '@/core/migrations'
import { currentVersion } from '@/core/migrations/currentVersion'

/** A change that is not kept yet, and the earlier one that it stands in for. */
export interface Unkept {
  readonly change: Change
  readonly instead?: Timestamp | undefined
}

/** Until version 10 a list alone was laid down, without its version. */
const lastUntold = 10

/**
 * What was laid down, in the shapes of this version and as far as it is sound; a text that is none gives nothing. Null
 * where a newer version laid it: it lies there until that one starts again.
 */
export function readUnkept(text: string): readonly Unkept[] | null {
  try {
    const laid: unknown = JSON.parse(text)
    const list = isObject(laid) ? laid['changes'] : laid
    const version = isObject(laid) ? Number(laid['version']) : lastUntold
    if (version > currentVersion) return null
    if (!Array.isArray(list) || !Number.isInteger(version)) return []
    return list.flatMap((each: Unkept | null) => {
      const change = each && migrateChange(each.change, version)
      if (!change || changeFault(change, 'unkept') !== null) return []
      return [isTimestamp(each.instead) ? { change, instead: each.instead } : { change }]
    })
  } catch {
    return []
  }
}
