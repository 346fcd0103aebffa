// Where in a day a task can begin: the rules that are never broken.
import type { Gap, LayoutAsked, Place, Task } from './task'

/** What is planned begins at a multiple of so many minutes. */
const step = 5
/** After so long without one, a break. */
const longestStretch = 90
const breakMinutes = 10

const up = (minute: number): number => Math.ceil(minute / step) * step

/** Where one is in the search: in which gap, when, where, and since when without a break. */
export interface Spot {
  readonly gap: number
  readonly minute: number
  readonly place: Place | undefined
  readonly since: number
}

/** Minutes between two places; none where it is the same, or nothing is known of one. */
export function minutesBetween(
  from: Place | undefined,
  to: Place | undefined,
  minutesTo: LayoutAsked['minutesTo'],
): number {
  if (from === undefined || to === undefined || from === to) return 0
  return Math.max(from === null ? 0 : (minutesTo[from] ?? 0), to === null ? 0 : (minutesTo[to] ?? 0))
}

export const beginningOf = (gaps: readonly Gap[], gap: number): Spot => {
  const { from, placeBefore } = gaps[gap] as Gap
  return { gap, minute: from, place: placeBefore, since: from }
}

/** When a task can begin at the earliest in the gap one is in, from where one is; null where it cannot. */
export function earliestStart(task: Task, spot: Spot, { gaps, minutesTo }: LayoutAsked): number | null {
  const gap = gaps[spot.gap] as Gap
  const isWorn = spot.minute - spot.since >= longestStretch
  const there = spot.minute + minutesBetween(spot.place, task.place, minutesTo)
  const rested = isWorn ? Math.max(there, spot.minute + breakMinutes) : there
  const last = Math.min(
    gap.to - minutesBetween(task.place, gap.placeAfter, minutesTo),
    task.dueMinute ?? Infinity,
  )
  for (const { from, to } of task.atHand) {
    const start = up(Math.max(rested, from))
    if (start + task.minutes <= Math.min(last, to)) return start
  }
  return null
}

/** Where one is once a task is done that began at `start`. */
export const behind = (task: Task, start: number, spot: Spot): Spot => ({
  gap: spot.gap,
  minute: start + task.minutes,
  place: task.place,
  since: start - spot.minute >= breakMinutes ? start : spot.since,
})
