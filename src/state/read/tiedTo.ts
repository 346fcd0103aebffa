// What the check-box lines of notes stand for, and a note as it reads now.
import { recordIn, type Document } from '@/core/journal'
import { laidOver, type Tied } from '@/core/note'
import {
  datedNoteId,
  datedNoteOf,
  isIdOf,
  type Action,
  type Id,
  type NoteOwnerId,
  type Slip,
} from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { settingsIn } from './settingsIn'

/** A slip and the action it became have one name: a line that was lifted into the Tray goes along with it. */
export function recordTied(document: Document, name: string): Action | Slip | undefined {
  return recordIn(document, `action:${name}`) ?? recordIn(document, `slip:${name}`)
}

export const tiedTo =
  (document: Document) =>
  (name: string): Tied | null => {
    const record = recordTied(document, name)
    if (!record) return null
    return isIdOf('slip', record.id)
      ? { title: (record as Slip).text, isDone: false }
      : { title: (record as Action).title, isDone: (record as Action).doneAtEpochMs !== null }
  }

export const dayNoteIdOf = (date: CalendarDate): Id<'note'> => datedNoteId({ of: 'day', date })
/** The day whose page it is; null where it is the note of something else. */
export const dayOfNote = (id: string): CalendarDate | null => {
  const dated = datedNoteOf(id)
  return dated?.of === 'day' ? dated.date : null
}

/** The note of something as it reads now. A day note that nothing was written in begins as the person chose. */
export function noteIn(document: Document, of: NoteOwnerId): string {
  const record = recordIn(document, of)
  if (record) return laidOver(record.note, tiedTo(document))
  return dayOfNote(of) === null ? '' : settingsIn(document).dayNoteBegins
}
