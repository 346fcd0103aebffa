// When to be reminded, in ordinary English: "remind me the day before at 9", "remind me 2 hours before".
import type { CalendarDate, ClockTime } from '../time'
import type { Calendar } from './datePhrase'
import { readLength } from './lengthPhrase'
import { numberForm, numberOf } from './numberWords'
import { readMoment } from './momentPhrase'
import { readBareHour, readTime } from './timePhrase'

/** At a moment, or so long before what is due or fixed. A null time is the beginning of the person's day. */
export type ReminderWhen =
  | { readonly kind: 'at'; readonly date: CalendarDate; readonly time: ClockTime | null }
  | { readonly kind: 'daysBefore'; readonly days: number; readonly time: ClockTime | null }
  | { readonly kind: 'minutesBefore'; readonly minutes: number }

export const mostDaysBefore = 999

const lead = /^(?:remind me|reminder|with a reminder) (.+)$/
const beforeForm = new RegExp(
  `^(?:the |(${numberForm}) )?(minute|min|hour|day|week)s? (?:before|ahead|earlier)$`,
)

const timeOf = (said: string): ClockTime | null => readTime(said) ?? readBareHour(said)?.time ?? null

/** "at 9", "at 17:00" taken off the end. */
function splitAt(phrase: string): readonly [string, ClockTime | null] {
  const parts = /^(?:(.+) )?at (\S+(?: [ap]m)?)$/.exec(phrase)
  const time = parts && timeOf(parts[2] as string)
  return time ? [parts[1] ?? '', time] : [phrase, null]
}

const lengthForm = /^(.+) (?:before|ahead|earlier)$/

function before(phrase: string, time: ClockTime | null): ReminderWhen | null {
  if (phrase === 'on the day' || phrase === 'the same day') return { kind: 'daysBefore', days: 0, time }
  if (/^(?:at the time|then|on time)$/.test(phrase) && time === null)
    return { kind: 'minutesBefore', minutes: 0 }
  const length = lengthForm.exec(phrase)?.[1]
  const minutesEarly = length && time === null ? readLength(length) : null
  if (minutesEarly) return { kind: 'minutesBefore', minutes: minutesEarly }
  const parts = beforeForm.exec(phrase)
  if (!parts) return null
  const amount = parts[1] === undefined ? 1 : numberOf(parts[1])
  switch (parts[2]) {
    case 'day':
    case 'week': {
      const days = amount * (parts[2] === 'week' ? 7 : 1)
      return days >= 1 && days <= mostDaysBefore ? { kind: 'daysBefore', days, time } : null
    }
    default: {
      const minutes = amount * (parts[2] === 'hour' ? 60 : 1)
      return time === null && minutes >= 1 ? { kind: 'minutesBefore', minutes } : null
    }
  }
}

/**
 * When a reminder is, said without "remind me": "tomorrow 7:30", "the day before at 9", "in 20 minutes"; null where
 * it says none.
 */
export function readReminderWhen(said: string, calendar: Calendar): ReminderWhen | null {
  const [rest, time] = splitAt(said)
  if (rest === '') return { kind: 'at', date: calendar.today, time }
  const early = before(rest, time)
  if (early) return early
  const when = readMoment(said.replace(/^on /, ''), calendar)
  return when && { kind: 'at', date: when.date, time: when.time }
}

/** What a whole phrase in lower case asks to be reminded of; null where it asks nothing of the kind. */
export function readReminder(phrase: string, calendar: Calendar): ReminderWhen | null {
  const said = lead.exec(phrase)?.[1]
  return said ? readReminderWhen(said, calendar) : null
}
