// Stages: the steps of the way that the projects of an area go, or the parts of a project, and a project's way
// through them.
import { recordIn, recordsIn, updateOf } from '@/core/journal'
import {
  blankOf,
  isIdOf,
  type Ending,
  type Id,
  type Project,
  type ProjectState,
  type Stage,
} from '@/core/record'
import { refuse } from '@/core/result'
import { isTemplate } from '../../read/isTemplate'
import { isHeld, ownerOfStage, stageOwnerOf, stagesOf, type StageOwnerId } from '../../read/selectors'
import { added, change, changeLine, diffOf, lineOf, rankAfter, removed, type Command } from '../command'
import { endRefused } from './leaving'
import { enteredStage } from './makeProject'
import { withoutEnd } from './shelves'

export const mostStages = 24

/**
 * Adds a stage behind the others of an area or a project. What is there already stands in none until it is laid into
 * one.
 */
export const addStage: Command<{ ownerId: StageOwnerId; name: string }> = (context, { ownerId, name }) => {
  if (!recordIn(context.document, ownerId as Id<'area'>)) return refuse({ kind: 'notFound' })
  const line = lineOf(name, 'name')
  if (!line.ok) return line
  const others = stagesOf(context.document, ownerId)
  if (others.some((stage) => stage.name === line.value))
    return refuse({ kind: 'nameTaken', name: line.value })
  if (others.length >= mostStages) return refuse({ kind: 'tooManyStages', limit: mostStages })
  return diffOf(
    added({
      ...blankOf('stage'),
      id: context.newId('stage'),
      areaId: isIdOf('area', ownerId) ? ownerId : null,
      projectId: isIdOf('project', ownerId) ? ownerId : null,
      name: line.value,
      rank: rankAfter(others),
    }),
  )
}

/** Names a stage otherwise, or says how many should stand there at most. */
export const editStage: Command<{
  id: Id<'stage'>
  patch: Partial<Pick<Stage, 'name' | 'limit'>>
}> = (context, { id, patch }) => {
  const { limit } = patch
  if (typeof limit === 'number' && !(Number.isInteger(limit) && limit >= 1 && limit <= 999))
    return refuse({ kind: 'unfit', field: 'limit' })
  const stage = recordIn(context.document, id)
  const name = patch.name === undefined ? null : lineOf(patch.name, 'name')
  const isTaken =
    name?.ok &&
    stagesOf(context.document, stage ? ownerOfStage(stage) : null).some(
      (other) => other.id !== id && other.name === name.value,
    )
  if (name?.ok && isTaken) return refuse({ kind: 'nameTaken', name: name.value })
  return changeLine(context, id, patch)
}

/** Whether a project stands in its stage still: it is not over, and did not end there. */
const isStanding = ({ state, ending }: Project): boolean => isHeld(state) && ending === null

/** Removes a stage; what stands in it goes to another, or stands in none. */
export const removeStage: Command<{ id: Id<'stage'>; toId: Id<'stage'> | null }> = (
  context,
  { id, toId },
) => {
  const { document } = context
  const stage = recordIn(document, id)
  const to = toId ? recordIn(document, toId) : null
  if (!stage || (toId && (!to || ownerOfStage(to) !== ownerOfStage(stage) || toId === id)))
    return refuse({ kind: 'notFound' })
  const inside = recordsIn(document, 'project').filter(({ stageId }) => stageId === id)
  return diffOf(
    removed(stage),
    ...inside.flatMap((project) =>
      isStanding(project)
        ? [updateOf(project, { stageId: toId }), ...enteredStage(context, { id: project.id, stageId: toId })]
        : [updateOf(project, { stageId: null })],
    ),
  )
}

/** Puts a project into a stage of its area or its whole, or into none; what had ended goes on. */
export const standIn: Command<{ id: Id<'project'>; stageId: Id<'stage'> | null }> = (
  context,
  { id, stageId },
) => {
  const project = recordIn(context.document, id)
  if (!project) return refuse({ kind: 'notFound' })
  const stage = stageId ? recordIn(context.document, stageId) : undefined
  if (stageId && (!stage || ownerOfStage(stage) !== stageOwnerOf(project)))
    return refuse({ kind: 'notFound' })
  if (project.stageId === stageId && project.ending === null) return refuse({ kind: 'nothingToDo' })
  return diffOf(
    updateOf(project, { stageId, ...(project.ending === null ? {} : { ...goesOn, ...withoutEnd(project) }) }),
    ...(project.stageId === stageId ? [] : enteredStage(context, { id, stageId })),
  )
}

/** What no longer has an end. */
const goesOn: Partial<Project> = {
  state: 'open',
  notUntil: null,
  closedAtEpochMs: null,
}

const stateAfter = {
  won: 'finished',
  notWon: 'letGo',
  parked: 'notNow',
} as const satisfies Readonly<Record<Ending, ProjectState>>

/** Ends what went through stages: won, not won, or parked; it keeps the stage it ended in. */
export const endProject: Command<{ id: Id<'project'>; ending: Ending }> = (context, { id, ending }) => {
  const project = recordIn(context.document, id)
  if (!project || isTemplate(project)) return refuse({ kind: 'notFound' })
  const state = stateAfter[ending]
  const open = state !== 'notNow' ? endRefused(context.document, project, { state, ending }) : null
  if (open) return refuse(open)
  return change(context, id, () => ({
    ending,
    state,
    closedAtEpochMs: ending === 'parked' ? null : context.nowEpochMs,
  }))
}
