// Times of a day, and spans of them, in ordinary English.
import { fromMinute, isClockTime, toMinute, type ClockTime } from '../time'

/** A time; `isGuess` where the words leave it open: "at 3", "in the morning". */
export interface SaidTime {
  readonly time: ClockTime
  readonly guess: 'bareHour' | 'partOfDay' | null
}

const hourWords = 'one two three four five six seven eight nine ten eleven twelve'.split(' ')
const hourForm = `\\d{1,2}|${hourWords.join('|')}`
const hourOf = (word: string): number => hourWords.indexOf(word) + 1 || Number(word)
const minutesSaid: Readonly<Record<string, number>> = {
  five: 5,
  ten: 10,
  quarter: 15,
  'a quarter': 15,
  twenty: 20,
  'twenty five': 25,
  'twenty-five': 25,
  half: 30,
}
const pastForm = new RegExp(
  `^(half|(?:(?:a )?quarter|five|ten|twenty|twenty[ -]five)) (past|to|after) (${hourForm})(?: ?(am|pm))?$`,
)
const halfForm = new RegExp(`^half (${hourForm})$`)
const oClockForm = new RegExp(`^(${hourForm}) ?o'?clock$`)

/** One to six is the afternoon, the rest as it is written; with a half of the day it is that. */
function ofDay(minute: number, half?: string): SaidTime {
  const inHalf = (minute % 720) + (half === 'pm' ? 720 : 0)
  const usual = minute < 420 ? minute + 720 : minute
  return { time: fromMinute(half ? inHalf : usual), guess: half ? null : 'bareHour' }
}

/**
 * "half past two", "quarter to ten", "half nine" (half past, as it is said in Britain), "three o'clock"; null for
 * anything else.
 */
export function readSpokenTime(phrase: string): SaidTime | null {
  const past = pastForm.exec(phrase)
  if (past) {
    const [, minutes, side, hour, half] = past as unknown as [string, string, string, string, string?]
    const away = minutesSaid[minutes] as number
    const minute = hourOf(hour) * 60 + (side === 'to' ? -away : away)
    return hourOf(hour) <= 12 && hourOf(hour) >= 1 ? ofDay(minute % 1440, half) : null
  }
  const halfPast = halfForm.exec(phrase)
  if (halfPast) {
    const hour = hourOf(halfPast[1] as string)
    return hour >= 1 && hour <= 12 ? ofDay(hour * 60 + 30) : null
  }
  const oClock = oClockForm.exec(phrase)
  return oClock ? readBareHour(String(hourOf(oClock[1] as string))) : null
}

/** "3:15" is in the afternoon, as nobody writes the small hours without their nought. */
const hourMeant = (digits: string): number => (/^[1-5]$/.test(digits) ? Number(digits) + 12 : Number(digits))

/** `14:30`, `9.15`, `2pm`, `2:15 pm`, `noon`; null for anything else. */
export function readTime(phrase: string): ClockTime | null {
  if (phrase === 'noon' || phrase === 'midday') return fromMinute(720)
  const clock = /^(\d{1,2})[:.](\d{2})\.?$/.exec(phrase)
  if (clock) return checked(hourMeant(clock[1] as string), Number(clock[2]))
  const half = /^(\d{1,2})(?:[:.](\d{2}))? ?(am|pm)$/.exec(phrase)
  if (!half || Number(half[1]) > 12 || Number(half[1]) === 0) return null
  return checked((Number(half[1]) % 12) + (half[3] === 'pm' ? 12 : 0), Number(half[2] ?? 0))
}

function checked(hour: number, minute: number): ClockTime | null {
  const text = `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`
  return isClockTime(text) ? text : null
}

const partsOfDay: Readonly<Record<string, number>> = {
  morning: 9,
  'first thing': 9,
  lunchtime: 12,
  lunch: 12,
  afternoon: 14,
  evening: 19,
  night: 20,
}
/** "morning", where a day stands before it. */
export const readPartOfDay = (word: string): SaidTime | null =>
  Object.hasOwn(partsOfDay, word)
    ? { time: fromMinute((partsOfDay[word] as number) * 60), guess: 'partOfDay' }
    : null

const endsOfParts: Readonly<Record<string, number>> = {
  morning: 12,
  lunchtime: 13,
  lunch: 12,
  noon: 12,
  afternoon: 17,
  evening: 21,
  night: 22,
}
/** The end of a part of a day, for what has to be done "by tomorrow morning". */
export const readEndOfPart = (word: string): SaidTime | null =>
  Object.hasOwn(endsOfParts, word)
    ? { time: fromMinute((endsOfParts[word] as number) * 60), guess: 'partOfDay' }
    : null

/** The hour of "at 3" as people mean it: from one to six in the afternoon, else as it is written. */
export function readBareHour(word: string): SaidTime | null {
  const hour = /^\d{1,2}$/.test(word) ? Number(word) : hourWords.indexOf(word) + 1
  if (hour < 1 || hour > 23) return null
  return { time: fromMinute((hour <= 6 ? hour + 12 : hour) * 60), guess: hour <= 12 ? 'bareHour' : null }
}

export interface Span {
  readonly time: ClockTime
  readonly minutes: number
  /** Whether only hours were said. */
  readonly isBare?: true
}

/** "from 2 to 4" is in the afternoon, "from 10 to 12" as it is written. */
function bareSpan(from: number, to: number): Span | null {
  const first = readBareHour(String(from))
  if (!first || to < 1 || to > 24) return null
  const start = toMinute(first.time)
  const end = [to * 60, to * 60 + 720].find((minute) => minute > start && minute <= 1440)
  return end === undefined ? null : { time: first.time, minutes: end - start, isBare: true }
}

const end = '(\\d{1,2}(?:[:.]\\d{2})? ?(?:am|pm)?)'
const spanForm = new RegExp(`^(?:(from|between) )?${end} ?(?:-|–|—|to|until|till|and) ?${end}$`)

/**
 * "3-4pm", "14:00-15:30", "from 9 to 11am", "between 10 and 12"; the half of the day that only the end says holds for
 * both where it fits. Bare hours are times behind "from" and "between", and where `isDated` says that a day is beside
 * them.
 */
export function readSpan(phrase: string, isDated = false): Span | null {
  const parts = spanForm.exec(phrase)
  if (!parts) return null
  const [lead, from, to] = parts.slice(1).map((each) => each?.trim()) as [string | undefined, string, string]
  if (/\band\b/.test(phrase) !== (lead === 'between')) return null
  const half = /(am|pm)$/.exec(to)?.[1]
  const isBare = !half && !/[:.]/.test(to) && !/[:.]|[ap]m/.test(from)
  if (isBare) return lead || isDated ? bareSpan(Number(from), Number(to)) : null
  const last = readTime(/[:.]|[ap]m/.test(to) ? to : `${to}:00`)
  if (!last) return null
  const whole = /[:.]/.test(from) ? from : `${from}:00`
  const starts = /am|pm/.test(from)
    ? [readTime(from)]
    : [...(half ? [readTime(`${from}${half}`), readTime(`${from}am`)] : []), readTime(whole)]
  const first = starts.find((time) => time !== null && toMinute(time) < toMinute(last))
  return first ? { time: first, minutes: toMinute(last) - toMinute(first) } : null
}
