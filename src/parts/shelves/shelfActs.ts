// What carrying on the shelves does: a project is laid somewhere or ends, one thing moves among its neighbours.
import { recordIn } from '@/core/journal'
import type { Ending, Id, Project } from '@/core/record'
import type { Act } from '@/held/zen'
import { partsOfProject } from '@/state/read/projectParts'
import { select, type ArgsOf, type ZenStore } from '@/state'
import { nameOfRecord, placeWords, shortened } from '@/words'
import { endingWords } from '@/words/stages'
import { areasInOrder, onArea, type Shelved } from './shelvedAt'

export type ShelfId = Id<'project'> | Id<'area'> | Id<'group'>
type Places = 1 | -1

const idsOf = <T extends { readonly id: ShelfId }>(records: readonly T[]): T['id'][] =>
  records.map(({ id }) => id)

export function shelfActs(act: Act, store: ZenStore) {
  const now = () => store.api.getState().document

  const lay = (
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
  const end = (project: Project, ending: Ending) => {
    const say = `${endingWords[ending].replace(/^./, (first) => first.toUpperCase())}: ${shortened(project.title)}`
    act('endProject', { id: project.id, ending }, { say })
  }
  const among = (id: ShelfId, siblings: readonly ShelfId[], places: Places) => {
    const name = shortened(nameOfRecord(now(), id))
    const say = placeWords(name, siblings.indexOf(id) + places, siblings.length)
    act('rankBy', { id, siblings, places }, { say })
  }

  return {
    now,
    lay,
    end,
    layShelf: (args: ArgsOf<'layShelf'>) => act('layShelf', args),
    amongProjects: (project: Project, places: Places) => {
      const { id, parentId, areaId, stageId } = project
      const beside = parentId
        ? partsOfProject(now(), parentId).filter(({ state }) => select.isHeld(state))
        : select.projectsOfArea(now(), areaId)
      among(id, idsOf(beside.filter((each) => each.stageId === stageId)), places)
    },
    toNextArea: (project: Project, places: Places) => {
      const areas = areasInOrder(now())
      const to = areas[areas.findIndex(({ id }) => id === project.areaId) + places]
      if (to) lay(project, onArea(to.id), null, null)
    },
    /** Past the last stage it is won. */
    toNextStage: (project: Project, places: Places) => {
      const stages = select.stagesOf(now(), select.stageOwnerOf(project))
      const at = stages.findIndex(({ id }) => id === project.stageId) + places
      const to = stages[at]
      if (to) lay(project, project, to.id, null)
      else if (at === stages.length) end(project, 'won')
    },
    amongGroups: (id: Id<'group'>, places: Places) => among(id, idsOf(select.groupsOf(now())), places),
    amongAreas: (id: Id<'area'>, places: Places) => {
      const groupId = recordIn(now(), id)?.groupId
      among(id, idsOf(areasInOrder(now()).filter((area) => area.groupId === groupId)), places)
    },
  }
}
