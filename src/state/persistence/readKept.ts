// From kept text to a document. What cannot be read is returned to be set aside; the rest still loads.
import { changeFault, entryFault } from '@/core/exchange'
import { emptyDocument, withChanges, withMerged, type Change, type Document, type Entry } from '@/core/journal'
import { changePrefix, piecePrefix } from './keys'
import { fromSealed } from './sealed'

export interface Aside {
  readonly key: string
  readonly text: string
}

/** The items of a kept list: all of them where it is whole, the sound ones where it is damaged. */
function listIn<T>(text: string, faultOf: (item: unknown, where: string) => unknown): { readonly items: T[]; readonly sound: boolean } {
  const opened = fromSealed(text)
  if (opened.kind === 'unreadable' || !Array.isArray(opened.value)) return { items: [], sound: false }
  if (opened.kind === 'whole') return { items: opened.value as T[], sound: true }
  return { items: opened.value.filter((item) => faultOf(item, '') === null) as T[], sound: false }
}

export const changesIn = (text: string): { readonly items: Change[]; readonly sound: boolean } => listIn<Change>(text, changeFault)
export const entriesInPiece = (text: string): { readonly items: Entry[]; readonly sound: boolean } => listIn<Entry>(text, entryFault)

export interface Kept {
  readonly document: Document
  /** Changes not folded into pieces yet, in order. */
  readonly changes: readonly Change[]
  readonly asides: readonly Aside[]
}

/** What a set of kept values holds. Order plays no part: everything is merged by its stamps. */
export function readKept(values: Readonly<Record<string, string | null>>): Kept {
  const entries: Entry[] = []
  const changes: Change[] = []
  const asides: Aside[] = []
  for (const [key, text] of Object.entries(values)) {
    if (text === null) continue
    const isChange = key.startsWith(changePrefix)
    if (!isChange && !key.startsWith(piecePrefix)) continue
    const found = isChange ? changesIn(text) : entriesInPiece(text)
    if (!found.sound) asides.push({ key, text })
    if (isChange) changes.push(...(found.items as Change[]))
    else entries.push(...(found.items as Entry[]))
  }
  changes.sort((a, b) => (a.stamp < b.stamp ? -1 : 1))
  return { document: withChanges(withMerged(emptyDocument, entries), changes), changes, asides }
}
