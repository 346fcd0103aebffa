// What day notes and meeting notes, their lines and checklists are called and say of themselves.
import { recordIn, type Document } from '@/core/journal'
import { datedNoteOf, isWrittenBack, type DatedNote, type Note, type ChecklistRun } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { count } from './counts'
import { longDate, momentWords, nearDate, shortDate, weekName } from './dates'
import { nameOfRecord } from './names'
import type { SaidChip } from './said'

/** The hint of what every day note begins with. */
export const beginsHint = '## Calls\n\n## What I noticed'

/** When a meeting was and with whom, as chips. */
export const saidOfMeetingNote = (page: Note, document: Document, today: CalendarDate): SaidChip[] => [
  { field: 'day', words: nearDate(page.date, today) },
  ...page.personIds.flatMap((id): SaidChip[] => {
    const name = recordIn(document, id)?.name
    return name ? [{ field: 'personIds', words: `with ${name}` }] : []
  }),
]

/** "Wednesday, 11 March", "Week 11" */
export const nameOfDatedNote = ({ of, date }: DatedNote): string =>
  of === 'day' ? longDate(date) : weekName(date)

/** "Wednesday, 11 March" of a day, else the name of what the note is of. */
export function nameOfNote(document: Document, id: string): string {
  const dated = datedNoteOf(id)
  return dated ? nameOfDatedNote(dated) : nameOfRecord(document, id)
}

/** "meeting note, Wed 4 Mar, with Oda": what a note is of, in a second line. */
export function kindOfNote(document: Document, id: string, today: CalendarDate): string {
  const dated = datedNoteOf(id)
  if (dated) return `${dated.of} note`
  const page = id.startsWith('note:') ? recordIn(document, id as Note['id']) : undefined
  if (!page) return id.slice(0, id.indexOf(':'))
  if (isWrittenBack(id)) return `look back, ${shortDate(page.date, today)}`
  const people = page.personIds.flatMap((person) => recordIn(document, person)?.name ?? [])
  return ['meeting note', shortDate(page.date, today), people.length > 0 ? `with ${people.join(', ')}` : '']
    .filter(Boolean)
    .join(', ')
}

/** "gone through 3 times, last yesterday, 17:40: 5 of 6" */
export function checklistRunsWords(runs: readonly ChecklistRun[], zone: string, today: CalendarDate): string {
  const [last] = runs
  if (!last) return 'not done yet'
  return `done ${count(runs.length, 'time')}, last ${momentWords(last.endedAtEpochMs, zone, today)}: ${last.done} of ${last.of}`
}
