import { recordIn, type Document } from '@/core/journal'
import type { Id } from '@/core/record'

/** What a context or a person is called; empty where it is gone. */
export const nameIn = (document: Document, id: Id<'context'> | Id<'person'>): string =>
  recordIn(document, id)?.name ?? ''

export const namesIn = (document: Document, ids: readonly (Id<'context'> | Id<'person'>)[]): string =>
  ids.flatMap((id) => nameIn(document, id) || []).join(', ')
