// Moving along the time line: a bar with what is in it, or one of its ends, and with what follows it if that is wanted.
import { isOpen } from '@/core/action'
import { recordIn, updateOf, type Document } from '@/core/journal'
import { isIdOf, type Action, type Id, type Project } from '@/core/record'
import { refuse } from '@/core/result'
import { followersOf, shifted, shiftedAction, type Edge } from '@/core/timeline'
import { openActionsOf } from '../../read/actionIndexes'
import { allPartsOf } from '../../read/projectParts'
import { isHeld, projectsOf } from '../../read/selectors'
import { writtenInProject } from '../../read/standing'
import { barOf } from '../../read/timeline'
import { editAction } from '../action/actions'
import { diffOf, together, type Command } from '../command'

/** Ten years. */
const mostDays = 3660

/** A project and all that is in it, which moves where it does. */
const withAll = (document: Document, id: Id<'project'>): (Id<'project'> | Id<'action'>)[] => {
  const projects = [id, ...allPartsOf(document, id).flatMap((part) => (isHeld(part.state) ? [part.id] : []))]
  return [...projects, ...projects.flatMap((each) => writtenInProject(document, each).map((one) => one.id))]
}

/** What moves: the bar and what is in it, and what comes after any of those. */
function movedBy(
  document: Document,
  id: Id<'project'> | Id<'action'>,
  edge: Edge,
  following: boolean,
): (Id<'project'> | Id<'action'>)[] {
  const own = isIdOf('project', id) && edge === 'whole' ? withAll(document, id) : [id]
  if (!following || edge === 'begins') return own
  // Those that wait for the project wait for its end, so its own actions do not follow it.
  const inside = new Set<string>(isIdOf('project', id) ? withAll(document, id) : own)
  const projects = projectsOf(document).filter(({ state }) => isHeld(state))
  const actions = openActionsOf(document)
  const behind = followersOf(own, [...projects, ...actions])
  const whole = behind.flatMap((each) =>
    isIdOf('project', each) ? withAll(document, each) : [each as Id<'action'>],
  )
  return [...new Set([...own, ...whole.filter((each) => !inside.has(each))])]
}

/**
 * Moves a project or an action some days on, or back where they are negative: the whole bar, or where it begins or is
 * due. With a whole project go its parts and the dates of its open actions; what is fixed on the clock stays, unless it
 * is moved itself. Refused where anything would be due before it begins.
 */
export const shiftDates: Command<{
  id: Id<'project'> | Id<'action'>
  days: number
  edge: Edge
  /** What comes after it moves as many days. */
  following: boolean
}> = (context, { id, days, edge, following }) => {
  const { document } = context
  if (!Number.isInteger(days) || Math.abs(days) > mostDays) return refuse({ kind: 'unfit', field: 'due' })
  if (!recordIn(document, id as Id<'project'>)) return refuse({ kind: 'notFound' })
  const ids = movedBy(document, id, edge, following)
  const projects = ids.flatMap((each) => (isIdOf('project', each) ? (recordIn(document, each) ?? []) : []))
  const actions = ids.flatMap((each) => (isIdOf('action', each) ? (recordIn(document, each) ?? []) : []))
  const patches = projects.map((project): [Project, Partial<Project>] => [
    project,
    shifted(project, barOf(document, project, context.moment.date), days, project.id === id ? edge : 'whole'),
  ])
  for (const [project, patch] of patches) {
    const { begins, due } = { ...project, ...patch }
    if (begins && due && begins > due) return refuse({ kind: 'endsFirst', begins, due })
  }
  const open = actions.filter(isOpen)
  const edited = together(open, (action: Action) =>
    editAction(context, { id: action.id, patch: shiftedAction(action, days, action.id === id) }),
  )
  if (!edited.ok && edited.error.kind !== 'nothingToDo') return edited
  return diffOf(
    ...patches.map(([project, patch]) => updateOf(project, patch)),
    ...(edited.ok ? edited.value : []),
  )
}
