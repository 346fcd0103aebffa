// Where a project stands: on an area or in another project, and in which stage there. Its parts go along.
import { updateOf, type RecordDiff } from '@/core/journal'
import type { Id, Project } from '@/core/record'
import { allPartsOf } from '../../read/projectParts'
import { firstStageOf, stageOwnerOf } from '../../read/selectors'
import type { CommandContext } from '../command'
import { enteredStage } from '../shelf/makeProject'

export interface Place {
  readonly areaId: Id<'area'> | null
  /** The project it becomes a part of; `areaId` is then that of this one. */
  readonly parentId: Id<'project'> | null
  /** Where nothing is said: the first stage there, or as before where the stages are the same. */
  readonly stageId?: Id<'stage'> | null
}

/** What is written so that a project stands somewhere; the first is the project itself, if anything of it changes. */
export function placed(context: CommandContext, project: Project, place: Place): RecordDiff[] {
  const { areaId, parentId } = place
  const isElsewhere = stageOwnerOf(place) !== stageOwnerOf(project)
  const first = isElsewhere ? firstStageOf(context.document, stageOwnerOf(place)) : project.stageId
  const stageId = place.stageId === undefined ? first : place.stageId
  const along = areaId === project.areaId ? [] : allPartsOf(context.document, project.id)
  return [
    updateOf(project, { areaId, parentId, stageId }),
    ...(stageId === project.stageId ? [] : enteredStage(context, { id: project.id, stageId })),
    ...along.map((part) => updateOf(part, { areaId })),
  ].filter((part) => part !== null)
}
