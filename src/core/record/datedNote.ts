// Notes that are there from the first word on: of a day (`note:day-2026-03-11`), and of a week by its Thursday
// (`note:week-2026-03-12`), which is the same on whatever day weeks begin.
import { isCalendarDate, type CalendarDate } from '../time'
import type { Id } from './ids'

export interface DatedNote {
  readonly of: 'day' | 'week'
  readonly date: CalendarDate
}

export const datedNoteId = ({ of, date }: DatedNote): Id<'note'> => `note:${of}-${date}`

/** A written look back: one for each span of days. */
export const writtenBackId = (from: CalendarDate, to: CalendarDate): Id<'note'> => `note:back-${from}-${to}`
export const isWrittenBack = (id: string): boolean => id.startsWith('note:back-')

const shape = /^note:(day|week)-(\d{4}-\d{2}-\d{2})$/
/** What a note is of by its date; null where it is the note of something else. */
export function datedNoteOf(id: string): DatedNote | null {
  const [, of, date] = shape.exec(id) ?? []
  return date !== undefined && isCalendarDate(date) ? { of: of as DatedNote['of'], date } : null
}
