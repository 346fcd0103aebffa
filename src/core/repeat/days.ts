// The days a rule gives, through rrule (RFC 5545). It counts in UTC, where a calendar day has no clock changes; the
// time of day is kept beside the rule and is the wall clock's, so no change of zone or clock moves it.
import { RRule } from 'rrule'
import { addDays, addMonths, daysBetween, weekdayOf, type CalendarDate } from '../time'
import { toRuleText, type RepeatRule } from './rule'

/** A rule with the day it is counted from, and the days that were skipped. */
export interface Series {
  readonly rule: RepeatRule
  readonly startsOn: CalendarDate
  readonly skips?: readonly CalendarDate[]
}

const monthsBetween = (from: CalendarDate, to: CalendarDate): number =>
  (Number(to.slice(0, 4)) - Number(from.slice(0, 4))) * 12 + Number(to.slice(5, 7)) - Number(from.slice(5, 7))

/** What a rule leaves to the day it is counted from, said in the rule itself. */
function explicit(rule: RepeatRule, startsOn: CalendarDate): RepeatRule {
  const day = Number(startsOn.slice(8))
  const hasDay = rule.weekdays.length > 0 || rule.monthDays.length > 0
  if (hasDay || rule.frequency === 'daily') return rule
  if (rule.frequency === 'weekly') return { ...rule, weekdays: [weekdayOf(startsOn)] }
  if (rule.frequency === 'monthly') return { ...rule, monthDays: [day] }
  const months = rule.months.length > 0 ? rule.months : [Number(startsOn.slice(5, 7))]
  return { ...rule, months, monthDays: [day] }
}

const longestMonths = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const

const earliest = (day: CalendarDate, ...others: readonly (CalendarDate | null)[]): CalendarDate =>
  others.reduce<CalendarDate>((least, other) => (other !== null && other < least ? other : least), day)

const firstOfMonth = (date: CalendarDate): CalendarDate => `${date.slice(0, 8)}01` as CalendarDate
const whole = (distance: number, interval: number): number => Math.floor(distance / interval) * interval

/**
 * A later day from which the rule gives the same days as from its own, no later than `from`: so that a rule of many
 * years is not counted through. A rule that comes so many times is counted from its beginning.
 */
function nearStart({ rule, startsOn }: Series, from: CalendarDate): CalendarDate {
  if (from <= startsOn || rule.times !== null) return startsOn
  const { frequency, interval } = rule
  const days = daysBetween(startsOn, from)
  if (frequency === 'daily') return addDays(startsOn, whole(days, interval))
  if (frequency === 'weekly') return addDays(startsOn, whole(days, interval * 7))
  const unit = frequency === 'monthly' ? interval : interval * 12
  const first =
    frequency === 'monthly' ? firstOfMonth(startsOn) : (`${startsOn.slice(0, 5)}01-01` as CalendarDate)
  const months = whole(monthsBetween(first, from), unit)
  return months <= 0 ? startsOn : addMonths(first, months)
}

/** Whether no month the rule names has one of its days: the 30th of February. */
const neverComes = ({ months, monthDays, orLast }: RepeatRule): boolean =>
  !orLast &&
  months.length > 0 &&
  monthDays.length > 0 &&
  !months.some((month) => monthDays.some((day) => day <= (longestMonths[month - 1] as number)))

/** How far is looked ahead, in years. A rule that has not come by then is said not to come. */
const yearsAhead = { daily: 60, weekly: 60, monthly: 400, yearly: 4000 } as const

function farthest(rule: RepeatRule, from: CalendarDate): CalendarDate {
  const year = Math.min(Number(from.slice(0, 4)) + yearsAhead[rule.frequency], 9999)
  return `${year}-12-31` as CalendarDate
}

const utc = (date: CalendarDate): Date => new Date(`${date}T00:00:00Z`)

/** The days of a rule from `from` on, up to `to` and no more than `most`. None where the rule never comes. */
function daysFrom(series: Series, from: CalendarDate, to: CalendarDate | null, most: number): CalendarDate[] {
  const { startsOn, skips = [] } = series
  const rule = explicit(series.rule, startsOn)
  const dtstart = nearStart({ rule, startsOn }, from)
  const last = earliest(farthest(rule, from), to, rule.until)
  const found: CalendarDate[] = []
  if (most < 1 || last < dtstart || neverComes(rule)) return found
  const options = RRule.parseString(toRuleText({ ...rule, until: null }))
  new RRule({ ...options, dtstart: utc(dtstart), until: utc(last) }, true).all((date) => {
    const day = date.toISOString().slice(0, 10) as CalendarDate
    if (day >= from && !skips.includes(day)) found.push(day)
    return found.length < most
  })
  return found
}

/** The next `count` days after `after`. */
export const daysAfter = (series: Series, after: CalendarDate, count: number): CalendarDate[] =>
  daysFrom(series, addDays(after, 1), null, count)

/** The days from `from` to `to`, both included, and no more than `most`. */
export const daysWithin = (
  series: Series,
  from: CalendarDate,
  to: CalendarDate,
  most = 1000,
): CalendarDate[] => daysFrom(series, from, to, most)

/** The first day on or after `from` that a rule gives, counted from that day; null where it gives none. */
export const firstOn = (rule: RepeatRule, from: CalendarDate): CalendarDate | null =>
  daysFrom({ rule: { ...rule, times: null }, startsOn: from }, from, null, 1)[0] ?? null

/**
 * The day on which something comes next. By the calendar: the first day of the rule after the one it stands for, and
 * after today, so that what was missed does not pile up. From when it was done: the first after today, counted from it.
 */
export function nextOccurrence(
  series: Series & { readonly fromDone: boolean },
  turn: CalendarDate,
  today: CalendarDate,
): CalendarDate | null {
  if (series.fromDone)
    return daysAfter({ rule: { ...series.rule, times: null }, startsOn: today }, today, 1)[0] ?? null
  return daysAfter(series, turn > today ? turn : today, 1)[0] ?? null
}

/** How many days of a rule have passed unkept: from the one it stands for to the last one before the latest. */
export const missedBy = (series: Series, turn: CalendarDate, today: CalendarDate): number =>
  turn >= today ? 0 : daysWithin(series, addDays(turn, 1), today).length
