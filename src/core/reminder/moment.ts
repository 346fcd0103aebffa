// When a reminder reminds. All of it is told by the clock on the wall, wherever that is: a journey into another zone
// or a change of the clock moves no reminder, and one that was answered stays answered.
import type { Action, Reminder, Settings, When } from '../record'
import { addDays, fromMinute, toMinute, type CalendarDate, type LocalMoment } from '../time'

type Dated = Pick<Action, 'at' | 'due' | 'day'>

/** What a reminder counts back from: what is fixed, else what is due, else the day it is laid on. */
function countedFrom({ at, due, day }: Dated): When | null {
  return at ?? due ?? (day && { date: day, time: null })
}

/** So many minutes before a moment. */
export function minutesEarlier({ date, minute }: LocalMoment, minutes: number): LocalMoment {
  const left = minute - minutes
  const days = Math.floor(left / 1440)
  return { date: addDays(date, days), minute: left - days * 1440 }
}

/**
 * The moment of a reminder; null where there is nothing to count from. Where no time is said it is the beginning of the
 * person's day. One that was snoozed reminds when it was snoozed to.
 */
export function reminderMoment(
  { when, snoozedTo }: Pick<Reminder, 'when' | 'snoozedTo'>,
  action: Dated,
  { dayStartsAtMinute }: Pick<Settings, 'dayStartsAtMinute'>,
): LocalMoment | null {
  const momentOf = ({ date, time }: When): LocalMoment => ({
    date,
    minute: time ? toMinute(time) : dayStartsAtMinute,
  })
  if (snoozedTo) return momentOf(snoozedTo)
  if (when.kind === 'at') return momentOf(when)
  const from = countedFrom(action)
  if (!from) return null
  return when.kind === 'daysBefore'
    ? momentOf({ date: addDays(from.date, -when.days), time: when.time })
    : minutesEarlier(momentOf(from), when.minutes)
}

export const isBefore = (a: LocalMoment, b: LocalMoment): boolean =>
  a.date < b.date || (a.date === b.date && a.minute < b.minute)

export const whenOf = ({ date, minute }: LocalMoment): When => ({ date, time: fromMinute(minute) })

const answeredMoment = ({ answered }: Pick<Reminder, 'answered'>): LocalMoment | null =>
  answered && { date: answered.date, minute: answered.time ? toMinute(answered.time) : 0 }

/** The moment a reminder still waits for or was missed at; null where it was answered. */
export function openMoment(
  reminder: Pick<Reminder, 'when' | 'snoozedTo' | 'answered'>,
  action: Dated,
  settings: Pick<Settings, 'dayStartsAtMinute'>,
): LocalMoment | null {
  const moment = reminderMoment(reminder, action, settings)
  const answered = answeredMoment(reminder)
  return moment && answered && !isBefore(answered, moment) ? null : moment
}

/** The day on which a moment falls at the latest, to be snoozed to. */
export interface Snooze {
  readonly kind: 'tenMinutes' | 'hour' | 'evening' | 'tomorrow'
  readonly moment: LocalMoment
}

const evening = 18 * 60

/** When a reminder is usually snoozed to, seen from now. */
export function usualSnoozes(
  now: LocalMoment,
  { dayStartsAtMinute }: Pick<Settings, 'dayStartsAtMinute'>,
): Snooze[] {
  const tomorrow: CalendarDate = addDays(now.date, 1)
  return [
    { kind: 'tenMinutes', moment: minutesEarlier(now, -10) },
    { kind: 'hour', moment: minutesEarlier(now, -60) },
    ...(now.minute < evening - 60
      ? [{ kind: 'evening' as const, moment: { date: now.date, minute: evening } }]
      : []),
    { kind: 'tomorrow', moment: { date: tomorrow, minute: dayStartsAtMinute } },
  ]
}
