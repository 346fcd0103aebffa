// Reads calendars and answers for their events, off the screen's thread, as long as the page is there.
import { makeCalendarReader, type CalendarQuestion } from '../core/calendar/calendarReader'
import { answering } from '../state/store/answering'

const reader = makeCalendarReader(() => Date.now())

self.onmessage = answering(async ({ number, ask, given }: CalendarQuestion) => {
  const answer = (reader[ask] as (...given: readonly unknown[]) => unknown)(...given)
  self.postMessage({ number, answer })
})
