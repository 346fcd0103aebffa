// Leaving a group, an area or a project: what is inside is moved elsewhere, rests with it, or is let go of; one act,
// one undo.
import { isOpen } from '@/core/action'
import { recordIn, recordsIn, updateOf, type Document, type RecordDiff } from '@/core/journal'
import { isIdOf, type Action, type AnyRecord, type Area, type Id, type Project } from '@/core/record'
import { refuse } from '@/core/result'
import { isTemplate } from '../../read/isTemplate'
import { everyShelved, standingOn } from '../../read/onShelf'
import { allPartsOf, partsOfProject } from '../../read/projectParts'
import { isHeld, projectsOfArea } from '../../read/selectors'
import { diffOf, type Command, type CommandContext, type EndsAs, type Refusal } from '../command'
import { placed } from '../tray/placing'

/** What becomes of what is inside. */
export type WayToLeave =
  | { readonly kind: 'move'; readonly toId: Id<'group'> | Id<'area'> | Id<'project'> | null }
  | { readonly kind: 'rest' }
  | { readonly kind: 'letGo' }

export interface Inside {
  readonly areas: number
  /** Open ones, and such as rest; of a project, its parts. */
  readonly projects: number
  readonly actions: number
  /** References, reading and meeting notes: they stay where they are, and are found. */
  readonly kept: number
}

const openAreasOf = (document: Document, groupId: Id<'group'>): Area[] =>
  recordsIn(document, 'area').filter((area) => area.groupId === groupId && area.closedAtEpochMs === null)

/** Everything that is open or kept in a group, an area or a project. */
export function insideOf(document: Document, id: Id<'group'> | Id<'area'> | Id<'project'>): Inside {
  const areas = isIdOf('group', id) ? openAreasOf(document, id) : []
  const areaIds = new Set<string | null>(isIdOf('area', id) ? [id] : areas.map((area) => area.id))
  const projects = isIdOf('project', id)
    ? allPartsOf(document, id).filter(({ state }) => isHeld(state))
    : recordsIn(document, 'project').filter(
        ({ areaId, state }) => areaId !== null && areaIds.has(areaId) && isHeld(state),
      )
  const projectIds = new Set<string | null>([id, ...projects.map((each) => each.id)])
  const isIn = ({ projectId, areaId }: { projectId: Id<'project'> | null; areaId: Id<'area'> | null }) =>
    projectId !== null ? projectIds.has(projectId) : areaId !== null && areaIds.has(areaId)
  const kept = everyShelved(document).filter(
    (record) => !isIdOf('action', record.id) && isIn(record) && record.letGoAtEpochMs === null,
  )
  return {
    areas: areas.length,
    projects: projects.length,
    actions: recordsIn(document, 'action').filter((action) => isOpen(action) && isIn(action)).length,
    kept: kept.length,
  }
}

const openActionsOf = (document: Document, id: Id<'project'>): Action[] =>
  recordsIn(document, 'action').filter((action) => action.projectId === id && isOpen(action))

const letGoOfIt: EndsAs = { state: 'letGo', ending: null }

/** Why a project cannot end yet: parts or actions of it are open, and nobody has said where they go. */
export function endRefused(document: Document, project: Project, as: EndsAs): Refusal | null {
  if (!isHeld(project.state)) return null
  const { projects, actions } = insideOf(document, project.id)
  return projects + actions > 0 ? { kind: 'openInside', id: project.id, as } : null
}

const ended = ({ nowEpochMs }: CommandContext, project: Project, as: EndsAs): RecordDiff | null =>
  updateOf(project, { ...as, notUntil: null, closedAtEpochMs: nowEpochMs })

/** Ends a project, and lets go of its parts and all that is open in them. */
function letGoWhole(context: CommandContext, project: Project, as: EndsAs): RecordDiff[] {
  const { nowEpochMs, document } = context
  const parts = allPartsOf(document, project.id).filter(({ state }) => isHeld(state))
  const held = isHeld(project.state) ? [project, ...parts] : parts
  return present([
    ...held.map((each) => ended(context, each, each.id === project.id ? as : letGoOfIt)),
    ...held.flatMap(({ id }) =>
      openActionsOf(document, id).map((action) => updateOf(action, { letGoAtEpochMs: nowEpochMs })),
    ),
  ])
}

/** Leaves a project; its parts and open actions go to another project or its area, rest with it, or are let go of. */
function leftProject(
  context: CommandContext,
  project: Project,
  way: WayToLeave,
  as: EndsAs = letGoOfIt,
): RecordDiff[] {
  const { document } = context
  if (way.kind === 'rest') return present([updateOf(project, { state: 'notNow', notUntil: null })])
  if (way.kind === 'letGo') return letGoWhole(context, project, as)
  const into = way.toId as Id<'project'> | Id<'area'> | null
  const to = isIdOf('project', into)
    ? { projectId: into, areaId: null }
    : { projectId: null, areaId: into as Id<'area'> | null }
  const place = {
    parentId: to.projectId,
    areaId: to.projectId ? (recordIn(document, to.projectId)?.areaId ?? null) : to.areaId,
  }
  return present([
    ended(context, project, as),
    ...partsOfProject(document, project.id)
      .filter(({ state }) => isHeld(state))
      .flatMap((part) => placed(context, part, place)),
    ...openActionsOf(document, project.id).map((action) => updateOf(action, to)),
  ])
}

/** Leaves an area; its projects and loose actions go to another, rest, or are let go of. */
function leftArea(context: CommandContext, area: Area, way: WayToLeave): RecordDiff[] {
  const { nowEpochMs, document } = context
  const projects = projectsOfArea(document, area.id)
  const loose = recordsIn(document, 'action').filter(
    (action) => action.areaId === area.id && action.projectId === null && isOpen(action),
  )
  const closed = updateOf(area, { closedAtEpochMs: nowEpochMs })
  if (way.kind === 'move') {
    const areaId = way.toId as Id<'area'> | null
    const kept = standingOn(document, area.id).filter(({ id }) => !isIdOf('action', id))
    return present([
      closed,
      ...projects.flatMap((project) => placed(context, project, { areaId, parentId: null })),
      ...loose.map((action) => updateOf(action, { areaId })),
      ...kept.map((record) => updateOf<AnyRecord>(record, { areaId } as Partial<AnyRecord>)),
    ])
  }
  return present([
    closed,
    ...projects.flatMap((project) => leftProject(context, project, way)),
    ...loose.map((action) =>
      updateOf(
        action,
        way.kind === 'rest' ? { horizon: 'shelf', day: null } : { letGoAtEpochMs: nowEpochMs },
      ),
    ),
  ])
}

const present = (parts: readonly (RecordDiff | null)[]): RecordDiff[] => parts.filter((part) => part !== null)

/** Closes a group or an area, or lets go of a project, with what becomes of all that is inside. */
export const leaveShelf: Command<{
  id: Id<'group'> | Id<'area'> | Id<'project'>
  way: WayToLeave
  /** Of a project: how it ends. Let go, where it is not said. */
  as?: EndsAs
}> = (context, { id, way, as }) => {
  const { document } = context
  if (way.kind === 'move' && way.toId && (way.toId === id || !recordIn(document, way.toId)))
    return refuse({ kind: 'notFound' })
  if (isIdOf('project', id)) {
    const project = recordIn(document, id)
    const isInside = way.kind === 'move' && allPartsOf(document, id).some((part) => part.id === way.toId)
    // A template is no project: it has no end, and what it asks would be lost with one.
    return project && !isTemplate(project) && !isInside
      ? diffOf(...leftProject(context, project, way, as))
      : refuse({ kind: 'notFound' })
  }
  if (isIdOf('area', id)) {
    const area = recordIn(document, id)
    return area ? diffOf(...leftArea(context, area, way)) : refuse({ kind: 'notFound' })
  }
  const group = recordIn(document, id)
  if (!group) return refuse({ kind: 'notFound' })
  const areas = openAreasOf(document, id)
  return diffOf(
    updateOf(group, { closedAtEpochMs: context.nowEpochMs }),
    ...areas.flatMap((area) =>
      way.kind === 'move'
        ? present([updateOf(area, { groupId: way.toId as Id<'group'> | null })])
        : leftArea(context, area, way),
    ),
  )
}
