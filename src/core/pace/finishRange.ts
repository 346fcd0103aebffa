// When something will be over at the pace it has had: a thousand runs, each drawing its weeks to come from those that
// were. Source: the bootstrap (B. Efron, "Bootstrap Methods: Another Look at the Jackknife", Annals of Statistics 7,
// 1979), drawn with replacement, week by week.
import { makeRandom, type Random } from '../random'
import { addDays, type CalendarDate } from '../time'

/** Further than that nothing is told. */
const mostWeeks = 104
/** A tenth of the runs are over before the range, a tenth after it. */
const [early, late] = [0.1, 0.9]

export interface FinishAsked {
  /** What it is asked for. */
  readonly key: string
  readonly toDoMinutes: number
  /** The minutes of each week that was. */
  readonly weeks: readonly number[]
}

export interface FinishRange {
  readonly from: CalendarDate
  /** Null where it is further than two years. */
  readonly to: CalendarDate | null
}

/** The days one run takes; `Infinity` where it is not over within two years. */
function daysOfRun(toDoMinutes: number, weeks: readonly number[], random: Random): number {
  let left = toDoMinutes
  for (let week = 0; week < mostWeeks; week++) {
    const minutes = weeks[Math.floor(random() * weeks.length)] as number
    if (minutes >= left) return 7 * (week + left / minutes)
    left -= minutes
  }
  return Infinity
}

/** The days between which it will be over in eight runs of ten; null where even the first of them takes two years. */
export function finishRange(
  { toDoMinutes, weeks }: Pick<FinishAsked, 'toDoMinutes' | 'weeks'>,
  today: CalendarDate,
  random: Random,
  runs = 1000,
): FinishRange | null {
  if (toDoMinutes <= 0 || !weeks.some((minutes) => minutes > 0)) return null
  // Each run draws for itself, so that it takes no less time where there is more to do.
  const draws = () => makeRandom(Math.floor(random() * 2 ** 32))
  const days = Float64Array.from({ length: runs }, () => daysOfRun(toDoMinutes, weeks, draws())).sort()
  const at = (share: number) => days[Math.min(runs - 1, Math.floor(share * runs))] as number
  const [first, last] = [at(early), at(late)]
  if (first === Infinity) return null
  return {
    from: addDays(today, Math.ceil(first)),
    to: last === Infinity ? null : addDays(today, Math.ceil(last)),
  }
}
