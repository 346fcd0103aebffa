// What the weekly review asks: which projects stand still, what waits, what was done.
import { bySince, isOpen, isWaitingFor } from '../action'
import { byRank, type Action, type Id, type Project, type ReviewFigures } from '../record'
import type { DaySpan } from '../lookBack'
import type { CalendarDate } from '../time'
import { doneBetween, lastSevenDays } from './doneBetween'
import { outcomesOf } from './outcomes'
import { nextActions } from './nextActions'

/** A project and all it is a part of; each once, where two are parts of one another. */
function withWholes(project: Project, byId: ReadonlyMap<Id<'project'>, Project>): Set<Project> {
  const found = new Set<Project>()
  for (let at: Project | undefined = project; at && !found.has(at);) {
    found.add(at)
    at = at.parentId ? byId.get(at.parentId) : undefined
  }
  return found
}

const isAtWork = (project: Project, byId: ReadonlyMap<Id<'project'>, Project>): boolean =>
  [...withWholes(project, byId)].every(({ state }) => state === 'open')

/**
 * Open projects that nothing moves on, in their own order; what is a part of one that rests or is over rests with it.
 */
export function projectsWithoutNextAction(
  projects: readonly Project[],
  actions: readonly Action[],
  today: CalendarDate,
): Project[] {
  const next = nextActions(actions, today)
  const byId = new Map(projects.map((project) => [project.id, project]))
  const open = projects.filter((project) => isAtWork(project, byId))
  const moved = new Set<Id<'project'>>()
  // A part moves all that it is in.
  for (const project of open)
    if (next.has(project.id)) for (const each of withWholes(project, byId)) moved.add(each.id)
  return open.filter(({ id }) => !moved.has(id)).sort(byRank)
}

/** Waiting for somebody, the longest-waited first. */
export const waitingOf = (actions: readonly Action[]): Action[] =>
  actions.filter((action) => isOpen(action) && isWaitingFor(action)).sort(bySince)

export const somedayOf = (actions: readonly Action[]): Action[] =>
  actions
    .filter((action) => isOpen(action) && action.waiting === null && action.horizon === 'someday')
    .sort((a, b) => a.createdAtEpochMs - b.createdAtEpochMs)

const lastSeven = (today: CalendarDate): DaySpan => {
  const [from, to] = lastSevenDays(today)
  return { from, to }
}

/** What a finished review keeps of the day it was finished, and of what it looked back on. */
export function reviewFiguresOf(
  held: {
    readonly slipCount: number
    readonly projects: readonly Project[]
    readonly actions: readonly Action[]
    readonly minutesDone: (done: readonly Action[]) => number
  },
  today: CalendarDate,
  zone: string,
  { from, to }: DaySpan = lastSeven(today),
): ReviewFigures {
  const done = doneBetween(held.actions, from, to, zone)
  const outcomes = outcomesOf(done)
  return {
    slipsLeft: held.slipCount,
    projectsOpen: held.projects.filter(({ state }) => state === 'open').length,
    projectsWithoutNextAction: projectsWithoutNextAction(held.projects, held.actions, today).length,
    waiting: waitingOf(held.actions).length,
    someday: somedayOf(held.actions).length,
    done: outcomes.length,
    doneMinutes: held.minutesDone(done),
    doneTitles: outcomes.map(({ title }) => title),
  }
}
