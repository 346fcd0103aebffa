// How a goal moves: what was done toward it lately, and which of its projects stand still. Read off what is done,
// never kept.
import type { Action, Project } from '../record'
import { addDays, type CalendarDate } from '../time'

/** So many weeks are looked back on. */
export const weeksBack = 4

export interface GoalMoves {
  /** Of the actions done toward it (see `minutesDone`). */
  readonly minutes: number
  readonly done: number
  /** Its projects that were finished in these weeks. */
  readonly finished: readonly Project[]
  /** Its open projects in which nothing was done. */
  readonly still: readonly Project[]
}

interface MovesFrom {
  /** The projects that point at it, and those of the areas that do. */
  readonly projects: readonly Project[]
  /** The actions done in those projects and areas within the weeks looked back on. */
  readonly done: readonly Action[]
  readonly doneMinutes: number
  /** The first moment of those weeks. */
  readonly sinceEpochMs: number
}

export function howItMoves({ projects, done, doneMinutes, sinceEpochMs }: MovesFrom): GoalMoves {
  const moved = new Set(done.map(({ projectId }) => projectId))
  return {
    minutes: doneMinutes,
    done: done.length,
    finished: projects.filter(
      ({ state, closedAtEpochMs }) => state === 'finished' && (closedAtEpochMs ?? 0) >= sinceEpochMs,
    ),
    // One that was begun within these weeks has had no time to stand still.
    still: projects.filter(
      ({ id, state, createdAtEpochMs }) =>
        state === 'open' && !moved.has(id) && createdAtEpochMs < sinceEpochMs,
    ),
  }
}

/** The day a goal is to be looked at again: so many weeks after it was last said how it stands, or was set. */
export const lookOn = (everyWeeks: number | null, last: CalendarDate): CalendarDate | null =>
  everyWeeks === null ? null : addDays(last, everyWeeks * 7)
