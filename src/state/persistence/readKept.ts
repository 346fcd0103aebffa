// From kept text to a document. What cannot be read is returned to be quarantined; the rest still loads.
import type { Change, Document, Entry, Gathering } from '@/core/journal'
import { currentVersion } from '@/core/migrations/currentVersion'
import { changePrefix, segmentPrefix } from './keys'
import { onDemand } from './onDemand'
import { fromChecksummed } from './checksummed'

/** A kept text that is not what was written, and what of it could still be read. */
export interface Quarantined {
  readonly key: string
  readonly text: string
}
export interface Damaged extends Quarantined {
  readonly items: readonly (Change | Entry)[]
}

export interface Listed<T> {
  readonly items: readonly T[]
  readonly sound: boolean
}

/** What an earlier version kept; how it is read loads only then. */
async function migrated<T>(
  items: readonly T[],
  migration: 'migrateChange' | 'migrateEntry',
  version: number,
): Promise<readonly T[]> {
  const migrate = (await onDemand())[migration] as unknown as (item: T, version: number) => T
  return items.map((item) => migrate(item, version))
}

/** The items of a kept list as this version has them: all where it is whole, the sound ones where it is damaged. */
async function listIn<T>(
  text: string,
  migration: 'migrateChange' | 'migrateEntry',
  fault: 'changeFault' | 'entryFault',
): Promise<Listed<T>> {
  const opened = fromChecksummed(text)
  if (opened.kind === 'unreadable' || !Array.isArray(opened.value)) return { items: [], sound: false }
  const { version } = opened
  const listed = opened.value as T[]
  const items = version < currentVersion ? await migrated(listed, migration, version) : listed
  if (opened.kind === 'whole') return { items, sound: true }
  const faultOf = (await onDemand())[fault]
  return { items: items.filter((item) => faultOf(item, '') === null), sound: false }
}

export const changesIn = (text: string): Promise<Listed<Change>> =>
  listIn(text, 'migrateChange', 'changeFault')
export const entriesInSegment = (text: string): Promise<Listed<Entry>> =>
  listIn(text, 'migrateEntry', 'entryFault')

export interface Kept {
  readonly document: Document
  /** Changes not compacted into segments yet, in order. */
  readonly changes: readonly Change[]
  readonly damaged: readonly Damaged[]
}

/** Gathers the records of kept values. Their order does not matter: everything is merged by its timestamps. */
export async function readInto(
  values: Readonly<Record<string, string | null>>,
  gathering: Gathering,
): Promise<Omit<Kept, 'document'>> {
  const changes: Change[] = []
  const damaged: Damaged[] = []
  for (const [key, text] of Object.entries(values)) {
    if (text === null) continue
    const isChange = key.startsWith(changePrefix)
    if (!isChange && !key.startsWith(segmentPrefix)) continue
    const { items, sound } = await (isChange ? changesIn(text) : entriesInSegment(text))
    if (!sound) damaged.push({ key, text, items: items as (Change | Entry)[] })
    if (isChange) changes.push(...(items as Change[]))
    else gathering.add(items as Entry[])
  }
  changes.sort((a, b) => (a.stamp < b.stamp ? -1 : 1))
  return { changes, damaged }
}
