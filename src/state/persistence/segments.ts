// What is written under which key: records in the chunks of a segment, changes in portions of the history.
import { laterTimestamp, never, type Change, type Entry, type Timestamp } from '@/core/journal'
import { kindOf } from '@/core/record'
import type { ArchiveLimits } from './archiveLimits'
import { toChecksummed } from './checksummed'
import { indexValue } from './historyIndex'
import { actionSegmentKey, historyKey, segmentKey } from './keys'
import { chunksAtOnce, inChunks } from './storageReader'

export type Values = Readonly<Record<string, string>>

export const inOrder = (changes: readonly Change[]): Change[] =>
  [...changes].sort((a, b) => (a.stamp < b.stamp ? -1 : 1))

export const latestOf = (changes: readonly Change[]): Timestamp =>
  changes.reduce<Timestamp>((latest, { stamp }) => laterTimestamp(latest, stamp), never)

/** A portion under its key, and beside it which records it is about. */
export const portionAt = (key: string, changes: readonly Change[]): Values => ({
  [key]: toChecksummed(changes),
  ...indexValue(key, changes),
})

/** The history of these changes, in portions. `by` names the copy that writes them. */
export function historyOf(changes: readonly Change[], { chunkSize }: ArchiveLimits, by: string): Values {
  const portions = inChunks(inOrder(changes), chunkSize).map((chunk) => {
    const [first, last] = [chunk[0] as Change, chunk.at(-1) as Change]
    return portionAt(historyKey(first.stamp, last.stamp, by), chunk)
  })
  return Object.assign({}, ...portions) as Values
}

export interface SegmentName {
  readonly tier: number
  readonly stamp: Timestamp
  readonly by: string
}

/** The chunks of a segment under their keys, actions apart from the rest. */
export async function segmentOf(
  { tier, stamp, by }: SegmentName,
  entries: readonly Entry[],
  { chunkSize, rest }: ArchiveLimits,
): Promise<Values> {
  const isAction = ({ record }: Entry) => kindOf(record.id) === 'action'
  const values: Record<string, string> = {}
  for (const [keyOf, own] of [
    [segmentKey, entries.filter((entry) => !isAction(entry))],
    [actionSegmentKey, entries.filter(isAction)],
  ] as const)
    for (const [index, chunk] of inChunks(own, chunkSize).entries()) {
      values[keyOf(tier, stamp, by, index)] = toChecksummed(chunk)
      if (index % chunksAtOnce === 0) await rest?.()
    }
  return values
}
