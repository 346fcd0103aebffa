// Carrying on the shelves: projects beside one another, onto other areas, into other projects, into stages and to their
// end; areas and groups.
// What is carried says where it was laid.
import { flushSync } from 'react-dom'
import { recordIn } from '@/core/journal'
import { endings, isIdOf, type Ending, type Id, type Project } from '@/core/record'
import { findRow, focusRowIn } from '@/parts/rows/findRow'
import type { Laying } from '@/parts/carrying/Carrying'
import { select } from '@/state'
import { partsOfProject } from '@/state/read/projectParts'
import { useAct, useZen } from '@/held/zen'
import { nameOfRecord, placeWords, shortened } from '@/words'
import { endingWords } from '@/words/stages'

type Shelved = Pick<Project, 'areaId' | 'parentId'>
export type ShelfId = Id<'project'> | Id<'area'> | Id<'group'>

/** The place for what ended so, of one area or among the parts of one project. */
export const endPlace = (ownerId: Id<'area'> | Id<'project'>, ending: Ending): string =>
  `${ending} ${ownerId}`
/** The place for what stands on an area, and in none of its stages. */
export const areaPlace = (areaId: Id<'area'> | null): string => areaId ?? 'none'

const endOf = (place: string): Ending | undefined => endings.find((ending) => place.startsWith(`${ending} `))

export function useShelfLaying(): Laying<ShelfId> {
  const act = useAct()
  const { store } = useZen()
  const now = () => store.api.getState().document
  /** The focus goes along, in the box where it was: what is carried may stand on its page and on its shelf. */
  const along = (id: ShelfId, move: () => void) => {
    const box = document.activeElement?.closest('.carries')
    flushSync(move)
    // A board that was not near is drawn a moment later.
    if (!box || !focusRowIn(box, id)) setTimeout(() => findRow(id), 60)
  }

  const layProject = (
    project: Project,
    { areaId, parentId }: Shelved,
    stageId: Id<'stage'> | null,
    besideId: Id<'project'> | null,
  ) => {
    const where =
      (stageId && recordIn(now(), stageId)?.name) ||
      (parentId && recordIn(now(), parentId)?.title) ||
      (areaId && recordIn(now(), areaId)?.name)
    const isMoved = areaId !== project.areaId || parentId !== project.parentId || stageId !== project.stageId
    const say = isMoved
      ? `${where ? shortened(where) : 'On no area'}: ${shortened(project.title)}`
      : `Put elsewhere: ${shortened(project.title)}`
    act('layProject', { id: project.id, areaId, parentId, stageId, besideId }, { say })
  }
  const onArea = (areaId: Id<'area'> | null): Shelved => ({ areaId, parentId: null })
  const inWhole = (id: Id<'project'>): Shelved => ({
    areaId: recordIn(now(), id)?.areaId ?? null,
    parentId: id,
  })
  const end = (project: Project, ending: Ending) => {
    const say = `${endingWords[ending].replace(/^./, (first) => first.toUpperCase())}: ${shortened(project.title)}`
    act('endProject', { id: project.id, ending }, { say })
  }

  const intoPlace = (project: Project, place: string, besideId: Id<'project'> | null) => {
    const ending = endOf(place)
    if (ending) return end(project, ending)
    if (isIdOf('stage', place)) {
      const stage = recordIn(now(), place)
      const shelved = stage?.projectId ? inWhole(stage.projectId) : onArea(stage?.areaId ?? null)
      return layProject(project, shelved, place, besideId)
    }
    if (isIdOf('project', place)) return layProject(project, inWhole(place), null, besideId)
    if (isIdOf('area', place)) return layProject(project, onArea(place), null, besideId)
    if (place === 'none') layProject(project, onArea(null), null, besideId)
  }

  const into: Laying<ShelfId>['into'] = (id, place) => {
    if (place.kind === 'day') return
    const over = place.kind === 'row' ? place.id : null
    if (isIdOf('project', id)) {
      const project = recordIn(now(), id)
      if (!project) return
      if (over && isIdOf('area', over)) intoPlace(project, over, null)
      else intoPlace(project, place.in, over && isIdOf('project', over) ? over : null)
      return
    }
    if (isIdOf('group', id)) {
      const groupId = groupAt(over ?? place.in)
      if (groupId) act('layShelf', { id, besideId: groupId })
      return
    }
    const beside = areaAt(over ?? place.in)
    const groupId = beside ? (recordIn(now(), beside)?.groupId ?? null) : groupAt(place.in)
    act('layShelf', { id, groupId, besideId: beside })
  }

  /** The area that a row or a place belongs to. */
  const areaAt = (at: string): Id<'area'> | null => {
    if (isIdOf('area', at)) return at
    if (isIdOf('project', at)) return recordIn(now(), at)?.areaId ?? null
    return isIdOf('stage', at) ? (recordIn(now(), at)?.areaId ?? null) : null
  }
  const groupAt = (at: string): Id<'group'> | null => {
    if (isIdOf('group', at)) return at
    const areaId = areaAt(at)
    return areaId ? (recordIn(now(), areaId)?.groupId ?? null) : null
  }

  /** Areas in the order in which they stand. */
  const areasInOrder = () => {
    const areas = select.areasOf(now()).filter(({ closedAtEpochMs }) => closedAtEpochMs === null)
    const inGroups = select.groupsOf(now()).flatMap(({ id }) => areas.filter(({ groupId }) => groupId === id))
    return [...inGroups, ...areas.filter((area) => !inGroups.includes(area))]
  }
  const stagesFor = (project: Project) => select.stagesOf(now(), select.stageOwnerOf(project))
  const isStaged = (project: Project) => stagesFor(project).length > 0
  const earlierOrLater = (id: ShelfId, siblings: readonly ShelfId[], places: 1 | -1) =>
    act(
      'rankBy',
      { id, siblings, places },
      {
        say: placeWords(shortened(nameOfRecord(now(), id)), siblings.indexOf(id) + places, siblings.length),
      },
    )

  const amongProjects = (project: Project, places: 1 | -1) => {
    const siblings = (
      project.parentId
        ? partsOfProject(now(), project.parentId).filter(({ state }) => select.isHeld(state))
        : select.projectsOfArea(now(), project.areaId)
    ).filter(({ stageId }) => stageId === project.stageId)
    earlierOrLater(
      project.id,
      siblings.map(({ id }) => id),
      places,
    )
  }
  const amongAreas = (project: Project, places: 1 | -1) => {
    const areas = areasInOrder()
    const to = areas[areas.findIndex(({ id }) => id === project.areaId) + places]
    if (to) layProject(project, onArea(to.id), null, null)
  }
  const amongStages = (project: Project, places: 1 | -1) => {
    const stages = stagesFor(project)
    const at = stages.findIndex(({ id }) => id === project.stageId) + places
    const to = stages[at]
    if (to) layProject(project, project, to.id, null)
    else if (at === stages.length) end(project, 'won')
  }

  const move = (id: ShelfId, places: 1 | -1) => {
    if (isIdOf('project', id)) {
      const project = recordIn(now(), id)
      if (project) (isStaged(project) || project.parentId ? amongProjects : amongAreas)(project, places)
    } else if (isIdOf('group', id))
      earlierOrLater(
        id,
        select.groupsOf(now()).map((group) => group.id),
        places,
      )
    else {
      const groupId = recordIn(now(), id)?.groupId
      const siblings = areasInOrder().filter((area) => area.groupId === groupId)
      earlierOrLater(
        id,
        siblings.map((area) => area.id),
        places,
      )
    }
  }
  const by: Laying<ShelfId>['by'] = (id, places) => along(id, () => move(id, places))
  const across: Laying<ShelfId>['by'] = (id, places) => {
    const project = isIdOf('project', id) ? recordIn(now(), id) : undefined
    if (!project) return by(id, places)
    along(id, () => (isStaged(project) ? amongStages : amongProjects)(project, places))
  }
  return { into, by, across }
}
