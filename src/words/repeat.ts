// Rules and reminders in words, as they are read back to the person who said them.
import type { Snooze } from '@/core/reminder'
import { parseRuleText, type RepeatRule } from '@/core/repeat'
import type { Reminder, Repeat } from '@/core/record'
import type { NewAction } from '@/state'
import { addDays, calendarDateUnsafe, type CalendarDate } from '@/core/time'
import { count } from './counts'
import { dayMonth, duration, longDate, nearDate } from './dates'

const monday = calendarDateUnsafe('2026-03-09')
const dayName = (weekday: number): string => longDate(addDays(monday, weekday)).split(/[ ,]/)[0] as string
const nthWords: Readonly<Record<number, string>> = {
  1: 'first',
  2: 'second',
  3: 'third',
  4: 'fourth',
  [-1]: 'last',
}

const listed = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

function ordinal(day: number): string {
  if (day === -1) return 'last day'
  const ending = { 1: 'st', 2: 'nd', 3: 'rd' }[day % 100 > 10 && day % 100 < 14 ? 0 : day % 10] ?? 'th'
  return `${day}${ending}`
}

/** "day", or "days" where there are several between. */
export const unitWords = (frequency: RepeatRule['frequency'], interval: number): string =>
  interval === 1 ? units[frequency] : `${units[frequency]}s`

/** The weekdays from the one a week begins with. */
export const weekdayNames = (startsOn: number) =>
  [0, 1, 2, 3, 4, 5, 6].map((ahead) => {
    const weekday = (startsOn + ahead) % 7
    return { weekday, name: dayName(weekday), short: dayName(weekday).slice(0, 2) }
  })

const units = { daily: 'day', weekly: 'week', monthly: 'month', yearly: 'year' } as const

function everyWords({ frequency, interval }: RepeatRule): string {
  const unit = units[frequency]
  if (interval === 1) return `every ${unit}`
  return interval === 2 ? `every other ${unit}` : `every ${interval} ${unit}s`
}

const isWorkingWeek = (days: readonly number[]): boolean => days.join() === '0,1,2,3,4'

function weeklyWords(rule: RepeatRule): string {
  if (rule.weekdays.length === 0) return everyWords(rule)
  if (isWorkingWeek(rule.weekdays) && rule.interval === 1) return 'every weekday'
  const days = listed(rule.weekdays.map(dayName))
  if (rule.interval === 1) return `every ${days}`
  return rule.interval === 2 ? `every other ${days}` : `${everyWords(rule)} on ${days}`
}

/** What becomes of it in a month that has no such day. */
function missingDayWords({ monthDays, months, orLast }: RepeatRule): string {
  const [day, ...others] = monthDays
  const mayLack = day !== undefined && day > 28 && others.length === 0
  if (!mayLack || months.some((month) => month !== 2)) return ''
  return orLast ? ' or the last day' : ' where there is one'
}

const onWords = (rule: RepeatRule): string => dayWords(rule) + missingDayWords(rule)

function dayWords(rule: RepeatRule): string {
  if (rule.frequency === 'yearly' && rule.months.length > 0 && rule.monthDays.length > 0) {
    const [month, day] = [rule.months[0] as number, rule.monthDays[0] as number]
    return ` on ${dayMonth(`2028-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}` as CalendarDate)}`
  }
  if (rule.ofMonth !== null) {
    const day = isWorkingWeek(rule.weekdays) ? 'working day' : listed(rule.weekdays.map(dayName))
    return ` on the ${rule.ofMonth} ${day}`
  }
  if (rule.nth !== null) return ` on the ${nthWords[rule.nth]} ${listed(rule.weekdays.map(dayName))}`
  return rule.monthDays.length > 0 ? ` on the ${rule.monthDays.map(ordinal).join(' and ')}` : ''
}

/** "every other Wednesday, 10:00", "every 6 weeks once it is done", "every day, 10 times". */
export function ruleWords(
  rule: RepeatRule,
  { fromDone, time }: Pick<Repeat, 'fromDone' | 'time'>,
  today: CalendarDate,
): string {
  const base = rule.frequency === 'weekly' ? weeklyWords(rule) : everyWords(rule) + onWords(rule)
  const year = (date: CalendarDate) => (date.slice(0, 4) === today.slice(0, 4) ? '' : ` ${date.slice(0, 4)}`)
  return [
    base + (fromDone ? ' once it is done' : ''),
    time,
    rule.times === null ? null : count(rule.times, 'time'),
    rule.until && `until ${dayMonth(rule.until)}${year(rule.until)}`,
  ]
    .filter(Boolean)
    .join(', ')
}

/** As kept; a rule of a later version that cannot be said here is told plainly. */
export function repeatWords(repeat: Pick<Repeat, 'rule' | 'fromDone' | 'time'>, today: CalendarDate): string {
  const rule = parseRuleText(repeat.rule)
  return rule ? ruleWords(rule, repeat, today) : 'comes back'
}

function daysBeforeWords(days: number): string {
  if (days === 0) return 'on the day'
  if (days === 1) return 'the day before'
  return days % 7 === 0 ? `${count(days / 7, 'week')} before` : `${count(days, 'day')} before`
}

export function reminderWords(when: Reminder['when'], today: CalendarDate): string {
  switch (when.kind) {
    case 'at':
      return `remind me ${nearDate(when.date, today)}${when.time ? `, ${when.time}` : ''}`
    case 'daysBefore':
      return `remind me ${daysBeforeWords(when.days)}${when.time ? `, ${when.time}` : ''}`
    case 'minutesBefore':
      if (when.minutes === 0) return 'remind me at the time'
      return `remind me ${duration(when.minutes)} before`
  }
}

/** The same as a sentence says it, to be said again: what is told of a rule or a reminder reads back as it. */
export const asSaid = (told: string): string =>
  told.replace(/, (\d{1,2}:\d{2})/g, ' at $1').replace(/, (?=\d+ times?\b|until )/g, ' ')

/** What comes with a new action as records of its own. */
export const comesWithWords = (
  { steps = [], repeat, reminders = [] }: Pick<NewAction, 'steps' | 'repeat' | 'reminders'>,
  today: CalendarDate,
): string[] => [
  ...(repeat ? [repeatWords(repeat, today)] : []),
  ...reminders.map((when) => reminderWords(when, today)),
  ...(steps.length > 0 ? [count(steps.length, 'step')] : []),
]

/** To when a reminder is usually snoozed. */
export const snoozeWords: Readonly<Record<Snooze['kind'], string>> = {
  tenMinutes: 'in 10 minutes',
  hour: 'in an hour',
  evening: 'this evening',
  tomorrow: 'tomorrow',
}
