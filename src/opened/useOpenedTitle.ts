import { recordIn } from '@/core/journal'
import { datedNoteOf } from '@/core/record'
import { nameOfRecord } from '@/words'
import { nameOfDatedNote } from '@/words/pages'
import { useHeldDocument } from '@/held/zen'
import type { OpenableId } from '@/held/useOpened'

/** What names the opened region for the ear. The note of a day has no name but its day. */
export function useOpenedTitle(id: OpenableId): string {
  const document = useHeldDocument()
  const dated = datedNoteOf(id)
  if (dated) return nameOfDatedNote(dated)
  return recordIn(document, id) ? nameOfRecord(document, id) || 'No name' : 'No longer here'
}
