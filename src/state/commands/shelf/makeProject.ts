// A project as it is made, by itself or out of a slip.
import { recordsIn, type RecordDiff } from '@/core/journal'
import { blankOf, type Project } from '@/core/record'
import { ok, type Result } from '@/core/result'
import { firstStageOf } from '../../read/selectors'
import { added, lineOf, rankAfter, type CommandContext, type Refusal } from '../command'

export type NewProject = { readonly title: string } & Partial<
  Pick<Project, 'areaId' | 'parentId' | 'outcome' | 'note' | 'due' | 'personIds' | 'inOrder'>
>

export function makeProject(context: CommandContext, given: NewProject): Result<Project, Refusal> {
  const title = lineOf(given.title, 'title')
  if (!title.ok) return title
  return ok({
    ...blankOf('project'),
    id: context.newId('project'),
    ...given,
    title: title.value,
    // Where its area or its whole has stages, it begins in the first of them.
    stageId: firstStageOf(context.document, given.parentId ?? given.areaId ?? null),
    rank: rankAfter(recordsIn(context.document, 'project')),
    createdAtEpochMs: context.nowEpochMs,
  })
}

/** That a project came to stand in its stage; nothing where it stands in none. */
export const enteredStage = (
  context: CommandContext,
  { id, stageId }: Pick<Project, 'id' | 'stageId'>,
): RecordDiff[] =>
  stageId === null
    ? []
    : [
        added({
          id: context.newId('passage'),
          projectId: id,
          stageId,
          enteredAtEpochMs: context.nowEpochMs,
        }),
      ]

/** A new project, and where it begins. */
export const projectAdded = (context: CommandContext, project: Project): RecordDiff[] => [
  added(project),
  ...enteredStage(context, project),
]
