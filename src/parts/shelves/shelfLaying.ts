// Carrying on the shelves: projects beside one another, onto other areas, into other projects, into stages and to their
// end; areas and groups.
// What is carried says where it was laid.
import { flushSync } from 'react-dom'
import { recordIn } from '@/core/journal'
import { isIdOf, type Id, type Project } from '@/core/record'
import { findRow, focusRowIn } from '@/parts/rows/findRow'
import type { Laying } from '@/parts/carrying/Carrying'
import type { Act } from '@/held/zen'
import { select, type ZenStore } from '@/state'
import { areaAt, endOf, groupAt, shelvedAt } from './shelvedAt'
import { shelfActs, type ShelfId } from './shelfActs'

/** The focus goes along, in the box where it was: what is carried may be on its page and on its shelf. */
function along(id: ShelfId, move: () => void): void {
  const box = document.activeElement?.closest('.carries')
  flushSync(move)
  // A board that was not near is drawn a moment later.
  if (!box || !focusRowIn(box, id)) setTimeout(() => findRow(id), 60)
}

export function makeShelfLaying(act: Act, store: ZenStore): Laying<ShelfId> {
  const acts = shelfActs(act, store)
  const { now } = acts
  const isStaged = (project: Project) => select.stagesOf(now(), select.stageOwnerOf(project)).length > 0

  const intoPlace = (project: Project, place: string, besideId: Id<'project'> | null) => {
    const ending = endOf(place)
    if (ending) return acts.end(project, ending)
    const to = shelvedAt(now(), place)
    if (to) acts.lay(project, to.shelved, to.stageId, besideId)
  }

  const into: Laying<ShelfId>['into'] = (id, place) => {
    if (place.kind === 'day' || place.kind === 'hour') return
    const over = place.kind === 'row' ? place.id : null
    if (isIdOf('project', id)) {
      const project = recordIn(now(), id)
      if (!project) return
      if (over && isIdOf('area', over)) intoPlace(project, over, null)
      else intoPlace(project, place.in, over && isIdOf('project', over) ? over : null)
      return
    }
    if (isIdOf('group', id)) {
      const groupId = groupAt(now(), over ?? place.in)
      if (groupId) acts.layShelf({ id, besideId: groupId })
      return
    }
    const beside = areaAt(now(), over ?? place.in)
    const groupId = beside ? (recordIn(now(), beside)?.groupId ?? null) : groupAt(now(), place.in)
    acts.layShelf({ id, groupId, besideId: beside })
  }

  const move = (id: ShelfId, places: 1 | -1) => {
    if (isIdOf('group', id)) return acts.amongGroups(id, places)
    if (isIdOf('area', id)) return acts.amongAreas(id, places)
    const project = recordIn(now(), id)
    if (project)
      (isStaged(project) || project.parentId ? acts.amongProjects : acts.toNextArea)(project, places)
  }
  const by = (id: ShelfId, places: 1 | -1) => along(id, () => move(id, places))
  const across = (id: ShelfId, places: 1 | -1) => {
    const project = isIdOf('project', id) ? recordIn(now(), id) : undefined
    if (!project) return by(id, places)
    along(id, () => (isStaged(project) ? acts.toNextStage : acts.amongProjects)(project, places))
  }
  return { into, by, across }
}
