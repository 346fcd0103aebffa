// Rules of days, hours and minutes: their periods are all equally long on a wall clock, so they are stepped through,
// and what is asked of them ends with the span that is asked for. The library would go on to the end of its years for
// a rule that never comes.
import { RRule, type Weekday } from 'rrule'
import { listOf, type Parsed, type WallMs } from './rule'

const secondMs = 1000
const minuteMs = 60 * secondMs
const hourMs = 60 * minuteMs
const dayMs = 24 * hourMs
const stepMs: Readonly<Record<number, number>> = {
  [RRule.DAILY]: dayMs,
  [RRule.HOURLY]: hourMs,
  [RRule.MINUTELY]: minuteMs,
}
/** So many periods are looked at for one question; what is beyond does not come. */
const mostSteps = 1_000_000

/** How long its periods are; null where they differ. */
export const evenStepOf = ({ freq, interval = 1 }: Parsed): number | null => {
  const step = stepMs[freq]
  return step === undefined ? null : step * interval
}

type Passes = (date: Date) => boolean

/** One of the numbers, the negative ones counted from the end. */
const among = (numbers: readonly number[], value: number, of: number): boolean =>
  numbers.includes(value) || numbers.includes(value - of - 1)

const yearOf = (date: Date): number => Date.UTC(date.getUTCFullYear(), 0, 1)
const daysIn = (from: number, to: number): number => Math.round((to - from) / dayMs)
const weekdayNumber = (day: number | string | Weekday): number =>
  typeof day === 'object' ? day.weekday : Number(day)

/** What a period must be to count (section 3.3.10: each part limits what is at least as long as it). */
function limitsOf(rule: Parsed): Passes {
  const { freq } = rule
  const months = listOf<number>(rule.bymonth)
  const monthDays = listOf<number>(rule.bymonthday)
  const yearDays = listOf<number>(rule.byyearday)
  const weekdays = listOf<number | string | Weekday>(rule.byweekday as never).map(weekdayNumber)
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
  if (weekdays.length > 0) tests.push((date) => weekdays.includes((date.getUTCDay() + 6) % 7))
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
  const hours = rule.freq === RRule.DAILY ? orOwn(rule.byhour, start.getUTCHours()) : [0]
  const minutes = rule.freq === RRule.MINUTELY ? [0] : orOwn(rule.byminute, start.getUTCMinutes())
  const seconds = orOwn(rule.bysecond, start.getUTCSeconds())
  const times = hours.flatMap((hour) =>
    minutes.flatMap((minute) =>
      seconds.map((second) => hour * hourMs + minute * minuteMs + second * secondMs),
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
  const unit = stepMs[rule.freq] as number
  const passes = limitsOf(rule)
  const times = timesIn(rule, startsAt)
  const first = Math.floor(startsAt / unit) * unit
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
