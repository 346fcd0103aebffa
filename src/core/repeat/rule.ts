// The rule by which something comes back. It is kept as the text of RFC 5545's RRULE; here it is read and written.
// Which days a rule gives is the work of days.ts.
import { calendarDateFrom, type CalendarDate } from '../time'

export const frequencies = ['daily', 'weekly', 'monthly', 'yearly'] as const
export type Frequency = (typeof frequencies)[number]

export interface RepeatRule {
  readonly frequency: Frequency
  /** Every how many days, weeks, months or years: 1 to `longestInterval`. */
  readonly interval: number
  /** Weekdays, `0` Monday to `6` Sunday, in order. */
  readonly weekdays: readonly number[]
  /** Which of these weekdays in a month: `1` the first to `4`, `-1` the last; null for each of them. */
  readonly nth: number | null
  /** Of all these weekdays in a month together only the first or the last: "the last working day"; null for each. */
  readonly ofMonth: 'first' | 'last' | null
  /** Days of the month, 1 to 31; `-1` is the last. */
  readonly monthDays: readonly number[]
  /** In a month that has no such day, a single 29, 30 or 31 falls on its last one instead of being left out. */
  readonly orLast: boolean
  /** Months of the year, 1 to 12. */
  readonly months: readonly number[]
  /** The last day it may come back on. */
  readonly until: CalendarDate | null
  /** How often in all. */
  readonly times: number | null
}

export const longestInterval = 999
export const mostTimes = 9999

export const everyDay: RepeatRule = {
  frequency: 'daily',
  interval: 1,
  weekdays: [],
  nth: null,
  ofMonth: null,
  monthDays: [],
  orLast: false,
  months: [],
  until: null,
  times: null,
}

const dayNames = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'] as const
const inOrder = (numbers: readonly number[]): number[] => [...new Set(numbers)].sort((a, b) => a - b)

/** As RFC 5545 says it: of the days from the 28th to this one that a month has, the last (BYSETPOS=-1). */
const daysTo = (day: number): number[] => [28, 29, 30, 31].filter((each) => each <= day)
const mayBeLast = (monthDays: readonly number[]): boolean =>
  monthDays.length === 1 && (monthDays[0] as number) > 28

/** The text of a rule: `FREQ=WEEKLY;INTERVAL=2;BYDAY=WE`. The same rule always gives the same text. */
export function toRuleText(rule: RepeatRule): string {
  const days = inOrder(rule.weekdays).map((day) => `${rule.nth ?? ''}${dayNames[day]}`)
  const isLast = rule.orLast && mayBeLast(rule.monthDays)
  const monthDays = isLast ? daysTo(rule.monthDays[0] as number) : inOrder(rule.monthDays)
  const parts: [string, string | number][] = [
    ['FREQ', rule.frequency.toUpperCase()],
    ...(rule.interval > 1 ? [['INTERVAL', rule.interval] as [string, number]] : []),
    ...(rule.months.length > 0 ? [['BYMONTH', inOrder(rule.months).join(',')] as [string, string]] : []),
    ...(monthDays.length > 0 ? [['BYMONTHDAY', monthDays.join(',')] as [string, string]] : []),
    ...(days.length > 0 ? [['BYDAY', days.join(',')] as [string, string]] : []),
    ...(isLast || rule.ofMonth ? [['BYSETPOS', rule.ofMonth === 'first' ? 1 : -1] as [string, number]] : []),
    ...(rule.until ? [['UNTIL', rule.until.replaceAll('-', '')] as [string, string]] : []),
    ...(rule.times === null ? [] : [['COUNT', rule.times] as [string, number]]),
  ]
  return parts.map(([name, value]) => `${name}=${value}`).join(';')
}

const within = (low: number, high: number) => (value: number) =>
  Number.isInteger(value) && value >= low && value <= high
const isMonthDay = (day: number) => day === -1 || within(1, 31)(day)

/** The number and weekday of `-1FR`; null for anything else. */
function dayOf(text: string): readonly [nth: number | null, weekday: number] | null {
  const parts = /^(-?\d)?([A-Z]{2})$/.exec(text)
  const weekday = dayNames.indexOf((parts?.[2] ?? '') as 'MO')
  if (!parts || weekday < 0) return null
  const nth = parts[1] === undefined ? null : Number(parts[1])
  return nth === null || nth === -1 || within(1, 4)(nth) ? [nth, weekday] : null
}

function untilOf(text: string | undefined): CalendarDate | null | undefined {
  if (text === undefined) return null
  const parts = /^(\d{4})(\d{2})(\d{2})$/.exec(text)
  return (parts && calendarDateFrom(Number(parts[1]), Number(parts[2]), Number(parts[3]))) ?? undefined
}

const ofMonthAt = (position: string): 'first' | 'last' => (position === '1' ? 'first' : 'last')

/** A rule from its text; null for what is no rule, and for rules that cannot be said here. */
export function parseRuleText(text: string): RepeatRule | null {
  const fields = new Map(text.split(';').map((part) => part.split('=', 2) as [string, string]))
  const numbersOf = (name: string) => fields.get(name)?.split(',').map(Number) ?? []
  const frequency = fields.get('FREQ')?.toLowerCase() as Frequency
  const interval = Number(fields.get('INTERVAL') ?? 1)
  const days = (fields.get('BYDAY')?.split(',') ?? []).map(dayOf)
  const [months, monthDays] = [numbersOf('BYMONTH'), numbersOf('BYMONTHDAY')]
  const position = fields.get('BYSETPOS')
  const isOfMonth = position !== undefined && monthDays.length === 0 && days.length > 0
  const orLast = position === '-1' && !isOfMonth
  const until = untilOf(fields.get('UNTIL'))
  const times = fields.has('COUNT') ? Number(fields.get('COUNT')) : null
  const isRule =
    frequencies.includes(frequency) &&
    within(1, longestInterval)(interval) &&
    days.every((day) => day !== null && day[0] === days[0]?.[0]) &&
    months.every(within(1, 12)) &&
    monthDays.every(isMonthDay) &&
    until !== undefined &&
    (times === null || within(1, mostTimes)(times))
  if (!isRule) return null
  const rule: RepeatRule = {
    frequency,
    interval,
    weekdays: days.map((day) => day?.[1] ?? 0),
    nth: days[0]?.[0] ?? null,
    ofMonth: isOfMonth ? ofMonthAt(position) : null,
    monthDays: orLast ? monthDays.slice(-1) : monthDays,
    orLast,
    months,
    until,
    times,
  }
  // A text with anything else in it, or in another order, would not come back as it was.
  return toRuleText(rule) === text ? rule : null
}
