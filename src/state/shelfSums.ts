// What a shelf says of itself: how much is open on it, how much of that is meant for this week, what has no next action.
import { minutesOf } from '@/core/day'
import { lookOn } from '@/core/goal'
import type { Document } from '@/core/journal'
import type { Action, Area, Project } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { actionsOfArea, actionsOfProject, nextActionOf } from './actionIndexes'

export interface ShelfSums {
  readonly actions: number
  /** Estimated, of all that is open. */
  readonly minutes: number
  /** Of those, what is held for this week, or laid on or promised for a day up to its end. */
  readonly weekMinutes: number
  /** Open projects that have no next action. */
  readonly withoutNext: number
}

const isOfWeek = ({ horizon, day, due, at }: Action, weekEnd: CalendarDate): boolean =>
  horizon === 'week' || [day, due?.date, at?.date].some((date) => date != null && date <= weekEnd)

/** Of an area with its open projects; `weekEnd` is the last day of this week. */
export function shelfSumsOf(
  document: Document,
  area: Pick<Area, 'id'>,
  projects: readonly Project[],
  today: CalendarDate,
  weekEnd: CalendarDate,
): ShelfSums {
  const open = projects.filter(({ state }) => state === 'open')
  const actions = [
    ...actionsOfArea(document, area.id).filter(({ projectId }) => projectId === null),
    ...open.flatMap(({ id }) => actionsOfProject(document, id)),
  ]
  return {
    actions: actions.length,
    minutes: minutesOf(actions),
    weekMinutes: minutesOf(actions.filter((action) => isOfWeek(action, weekEnd))),
    withoutNext: open.filter(({ id }) => nextActionOf(document, id, today) === undefined).length,
  }
}

/** The day an area is to be looked through again; today's where it never was and has a rhythm. */
export function lookThroughOn({ lookedOn, everyWeeks }: Area, today: CalendarDate): CalendarDate | null {
  if (everyWeeks === null) return null
  return lookedOn === null ? today : lookOn(everyWeeks, lookedOn)
}
