// The pages of days, written on or planned, and meeting notes by who and what has a part in them.
import type { Document } from '@/core/journal'
import { datedNoteOf, isWrittenBack, type Id, type Note, type Plan } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { outsideTemplates } from './isTemplate'
import { makeTableIndex } from './tableIndex'

const latestFirst = (a: Note, b: Note): number => {
  if (a.date !== b.date) return a.date < b.date ? 1 : -1
  return b.createdAtEpochMs - a.createdAtEpochMs || (a.id < b.id ? -1 : 1)
}
const [meetingNotes, days, backs] = ['meetingNotes', 'days', 'backs']
const pages = makeTableIndex('note', {
  keysOf: ({ id, note, personIds, projectId, letGoAtEpochMs }) => {
    if (letGoAtEpochMs !== null) return []
    // A day whose page was emptied again has none.
    if (isWrittenBack(id)) return [backs]
    const dated = datedNoteOf(id)
    if (dated) return dated.of === 'week' || note.trim() === '' ? [] : [days]
    return [meetingNotes, ...personIds, ...(projectId ? [projectId] : [])]
  },
  compare: latestFirst,
  inOrder: (records) => [...records].sort(latestFirst),
})

/** The pages of meeting notes, the latest first, but those of templates. */
const real = outsideTemplates<Note>(({ projectId }) => projectId)
export const meetingNotesOf = (document: Document): readonly Note[] =>
  real(document, pages.of(document, meetingNotes))
/** The meeting notes that a person or a project has a part in. */
export const meetingNotesWith = (document: Document, id: Id<'person'> | Id<'project'>): readonly Note[] =>
  pages.of(document, id)

/** Look backs that were written up, the latest first. */
export const writtenBacksOf = (document: Document): readonly Note[] => pages.of(document, backs)

const dayNotes = (document: Document): readonly Note[] => pages.of(document, days)

const byDate = (a: Plan, b: Plan): number => (a.date < b.date ? 1 : -1)
const plans = makeTableIndex('plan', {
  keysOf: ({ plannedAtEpochMs, endedAtEpochMs }) => ((plannedAtEpochMs ?? endedAtEpochMs) ? [days] : []),
  compare: byDate,
})

/** The last day before this one that something was written on, or that was planned; null where there is none. */
export function dayNoteBefore(document: Document, date: CalendarDate): CalendarDate | null {
  const written = dayNotes(document).find((page) => page.date < date)?.date ?? null
  const planned = plans.of(document, days).find((plan) => plan.date < date)?.date ?? null
  return written !== null && (planned === null || written > planned) ? written : planned
}
/** The first day after this one that something was written on, or that was planned. */
export function dayNoteAfter(document: Document, date: CalendarDate): CalendarDate | null {
  const written = dayNotes(document).findLast((page) => page.date > date)?.date ?? null
  const planned = plans.of(document, days).findLast((plan) => plan.date > date)?.date ?? null
  return written !== null && (planned === null || written < planned) ? written : planned
}
