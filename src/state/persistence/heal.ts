// What damage left, put in order: the damaged text is set aside, the sound items take its place, and what was lost is
// rebuilt from the history where that still holds it.
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
import { asidePrefix, piecePrefix } from './keys'
import type { Damaged, Kept } from './readKept'
import { toSealed } from './sealed'

export interface Healed {
  readonly document: Document
  /** To be written in one go. */
  readonly values: Readonly<Record<string, string>>
}

/** Which records a damaged piece held, as far as it can be read. */
const idsIn = ({ items }: Damaged): string[] =>
  items.flatMap((item) => ('record' in item ? [item.record.id] : []))

export async function heal(
  { document, damaged }: Kept,
  allHistory: () => Promise<readonly Change[]>,
): Promise<Healed> {
  if (damaged.length === 0) return { document, values: {} }
  const pieces = damaged.filter(({ key }) => key.startsWith(piecePrefix))
  // History first: where both hold a field written at the same moment, the damaged text is the one to doubt.
  const rebuilt =
    pieces.length > 0
      ? withMerged(withChanges(emptyDocument, await allHistory()), entriesIn(document))
      : document
  const regained = [...entriesIn(rebuilt)].filter(
    (entry) => !isEqual(entry, entryIn(document, entry.record.id)),
  )
  const values: Record<string, string> = {}
  for (const part of damaged) {
    const ids = new Set([
      ...idsIn(part),
      ...(part === pieces[0] ? regained.map(({ record }) => record.id) : []),
    ])
    values[`${asidePrefix}${part.key}`] = part.text
    values[part.key] = toSealed(
      pieces.includes(part) ? [...ids].map((id) => entryIn(rebuilt, id)) : part.items,
    )
  }
  return { document: rebuilt, values }
}
