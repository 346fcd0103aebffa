// What a rule of RFC 5545 (RRULE, section 3.3.10) gives between two moments. It counts on a wall clock, where no day is
// shorter than another; which instants these are is the zone's to say. A rule is counted from near the moment that is
// asked for, not through all its years. Months and years are rrule's work.
import { RRule } from 'rrule'
import { evenStepOf, evenSteps } from './evenSteps'
import { comesTooOften, listOf, parsedRule, type Parsed, type WallMs } from './rule'

export interface Recurrence {
  /** The text after `RRULE:`, without UNTIL: that is an instant in most files. */
  readonly rule: string
  readonly startsAt: WallMs
  /** The last moment it may give; null where it has none. */
  readonly until: WallMs | null
}

const dayMs = 86_400_000
const weekMs = 7 * dayMs
/** After so many years the calendar is the same again, weekdays and all. */
const cycleYears = 400
const cycleMs = 146_097 * dayMs
const lastYear = 9999

/** What a rule leaves to the moment it begins at, said in the rule itself: it may then be counted from another. */
function explicit(rule: Parsed, startsAt: WallMs): Parsed {
  const hasDay = [rule.byweekno, rule.byyearday, rule.bymonthday, rule.byweekday, rule.byeaster].some(
    (part) => listOf<unknown>(part).length > 0,
  )
  if (hasDay) return rule
  const start = new Date(startsAt)
  if (rule.freq === RRule.WEEKLY) return { ...rule, byweekday: [(start.getUTCDay() + 6) % 7] }
  const bymonthday = [start.getUTCDate()]
  if (rule.freq === RRule.MONTHLY) return { ...rule, bymonthday }
  return { ...rule, bymonth: rule.bymonth ?? [start.getUTCMonth() + 1], bymonthday }
}

/** A later moment, no later than `from`, from which the rule gives the same as from its own. */
function nearStart({ freq, interval = 1, count }: Parsed, startsAt: WallMs, from: WallMs): WallMs {
  // What comes so many times is counted from its beginning.
  if (from <= startsAt || typeof count === 'number') return startsAt
  if (freq === RRule.WEEKLY) {
    const step = weekMs * interval
    return startsAt + Math.floor((from - startsAt) / step) * step
  }
  const [start, end] = [new Date(startsAt), new Date(from)]
  const years = end.getUTCFullYear() - start.getUTCFullYear()
  const isYearly = freq === RRule.YEARLY
  const passed = isYearly ? years : years * 12 + end.getUTCMonth() - start.getUTCMonth()
  const whole = Math.floor(passed / interval) * interval
  if (whole <= 0) return startsAt
  const first = isYearly
    ? Date.UTC(start.getUTCFullYear() + whole, 0, 1)
    : Date.UTC(start.getUTCFullYear(), start.getUTCMonth() + whole, 1)
  return first + (((startsAt % dayMs) + dayMs) % dayMs)
}

/**
 * Through the library, near the last of its years: it counts on to there for a rule that never comes, and near it that
 * is soon.
 */
function counted(parsed: Parsed, startsAt: WallMs, from: WallMs, to: WallMs, most: number): WallMs[] {
  const rule = explicit(parsed, startsAt)
  const cycles = Math.max(0, Math.floor((lastYear - 1 - new Date(to).getUTCFullYear()) / cycleYears))
  const ahead = cycles * cycleMs
  const dtstart = new Date(nearStart(rule, startsAt, from) + ahead)
  const found: WallMs[] = []
  new RRule({ ...rule, tzid: null, dtstart, until: new Date(to + ahead) }, true).all((date) => {
    const wall = date.getTime() - ahead
    if (wall >= from && wall >= startsAt) found.push(wall)
    return found.length < most
  })
  return found
}

/**
 * The moments of a rule from `from` to `to`, both included, in order and no more than `most`. None where it is no rule,
 * or comes too often. Its own beginning is among them only where the rule gives it.
 */
export function wallsBetween(
  { rule: text, startsAt, until }: Recurrence,
  from: WallMs,
  to: WallMs,
  most: number,
): WallMs[] {
  const rule = parsedRule(text)
  const last = Math.min(to, until ?? to)
  if (!rule || comesTooOften(rule) || most < 1 || last < startsAt) return []
  const way = evenStepOf(rule) === null ? counted : evenSteps
  return way(rule, startsAt, from, last, most)
}
