// What a shelf says of itself: how much is open on it, how much of that is meant for this week, what has no next
// action.
import { lookOn } from '@/core/goal'
import type { Document } from '@/core/journal'
import type { Action, Area, Project } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { actionsOfArea, actionsOfProject, nextActionOf } from './actionIndexes'
import { allPartsOf } from './projectParts'

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

interface Summed {
  readonly lists: readonly (readonly Action[])[]
  readonly days: string
  readonly sums: ShelfSums
}
const summed = new Map<string, Summed>()

/**
 * Of an area with its open projects; `weekEnd` is the last day of this week. The same as long as none of their actions
 * has changed.
 */
export function shelfSumsOf(
  document: Document,
  area: Pick<Area, 'id'>,
  projects: readonly Project[],
  today: CalendarDate,
  weekEnd: CalendarDate,
): ShelfSums {
  const open = projects.filter(({ state }) => state === 'open')
  const lists = [
    actionsOfArea(document, area.id),
    ...open.flatMap(({ id }) => [
      actionsOfProject(document, id),
      ...allPartsOf(document, id).map((part) => actionsOfProject(document, part.id)),
    ]),
  ]
  const days = `${today} ${weekEnd}`
  const known = summed.get(area.id)
  const isSame = known?.days === days && known.lists.length === lists.length
  if (known && isSame && known.lists.every((list, at) => list === lists[at])) return known.sums
  const [ofArea, ...ofProjects] = lists as [readonly Action[], ...(readonly Action[])[]]
  const sums = sumsOf([ofArea.filter(({ projectId }) => projectId === null), ...ofProjects], weekEnd)
  const made = {
    ...sums,
    withoutNext: open.filter(({ id }) => nextActionOf(document, id, today) === undefined).length,
  }
  summed.set(area.id, { lists, days, sums: made })
  return made
}

function sumsOf(
  lists: readonly (readonly Action[])[],
  weekEnd: CalendarDate,
): Omit<ShelfSums, 'withoutNext'> {
  let [actions, minutes, weekMinutes] = [0, 0, 0]
  for (const list of lists)
    for (const action of list) {
      actions++
      minutes += action.minutes ?? 0
      if (isOfWeek(action, weekEnd)) weekMinutes += action.minutes ?? 0
    }
  return { actions, minutes, weekMinutes }
}

/** The day an area is to be looked through again; today's where it never was and has a rhythm. */
export function lookThroughOn({ lookedOn, everyWeeks }: Area, today: CalendarDate): CalendarDate | null {
  if (everyWeeks === null) return null
  return lookedOn === null ? today : lookOn(everyWeeks, lookedOn)
}
