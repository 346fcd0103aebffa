// What is written under which key: records in the chunks of a segment, changes in portions of the history.
import { laterTimestamp, never, type Change, type Entry, type Timestamp } from '@/core/journal'
import { kindOf } from '@/core/record'
import type { ArchiveLimits } from './archiveLimits'
import { toChecksummed } from './checksummed'
import { indexValue } from './historyIndex'
import { actionSegmentKey, broughtKey, changeKey, historyKey, segmentKey } from './keys'
import { chunksAtOnce, inChunks, inOrder, type Written } from './storageReader'

export const latestOf = (changes: readonly Change[]): Timestamp =>
  changes.reduce<Timestamp>((latest, { stamp }) => laterTimestamp(latest, stamp), never)

/** A portion under its key, and beside it which records it is about. */
export const portionAt = (key: string, changes: readonly Change[]): Written => ({
  [key]: toChecksummed(changes),
  ...indexValue(key, changes),
})

/** The history of these changes, in portions. `by` names the copy that writes them. */
export function historyOf(changes: readonly Change[], { chunkSize }: ArchiveLimits, by: string): Written {
  const portions = inChunks(inOrder(changes), chunkSize).map((chunk) => {
    const [first, last] = [chunk[0] as Change, chunk.at(-1) as Change]
    return portionAt(historyKey(first.stamp, last.stamp, by), chunk)
  })
  return Object.assign({}, ...portions) as Written
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
): Promise<Written> {
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

/** Records and journal that a file brings, with the act of bringing them, in one write. */
export async function absorbedValues(
  entries: readonly Entry[],
  changes: readonly Change[],
  act: Change,
  limits: ArchiveLimits,
  by: string,
): Promise<Written> {
  const journal = inChunks(inOrder(changes), limits.chunkSize).map((chunk, at) =>
    portionAt(broughtKey(act.stamp, at), chunk),
  )
  return {
    ...(await segmentOf({ tier: 3, stamp: act.stamp, by }, entries, limits)),
    ...(Object.assign({}, ...journal) as Written),
    ...(act.diff.length > 0 ? { [changeKey(act.stamp)]: toChecksummed([act]) } : {}),
  }
}
