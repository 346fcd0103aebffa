// Rules of weeks, days, hours and minutes: their periods are all equally long on a wall clock, so they are stepped through,
// and what is asked of them ends with the span that is asked for. The library would go on to the end of its years for
// a rule that never comes.
import { RRule, type Weekday } from 'rrule'
import { listOf, type Parsed, type WallMs } from './rule'

const secondMs = 1000
const minuteMs = 60 * secondMs
const hourMs = 60 * minuteMs
const dayMs = 24 * hourMs
const weekMs = 7 * dayMs
const stepMs: Readonly<Record<number, number>> = {
  [RRule.WEEKLY]: weekMs,
  [RRule.DAILY]: dayMs,
  [RRule.HOURLY]: hourMs,
  [RRule.MINUTELY]: minuteMs,
}
/** So many periods are looked at for one question; what is beyond does not come. */
const mostSteps = 1_000_000

/** Parts that single days of a week must pass: such a rule is the library's. */
const limitsDays = ({ bymonth, bymonthday, byyearday, byweekno, bysetpos, byeaster }: Parsed): boolean =>
  [bymonth, bymonthday, byyearday, byweekno, bysetpos, byeaster].some(
    (part) => listOf<unknown>(part).length > 0,
  )

/** How long its periods are; null where they differ. */
export const evenStepOf = (rule: Parsed): number | null => {
  const step = rule.freq === RRule.WEEKLY && limitsDays(rule) ? undefined : stepMs[rule.freq]
  return step === undefined ? null : step * (rule.interval ?? 1)
}

type Passes = (date: Date) => boolean

/** One of the numbers, the negative ones counted from the end. */
const among = (numbers: readonly number[], value: number, of: number): boolean =>
  numbers.includes(value) || numbers.includes(value - of - 1)

const yearOf = (date: Date): number => Date.UTC(date.getUTCFullYear(), 0, 1)
const daysIn = (from: number, to: number): number => Math.round((to - from) / dayMs)
const weekdayNumber = (day: number | string | Weekday): number =>
  typeof day === 'object' ? day.weekday : Number(day)

const weekdaysOf = ({ byweekday }: Parsed): readonly number[] =>
  listOf<number | string | Weekday>(byweekday as never).map(weekdayNumber)
/** 0 is Monday. */
const weekdayAt = (wall: WallMs): number => (new Date(wall).getUTCDay() + 6) % 7

/** The week of a rule begins on WKST, on Monday where it says none. */
const weekBegins = ({ wkst }: Parsed): number => weekdayNumber(wkst ?? 0)

/** When the period that holds a moment began. */
function periodOf(rule: Parsed, wall: WallMs): WallMs {
  if (rule.freq !== RRule.WEEKLY) {
    const unit = stepMs[rule.freq] as number
    return Math.floor(wall / unit) * unit
  }
  const day = Math.floor(wall / dayMs) * dayMs
  return day - ((weekdayAt(day) - weekBegins(rule) + 7) % 7) * dayMs
}

/** What a period must be to count (section 3.3.10: each part limits what is at least as long as it). */
function limitsOf(rule: Parsed): Passes {
  const { freq } = rule
  if (freq === RRule.WEEKLY) return () => true
  const months = listOf<number>(rule.bymonth)
  const monthDays = listOf<number>(rule.bymonthday)
  const yearDays = listOf<number>(rule.byyearday)
  const weekdays = weekdaysOf(rule)
  const hours = freq === RRule.DAILY ? [] : listOf<number>(rule.byhour)
  const minutes = freq === RRule.MINUTELY ? listOf<number>(rule.byminute) : []
  const tests: Passes[] = []
  if (months.length > 0) tests.push((date) => months.includes(date.getUTCMonth() + 1))
  if (monthDays.length > 0)
    tests.push((date) => {
      const last = new Date(Date.UTC(date.getUTCFullYear(), date.getUTCMonth() + 1, 0)).getUTCDate()
      return among(monthDays, date.getUTCDate(), last)
    })
  if (yearDays.length > 0)
    tests.push((date) => {
      const first = yearOf(date)
      const length = daysIn(first, Date.UTC(date.getUTCFullYear() + 1, 0, 1))
      return among(yearDays, Math.floor((date.getTime() - first) / dayMs) + 1, length)
    })
  if (weekdays.length > 0) tests.push((date) => weekdays.includes(weekdayAt(date.getTime())))
  if (hours.length > 0) tests.push((date) => hours.includes(date.getUTCHours()))
  if (minutes.length > 0) tests.push((date) => minutes.includes(date.getUTCMinutes()))
  return (date) => tests.every((passes) => passes(date))
}

/** The moments within a period, after its beginning, in order. */
function timesIn(rule: Parsed, startsAt: WallMs): readonly number[] {
  const start = new Date(startsAt)
  const orOwn = (part: Parsed['byhour'], own: number): readonly number[] => {
    const list = listOf<number>(part)
    return list.length > 0 ? list : [own]
  }
  const ofWeek = weekdaysOf(rule).length > 0 ? weekdaysOf(rule) : [weekdayAt(startsAt)]
  const days = rule.freq === RRule.WEEKLY ? ofWeek.map((day) => (day - weekBegins(rule) + 7) % 7) : [0]
  const takesHours = rule.freq === RRule.DAILY || rule.freq === RRule.WEEKLY
  const hours = takesHours ? orOwn(rule.byhour, start.getUTCHours()) : [0]
  const minutes = rule.freq === RRule.MINUTELY ? [0] : orOwn(rule.byminute, start.getUTCMinutes())
  const seconds = orOwn(rule.bysecond, start.getUTCSeconds())
  const times = days.flatMap((day) =>
    hours.flatMap((hour) =>
      minutes.flatMap((minute) =>
        seconds.map((second) => day * dayMs + hour * hourMs + minute * minuteMs + second * secondMs),
      ),
    ),
  )
  const inOrder = [...new Set(times)].sort((a, b) => a - b)
  const positions = listOf<number>(rule.bysetpos)
  return positions.length === 0
    ? inOrder
    : inOrder.filter((_, at) => among(positions, at + 1, inOrder.length))
}

/** The moments of the rule from `from` to `to`, no more than `most`. */
export function evenSteps(rule: Parsed, startsAt: WallMs, from: WallMs, to: WallMs, most: number): WallMs[] {
  const step = evenStepOf(rule) as number
  const passes = limitsOf(rule)
  const times = timesIn(rule, startsAt)
  const first = periodOf(rule, startsAt)
  // What comes so many times is counted from its beginning.
  let left = rule.count ?? Infinity
  const skipped = left === Infinity && from > startsAt ? Math.floor((from - first) / step) : 0
  const found: WallMs[] = []
  let period = first + skipped * step
  for (let steps = 0; period <= to && steps < mostSteps; steps++, period += step) {
    if (!passes(new Date(period))) continue
    for (const time of times) {
      const wall = period + time
      if (wall < startsAt) continue
      if (wall > to || left-- <= 0) return found
      if (wall >= from) found.push(wall)
      if (found.length >= most) return found
    }
  }
  return found
}
