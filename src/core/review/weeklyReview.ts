// What the weekly review asks: which projects stand still, what waits, what was done.
import { bySince, isHidden, isOpen, isWaitingFor, isWaitingOrBlocked } from '../action'
import { byRank, type Action, type Id, type Project, type Review, type ReviewFigures } from '../record'
import { addDays, epochMsAt, type CalendarDate } from '../time'

/** Whether an action moves its project on: open, not put off to someday, waiting or not. */
const movesOn = (action: Action): boolean => isOpen(action) && action.horizon !== 'someday'

/** The first open action of each project in its own order; one that can be done before one that waits or is hidden. */
export function nextActions(actions: Iterable<Action>, today: CalendarDate): Map<Id<'project'>, Action> {
  const next = new Map<Id<'project'>, Action>()
  const delay = (action: Action) => (isWaitingOrBlocked(action) ? 2 : 0) + (isHidden(action, today) ? 1 : 0)
  for (const action of actions) {
    if (!action.projectId || !movesOn(action)) continue
    const best = next.get(action.projectId)
    if (
      !best ||
      delay(action) - delay(best) < 0 ||
      (delay(action) === delay(best) && byRank(action, best) < 0)
    )
      next.set(action.projectId, action)
  }
  return next
}

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

/** Done from `from` to `to`, both days included by the wall clock of `zone`, latest first. */
export function doneBetween(
  actions: readonly Action[],
  from: CalendarDate,
  to: CalendarDate,
  zone: string,
): Action[] {
  const begins = epochMsAt({ date: from, minute: 0 }, zone)
  const ends = epochMsAt({ date: addDays(to, 1), minute: 0 }, zone)
  return actions
    .filter(({ doneAtEpochMs }) => doneAtEpochMs !== null && doneAtEpochMs >= begins && doneAtEpochMs < ends)
    .sort((a, b) => (b.doneAtEpochMs as number) - (a.doneAtEpochMs as number))
}

/** The last seven days, today included. */
export const lastSevenDays = (today: CalendarDate): readonly [from: CalendarDate, to: CalendarDate] => [
  addDays(today, -6),
  today,
]

/** What a finished review keeps of the day it was finished. */
export function reviewFiguresOf(
  held: {
    readonly slipCount: number
    readonly projects: readonly Project[]
    readonly actions: readonly Action[]
    readonly minutesDone: (done: readonly Action[]) => number
  },
  today: CalendarDate,
  zone: string,
): ReviewFigures {
  const done = doneBetween(held.actions, ...lastSevenDays(today), zone)
  return {
    slipsLeft: held.slipCount,
    projectsOpen: held.projects.filter(({ state }) => state === 'open').length,
    projectsWithoutNextAction: projectsWithoutNextAction(held.projects, held.actions, today).length,
    waiting: waitingOf(held.actions).length,
    someday: somedayOf(held.actions).length,
    done: done.length,
    doneMinutes: held.minutesDone(done),
    doneTitles: done.map(({ title }) => title),
  }
}

/** The aims that were named, one or two or none. */
export const aimsOf = ({ firstAim, secondAim }: Pick<Review, 'firstAim' | 'secondAim'>): string[] =>
  [firstAim, secondAim].filter((aim) => aim !== '')
