// The days a rule gives. They are counted in UTC, where a calendar day has no clock changes; the
// time of day is kept beside the rule and is the wall clock's, so no change of zone or clock moves it.
import { wallsBetween, type WallMs } from '../recurrence'
import { addDays, type CalendarDate } from '../time'
import { toRuleText, type RepeatRule } from './rule'

/** A rule with the day it is counted from, and the days that were skipped. */
export interface Series {
  readonly rule: RepeatRule
  readonly startsOn: CalendarDate
  readonly skips?: readonly CalendarDate[]
}

const longestMonths = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const

const earliest = (day: CalendarDate, ...others: readonly (CalendarDate | null)[]): CalendarDate =>
  others.reduce<CalendarDate>((least, other) => (other !== null && other < least ? other : least), day)

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

const wallOf = (date: CalendarDate): WallMs => Date.parse(`${date}T00:00:00Z`)
const dateOf = (wall: WallMs): CalendarDate => new Date(wall).toISOString().slice(0, 10) as CalendarDate

/** The days of a rule from `from` on, up to `to` and no more than `most`. None where the rule never comes. */
function daysFrom(series: Series, from: CalendarDate, to: CalendarDate | null, most: number): CalendarDate[] {
  const { rule, startsOn, skips = [] } = series
  const last = earliest(farthest(rule, from), to, rule.until)
  if (most < 1 || last < from || neverComes(rule)) return []
  const recurrence = {
    rule: toRuleText({ ...rule, until: null }),
    startsAt: wallOf(startsOn),
    until: wallOf(last),
  }
  return wallsBetween(recurrence, wallOf(from), wallOf(last), most + skips.length)
    .map(dateOf)
    .filter((day) => !skips.includes(day))
    .slice(0, most)
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
