// A note of its own: of a day or a week (see datedNote.ts), or of a meeting with people.
import { date, epochMs, kind, note as noteField, nullable, ref, setOf, title } from './field'

export const note = kind(
  {
    /** Empty for the note of a day or a week. */
    title: title(),
    /** Its text, in Markdown. */
    note: noteField(),
    /** The day it is the note of, or of the meeting. */
    date,
    personIds: setOf(ref(['person'], 'clear')),
    projectId: nullable(ref(['project'], 'clear')),
    areaId: nullable(ref(['area'], 'clear')),
    createdAtEpochMs: epochMs,
    letGoAtEpochMs: nullable(epochMs),
  },
  { opens: true },
)
