// A day as the sentence of a lens says it, and reads it again.
import { calendarDateFrom, type CalendarDate } from '../time'

const monthNames = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ')
/** "3 Apr 2026": with its year, so that it says the same next year. */
export const dayWords = (date: CalendarDate): string =>
  `${Number(date.slice(8))} ${monthNames[Number(date.slice(5, 7)) - 1]} ${Number(date.slice(0, 4))}`

/** The day that `dayWords` says; null where the words are none. */
export function readDayWords(words: string): CalendarDate | null {
  const parts = /^(\d{1,2}) ([A-Z][a-z]{2}) (\d{4})$/.exec(words)
  const month = parts ? monthNames.indexOf(parts[2] as string) + 1 : 0
  if (!parts || month === 0) return null
  return calendarDateFrom(Number(parts[3]), month, Number(parts[1]))
}
