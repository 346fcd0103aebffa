// How fast something goes on: the minutes done in each of the last weeks, read off the done record.
import { addDays, epochMsAt, type CalendarDate } from '../time'

/** So many weeks tell the pace that is said. */
export const paceWeeks = 4
/** So many weeks, the present one with them, are drawn from to tell when something will be over. */
export const weeksLookedAt = 12

const fewestWeeks = 4
const fewestDone = 5

export interface DonePart {
  readonly doneAtEpochMs: number
  /** As long as it took, else as it was estimated. */
  readonly minutes: number
}

/** Where the last weeks begin and end, the earliest first; a week is seven days by the wall clock of `zone`. */
export const weekEdges = (today: CalendarDate, zone: string, weeks: number): number[] =>
  Array.from({ length: weeks + 1 }, (_, at) =>
    epochMsAt({ date: addDays(today, 1 - 7 * (weeks - at)), minute: 0 }, zone),
  )

/**
 * The minutes done in each of the weeks between some edges, the earliest first. Weeks before anything was done are left
 * out: it had not begun.
 */
export function weeklyMinutes(done: readonly DonePart[], edges: readonly number[]): number[] {
  const minutes = edges.slice(1).map(() => 0)
  let hasEarlier = false
  for (const part of done) {
    if (part.doneAtEpochMs < (edges[0] as number)) hasEarlier = true
    // Most is done in the last weeks.
    let week = minutes.length - 1
    while (week >= 0 && part.doneAtEpochMs < (edges[week] as number)) week--
    if (week >= 0 && part.doneAtEpochMs < (edges[week + 1] as number))
      minutes[week] = (minutes[week] as number) + part.minutes
  }
  const first = hasEarlier ? 0 : minutes.findIndex((each) => each > 0)
  return first < 0 ? [] : minutes.slice(first)
}

/** Whether so many weeks and done things say anything of what is to come. */
export const enoughToTell = (weeks: readonly number[], doneCount: number): boolean =>
  weeks.length >= fewestWeeks && doneCount >= fewestDone && weeks.some((minutes) => minutes > 0)
