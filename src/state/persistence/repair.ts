// Repairing damage: the damaged text is quarantined, its sound items are written in its place, and what was lost is
// rebuilt from the history where that still has it.
import {
  emptyDocument,
  entriesIn,
  entryIn,
  withChanges,
  withMerged,
  type Change,
  type Document,
} from '@/core/journal'
import { isEqual } from '@/core/isEqual'
import { quarantinePrefix, segmentPrefix } from './keys'
import type { Damaged, Kept } from './readKept'
import { toChecksummed } from './checksummed'

export interface Repaired {
  readonly document: Document
  /** To be written in one go. */
  readonly values: Readonly<Record<string, string>>
}

/** Which records a damaged segment held, as far as it can be read. */
const idsIn = ({ items }: Damaged): string[] =>
  items.flatMap((item) => ('record' in item ? [item.record.id] : []))

export async function repair(
  { document, damaged }: Kept,
  allHistory: () => Promise<readonly Change[]>,
): Promise<Repaired> {
  if (damaged.length === 0) return { document, values: {} }
  const segments = damaged.filter(({ key }) => key.startsWith(segmentPrefix))
  // History first: where both hold a field written at the same moment, the damaged text is the one to doubt.
  const rebuilt =
    segments.length > 0
      ? withMerged(withChanges(emptyDocument, await allHistory()), entriesIn(document))
      : document
  const regained = [...entriesIn(rebuilt)].filter(
    (entry) => !isEqual(entry, entryIn(document, entry.record.id)),
  )
  const values: Record<string, string> = {}
  for (const chunk of damaged) {
    const ids = new Set([
      ...idsIn(chunk),
      ...(chunk === segments[0] ? regained.map(({ record }) => record.id) : []),
    ])
    values[`${quarantinePrefix}${chunk.key}`] = chunk.text
    values[chunk.key] = toChecksummed(
      segments.includes(chunk) ? [...ids].map((id) => entryIn(rebuilt, id)) : chunk.items,
    )
  }
  return { document: rebuilt, values }
}
