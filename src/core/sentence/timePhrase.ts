// Times of a day, and spans of them, in ordinary English.
import { fromMinute, isClockTime, toMinute, type ClockTime } from '../time'

/** A time; `isGuess` where the words leave it open: "at 3", "in the morning". */
export interface SaidTime {
  readonly time: ClockTime
  readonly guess: 'bareHour' | 'partOfDay' | null
}

/** `14:30`, `9.15`, `2pm`, `2:15 pm`, `noon`; null for anything else. */
export function readTime(phrase: string): ClockTime | null {
  if (phrase === 'noon') return fromMinute(720)
  const clock = /^(\d{1,2})[:.](\d{2})\.?$/.exec(phrase)
  if (clock) return checked(Number(clock[1]), Number(clock[2]))
  const half = /^(\d{1,2})(?:[:.](\d{2}))? ?(am|pm)$/.exec(phrase)
  if (!half || Number(half[1]) > 12 || Number(half[1]) === 0) return null
  return checked((Number(half[1]) % 12) + (half[3] === 'pm' ? 12 : 0), Number(half[2] ?? 0))
}

function checked(hour: number, minute: number): ClockTime | null {
  const text = `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`
  return isClockTime(text) ? text : null
}

const partsOfDay: Readonly<Record<string, number>> = { morning: 9, lunchtime: 12, afternoon: 14, evening: 19 }
/** "morning", where a day stands before it. */
export const readPartOfDay = (word: string): SaidTime | null =>
  Object.hasOwn(partsOfDay, word)
    ? { time: fromMinute((partsOfDay[word] as number) * 60), guess: 'partOfDay' }
    : null

const endsOfParts: Readonly<Record<string, number>> = {
  morning: 12,
  lunchtime: 13,
  afternoon: 17,
  evening: 21,
}
/** The end of a part of a day, for what has to be done "by tomorrow morning". */
export const readEndOfPart = (word: string): SaidTime | null =>
  Object.hasOwn(endsOfParts, word)
    ? { time: fromMinute((endsOfParts[word] as number) * 60), guess: 'partOfDay' }
    : null

/** The hour of "at 3" as people mean it: from one to six in the afternoon, else as it is written. */
export function readBareHour(word: string): SaidTime | null {
  const hour = /^\d{1,2}$/.test(word) ? Number(word) : 0
  if (hour < 1 || hour > 23) return null
  return { time: fromMinute((hour <= 6 ? hour + 12 : hour) * 60), guess: hour <= 12 ? 'bareHour' : null }
}

export interface Span {
  readonly time: ClockTime
  readonly minutes: number
}

const end = '(\\d{1,2}(?:[:.]\\d{2})? ?(?:am|pm)?)'
const spanForm = new RegExp(`^(?:from )?${end} ?(?:-|–|—|to|until|till) ?${end}$`)

/** "3-4pm", "14:00-15:30", "from 9 to 11am"; the half of the day that only the end says holds for both where it fits. */
export function readSpan(phrase: string): Span | null {
  const parts = spanForm.exec(phrase)
  if (!parts) return null
  const [from, to] = parts.slice(1).map((each) => each.trim()) as [string, string]
  const half = /(am|pm)$/.exec(to)?.[1]
  // Without a half of the day, a colon has to say that these are times.
  if (!half && !/[:.]/.test(to)) return null
  const last = readTime(to)
  if (!last) return null
  const whole = /[:.]/.test(from) ? from : `${from}:00`
  const starts = /am|pm/.test(from)
    ? [readTime(from)]
    : [...(half ? [readTime(`${from}${half}`), readTime(`${from}am`)] : []), readTime(whole)]
  const first = starts.find((time) => time !== null && toMinute(time) < toMinute(last))
  return first ? { time: first, minutes: toMinute(last) - toMinute(first) } : null
}
