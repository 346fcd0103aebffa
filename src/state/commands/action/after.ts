// Holding an action back until another is done.
import { isOpen } from '@/core/action'
import { makeTimestamp, recordIn, withChange, type Document } from '@/core/journal'
import { isIdOf, type Action, type Id, type Project } from '@/core/record'
import { deepestNesting } from '@/core/record/nesting'
import { ok, refuse, type Result } from '@/core/result'
import type { PartsSaid } from '@/core/sentence'
import { allPartsOf, partsOfProject, wholesAbove } from '../../read/projectParts'
import { isHeld } from '../../read/selectors'
import { asItStands, projectsBefore, writtenInProject } from '../../read/standing'
import { change, type Command, type CommandContext, type Refusal } from '../command'

/** The latest instant that a timestamp can hold. */
const latestEpochMs = 36 ** 9 - 1

type Held = Id<'action'> | Id<'project'>

/**
 * What must be over before an action or a project is: those it is after, by word or by order, or by what it is a part
 * of; of a project, its parts and its open actions.
 */
function beforeOf(document: Document, id: Held): readonly Held[] {
  if (isIdOf('project', id)) {
    const project = recordIn(document, id)
    if (!project) return []
    const above = [project, ...wholesAbove(document, project)]
    return [
      ...above.flatMap((each) => projectsBefore(document, each)),
      ...partsOfProject(document, id).flatMap((part) => (isHeld(part.state) ? [part.id] : [])),
      ...writtenInProject(document, id).map((each) => each.id),
    ]
  }
  const action = recordIn(document, id)
  return action && isOpen(action) ? (asItStands(document, action).afterIds as readonly Held[]) : []
}

/** The way from one to any of others through what must be over before each; null where there is none. */
function wayTo(document: Document, from: Held, to: ReadonlySet<Held>): Held[] | null {
  const cameFrom = new Map<Held, Held | null>([[from, null]])
  const waiting = [from]
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    if (to.has(next)) {
      const way: Held[] = []
      for (let at: Held | null = next; at; at = cameFrom.get(at) ?? null) way.unshift(at)
      return way
    }
    for (const before of beforeOf(document, next))
      if (!cameFrom.has(before)) {
        cameFrom.set(before, next)
        waiting.push(before)
      }
  }
  return null
}

const titlesOf = (document: Document, ids: readonly Held[]): string[] =>
  ids.map((id) => recordIn(document, id as Id<'project'>)?.title ?? '')

/** Holds an action back until another is done. Refused where that one waits for it in turn, with the way named. */
export const blockAction: Command<{ id: Id<'action'>; afterId: Id<'action'> }> = (
  context,
  { id, afterId },
) => {
  const before = recordIn(context.document, afterId)
  if (!before || !isOpen(before)) return refuse({ kind: 'notFound' })
  const way = wayTo(context.document, afterId, new Set([id]))
  if (way) return refuse({ kind: 'ring', way: titlesOf(context.document, [id, ...way]) })
  return change(context, id, ({ afterIds }) => ({ afterIds: [...new Set([...afterIds, afterId])] }))
}

/** All that waits where a project does: itself, its parts, and what is open in them. */
function heldWith(document: Document, id: Id<'project'>): Set<Held> {
  const projects = [id, ...allPartsOf(document, id).map((part) => part.id)]
  return new Set<Held>([
    ...projects,
    ...projects.flatMap((each) => writtenInProject(document, each).map((action) => action.id)),
  ])
}

/** How many levels of parts a project has below it. */
function heightOf(document: Document, id: Id<'project'>): number {
  const parts = partsOfProject(document, id)
  return parts.length === 0 ? 0 : 1 + Math.max(...parts.map((part) => heightOf(document, part.id)))
}

/**
 * Why a project cannot be a part of another: it would be within itself, or would wait for what waits for it; null where
 * it can.
 */
export function partRefused(
  document: Document,
  project: Project,
  parentId: Id<'project'> | null,
): Refusal | null {
  if (parentId === null) return null
  const above = [parentId, ...wholesAboveId(document, parentId)]
  const at = above.indexOf(project.id)
  if (at >= 0)
    return { kind: 'withinItself', way: titlesOf(document, [project.id, ...above.slice(0, at + 1)]) }
  if (above.length + heightOf(document, project.id) > deepestNesting)
    return { kind: 'nestedTooDeep', limit: deepestNesting }
  const ring = (ids: readonly Held[]): Refusal => ({ kind: 'ring', way: titlesOf(document, ids) })
  // What blocks the whole would block the part.
  const own = heldWith(document, project.id)
  for (const whole of above) {
    const before = recordIn(document, whole)
    for (const id of before ? projectsBefore(document, before) : []) {
      const way = wayTo(document, id, own)
      if (way) return ring([project.id, ...way])
    }
  }
  const wholes = new Set<Held>(above)
  for (const id of beforeOf(document, project.id)) {
    const way = wayTo(document, id, wholes)
    if (way) return ring([project.id, ...way, project.id])
  }
  return null
}

const wholesAboveId = (document: Document, id: Id<'project'>): Id<'project'>[] => {
  const project = recordIn(document, id)
  return project ? wholesAbove(document, project).map((whole) => whole.id) : []
}

/** Holds a project back until another is over. Refused where that one waits for it in turn, with the way named. */
export const blockProject: Command<{ id: Id<'project'>; afterId: Id<'project'> }> = (
  context,
  { id, afterId },
) => {
  const { document } = context
  const [project, before] = [recordIn(document, id), recordIn(document, afterId)]
  if (!project || !before || before.closedAtEpochMs !== null) return refuse({ kind: 'notFound' })
  const way = wayTo(document, afterId, heldWith(document, id))
  if (way) return refuse({ kind: 'ring', way: titlesOf(document, [id, ...way]) })
  return change(context, id, ({ afterIds }) => ({ afterIds: [...new Set([...afterIds, afterId])] }))
}

export const unblockProject: Command<{ id: Id<'project'>; afterId: Id<'project'> }> = (
  context,
  { id, afterId },
) => change(context, id, ({ afterIds }) => ({ afterIds: afterIds.filter((each) => each !== afterId) }))

/**
 * Puts the actions of a project in order, or frees them. Refused where one of them would wait for itself, by way of
 * what another project blocks.
 */
export const setInOrder: Command<{ id: Id<'project'>; inOrder: boolean }> = (context, { id, inOrder }) => {
  const outcome = change(context, id, () => ({ inOrder }))
  if (!outcome.ok || !inOrder) return outcome
  // As it would be: a timestamp later than any there is.
  const after = withChange(context.document, {
    stamp: makeTimestamp(latestEpochMs, 0, 'z'),
    act: 'setInOrder',
    diff: outcome.value,
  })
  for (const action of writtenInProject(after, id))
    for (const before of beforeOf(after, action.id)) {
      const way = wayTo(after, before, new Set([action.id]))
      if (way) return refuse({ kind: 'ring', way: titlesOf(after, [action.id, ...way]) })
    }
  return outcome
}

/** After which others it is blocked when these are said too, or why it cannot be. */
export function blockedAfter(
  context: CommandContext,
  action: Action,
  { after = [], noAfter }: PartsSaid,
): Result<Partial<Pick<Action, 'afterIds'>>, Refusal> {
  if (noAfter) return ok({ afterIds: [] })
  for (const afterId of after) {
    const held = blockAction(context, { id: action.id, afterId })
    if (!held.ok && held.error.kind !== 'nothingToDo') return held
  }
  return ok(after.length > 0 ? { afterIds: [...new Set([...action.afterIds, ...after])] } : {})
}

export const unblockAction: Command<{ id: Id<'action'>; afterId: Id<'action'> }> = (
  context,
  { id, afterId },
) => change(context, id, ({ afterIds }) => ({ afterIds: afterIds.filter((each) => each !== afterId) }))
