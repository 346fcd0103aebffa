// Writes a calendar file, off the screen's thread.
import { writeCalendar, type CalendarEntry, type WrittenFor } from '../core/calendar/writeCalendar'
import { answering } from '../state/store/answering'

interface Question {
  readonly entries: readonly CalendarEntry[]
  readonly written: WrittenFor
}

self.onmessage = answering(({ entries, written }: Question) =>
  self.postMessage(writeCalendar(entries, written)),
)
