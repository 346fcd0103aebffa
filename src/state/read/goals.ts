// Goals as they are read: in their order, what points at each, how each moves, and when it is to be looked at.
import { howItMoves, lookOn, weeksBack, type GoalMoves } from '@/core/goal'
import type { Document } from '@/core/journal'
import { byRank, type Area, type Goal, type Id, type Project } from '@/core/record'
import { addDays, epochMsAt, localMomentAt, type CalendarDate } from '@/core/time'
import { doneOf } from './actionIndexes'
import { minutesDoneIn, remarksOf } from './ownedIndexes'
import { areasOf, projectsOf } from './selectors'
import { makeTableIndex } from './tableIndex'

const all = 'all'
const goals = makeTableIndex('goal', {
  keysOf: () => [all],
  compare: byRank,
})
/** Every goal, those that are over too, in the order they were laid in. */
export const goalsOf = (document: Document): readonly Goal[] => goals.of(document, all)

/** What points at a goal; a project on an area that does is told with it as well. */
export interface Toward {
  readonly areas: readonly Area[]
  readonly projects: readonly Project[]
}

export function towardOf(document: Document, id: Id<'goal'>): Toward {
  const areas = areasOf(document).filter(({ goalIds }) => goalIds.includes(id))
  const within = new Set<string | null>(areas.map((area) => area.id))
  const projects = projectsOf(document).filter(
    ({ goalIds, areaId }) => goalIds.includes(id) || (areaId !== null && within.has(areaId)),
  )
  return { areas, projects }
}

/** How a goal moved in the last weeks. */
export function movesOf(document: Document, id: Id<'goal'>, today: CalendarDate, zone: string): GoalMoves {
  const { areas, projects } = towardOf(document, id)
  const ids = new Set<string | null>([...areas, ...projects].map((each) => each.id))
  const since = addDays(today, -7 * weeksBack)
  const done = doneOf(document, since, today, zone).filter(
    ({ projectId, areaId }) => ids.has(projectId) || (projectId === null && ids.has(areaId)),
  )
  return howItMoves({
    projects,
    done,
    doneMinutes: minutesDoneIn(document, done),
    sinceEpochMs: epochMsAt({ date: since, minute: 0 }, zone),
  })
}

/** The day a goal is to be looked at again; null where it has no rhythm or is over. */
export function lookAtOn(document: Document, goal: Goal, zone: string): CalendarDate | null {
  if (goal.state !== 'open') return null
  const set = localMomentAt(goal.createdAtEpochMs, zone).date
  const last = remarksOf(document, goal.id).reduce((latest, { date }) => (date > latest ? date : latest), set)
  return lookOn(goal.everyWeeks, last)
}
