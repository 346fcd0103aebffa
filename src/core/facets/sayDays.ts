// Days and times in the words in which they are read again, and words as they are compared.
import type { CalendarDate, ClockTime } from '../time'

const monthNames =
  'january february march april may june july august september october november december'.split(' ')

/** "13 march 2026". */
export function dayWords(date: CalendarDate): string {
  const month = monthNames[Number(date.slice(5, 7)) - 1] as string
  return `${Number(date.slice(8))} ${month} ${date.slice(0, 4)}`
}

export const clockWords = (time: ClockTime | null): string => (time ? ` ${time}` : '')

/** In lower case, with straight apostrophes and one space between words. */
export const inWords = (part: string): string => part.toLowerCase().replace(/[’]/g, "'").replace(/\s+/g, ' ')
