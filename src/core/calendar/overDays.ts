// Events over several days in a row, as a month shows them: what has its hours under its day, what takes whole days as
// a bar from its first day to its last.
import { addDays, epochMsAt, type CalendarDate } from '../time'
import type { ShownEvent } from './calendarReader'

type Times = Pick<ShownEvent, 'fromEpochMs' | 'toEpochMs' | 'isAllDay'>

/** From one day to another, both counted from the first day shown; it may begin before that, or go on after the last. */
export interface Bar<E> {
  readonly event: E
  readonly from: number
  readonly to: number
}

export interface OverDays<E> {
  /** Events with hours, by the days they touch. */
  readonly timed: readonly (readonly E[])[]
  /** Events of whole days, and those that go on for a day or longer, in the order they begin. */
  readonly bars: readonly Bar<E>[]
}

const dayMs = 86_400_000

/** The last of the instants that is not after `epochMs`; -1 before all of them. */
function lastNotAfter(instants: readonly number[], epochMs: number): number {
  let [low, high] = [-1, instants.length - 1]
  while (low < high) {
    const middle = Math.ceil((low + high) / 2)
    if ((instants[middle] as number) <= epochMs) low = middle
    else high = middle - 1
  }
  return low
}

/** Events laid over days that follow one another. One pass, however many they are. */
export function laidOverDays<E extends Times>(
  events: readonly E[],
  dates: readonly CalendarDate[],
  zone: string,
): OverDays<E> {
  const [first, last] = [dates[0], dates.at(-1)]
  const timed: E[][] = dates.map(() => [])
  const bars: Bar<E>[] = []
  if (first === undefined || last === undefined) return { timed, bars }
  const begins = [...dates, addDays(last, 1)].map((date) => epochMsAt({ date, minute: 0 }, zone))
  for (const event of events) {
    const { fromEpochMs, toEpochMs, isAllDay } = event
    // What ends at midnight does not touch the day after.
    const end = Math.max(fromEpochMs, toEpochMs - 1)
    const from = Math.max(0, lastNotAfter(begins, fromEpochMs))
    const to = Math.min(dates.length - 1, lastNotAfter(begins, end))
    if (to < 0 || fromEpochMs >= (begins[dates.length] as number)) continue
    if (isAllDay || toEpochMs - fromEpochMs >= dayMs) bars.push({ event, from, to })
    else for (let day = from; day <= to; day++) timed[day]?.push(event)
  }
  return { timed, bars }
}

/** A bar within one row of days, and how many bars lie above it. */
export interface LaidBar<E> extends Bar<E> {
  readonly lane: number
  /** Whether it began before this row, and whether it goes on after it. */
  readonly isBegun: boolean
  readonly goesOn: boolean
}

/** The part of the bars within the row of `length` days from the day `first` on: no two in one lane share a day. */
export function barsInRow<E>(bars: readonly Bar<E>[], first: number, length: number): LaidBar<E>[] {
  const last = first + length - 1
  const freeFrom: number[] = []
  const within = bars.filter(({ from, to }) => from <= last && to >= first)
  // The longer of two that begin together lies above.
  const inOrder = [...within].sort((a, b) => a.from - b.from || b.to - a.to)
  return inOrder.map(({ event, from, to }) => {
    const [begins, ends] = [Math.max(from, first), Math.min(to, last)]
    const free = freeFrom.findIndex((day) => day <= begins)
    const lane = free < 0 ? freeFrom.length : free
    freeFrom[lane] = ends + 1
    return { event, from: begins - first, to: ends - first, lane, isBegun: from < first, goesOn: to > last }
  })
}
