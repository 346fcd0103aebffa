// A day with a time, in either order and in every way it is said: "tomorrow at half past two", "14:30 tomorrow",
// "friday morning", "in 20 minutes". One place for the line, for reminders and for every field that asks for a day.
import { addDays, fromMinute, toMinute, type CalendarDate, type ClockTime } from '../time'
import type { Guess } from './clause'
import { guessOfDate, mayBeDate, readDate, type Calendar } from './datePhrase'
import { readLength } from './lengthPhrase'
import {
  readBareHour,
  readEndOfPart,
  readPartOfDay,
  readSpokenTime,
  readTime,
  type SaidTime,
} from './timePhrase'

export interface Moment {
  readonly date: CalendarDate
  readonly time: ClockTime | null
  readonly guess: Guess | null
}

/** A time in so many words at most: "twenty five past two pm". */
const longestTime = 5

const hours = 'one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve'
/** Whether a word could end or begin a time. Cheap: it spares the full reading of most phrases. */
const endsTime = new RegExp(
  `(?:\\d[\\d:.]*(?:am|pm)?|am|pm|noon|midday|clock|morning|lunchtime|lunch|afternoon|evening|night|thing|${hours})$`,
)
const beginsTime = new RegExp(
  `^(?:at|around|about|first|half|quarter|a|five|ten|twenty|noon|midday|\\d|${hours})`,
)

/** A clock time: bare hours only where something leads to them ("at 3"). */
export function readClock(said: string, isLed: boolean): SaidTime | null {
  const time = readTime(said)
  if (time) return { time, guess: null }
  return readSpokenTime(said) ?? (isLed ? readBareHour(said) : null)
}

const inSecondHalf = (time: ClockTime): ClockTime =>
  toMinute(time) < 720 ? fromMinute(toMinute(time) + 720) : time

/** "tomorrow at 3" as the day and the time behind it; `partOfDay` reads "morning" where a day is before it. */
function dayFirst(
  phrase: string,
  calendar: Calendar,
  partOfDay: (word: string) => SaidTime | null,
): Moment | null {
  if (!endsTime.test(phrase)) return null
  const words = phrase.split(' ')
  for (let count = Math.min(longestTime, words.length - 1); count >= 1; count--) {
    const tail = words.slice(-count).join(' ')
    const ahead = words.slice(0, -count).join(' ')
    const head = ahead.replace(/,? (?:at|around|about|by|in the|for)$/, '')
    const isLed = head !== ahead
    const time = readClock(tail, isLed && !ahead.endsWith('in the')) ?? partOfDay(tail)
    if (!time || !mayBeDate(head)) continue
    // "monday morning at 9", "tonight at 8": the part of the day says which half of it.
    const day = head.replace(/ (?:morning|afternoon|evening|night|lunchtime)$/, '')
    const date = readDate(day, calendar)
    const isLate = day === 'tonight' || /(?:afternoon|evening|night)$/.test(head)
    if (date)
      return {
        date,
        time: isLate ? inSecondHalf(time.time) : time.time,
        guess: time.guess ?? guessOfDate(day),
      }
  }
  return null
}

/** "at 3pm on friday", "14:30 tomorrow": the time and the day behind it. */
function timeFirst(phrase: string, calendar: Calendar): Moment | null {
  if (!beginsTime.test(phrase)) return null
  const bare = phrase.replace(/^(?:at|around|about) /, '')
  const isLed = bare !== phrase
  const words = bare.split(' ')
  for (let count = Math.min(longestTime, words.length - 1); count >= 1; count--) {
    const time =
      readClock(words.slice(0, count).join(' '), isLed) ??
      (words.slice(0, count).join(' ') === 'first thing' ? readPartOfDay('first thing') : null)
    const day = words.slice(count).join(' ').replace(/^on /, '')
    const date = time && mayBeDate(day) ? readDate(day, calendar) : null
    if (time && date) return { date, time: time.time, guess: time.guess ?? guessOfDate(day) }
  }
  return null
}

const aheadForm = /^in (.+)$/

/** "in 20 minutes", "in an hour": where it is known what time it is now. */
function fromNow(phrase: string, { today, minute }: Calendar): Moment | null {
  const said = aheadForm.exec(phrase)?.[1]
  const ahead = said && minute !== undefined && !/^a min/.test(said) ? readLength(said) : null
  if (!ahead || minute === undefined || ahead > 1440) return null
  const at = minute + ahead
  return { date: at < 1440 ? today : addDays(today, 1), time: fromMinute(at % 1440), guess: null }
}

/** A day, a time, or both; a time alone is today. Null where a phrase says none of it. */
export function readMoment(
  phrase: string,
  calendar: Calendar,
  partOfDay: (word: string) => SaidTime | null = readPartOfDay,
): Moment | null {
  const date = readDate(phrase, calendar)
  if (date) return { date, time: null, guess: guessOfDate(phrase) }
  const both = readDayAndTime(phrase, calendar, partOfDay) ?? fromNow(phrase, calendar)
  if (both) return both
  const bare = phrase.replace(/^(?:at|around|about) /, '')
  const time = readClock(bare, true)
  return time && { date: calendar.today, time: time.time, guess: time.guess }
}

/** A day and a time together. "this evening" is today's; "tonight at 8" too. */
export function readDayAndTime(
  phrase: string,
  calendar: Calendar,
  partOfDay: (word: string) => SaidTime | null = readPartOfDay,
): Moment | null {
  const today = phrase.replace(/^this (?=(?:morning|afternoon|evening|lunchtime)\b)/, 'today ')
  return dayFirst(today, calendar, partOfDay) ?? timeFirst(phrase, calendar)
}

/** The same as a promise: a part of a day is over at its end. */
export const readDueMoment = (phrase: string, calendar: Calendar): Moment | null =>
  readMoment(phrase, calendar, readEndOfPart)
export { fromNow as readFromNow }
