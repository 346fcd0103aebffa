// A project as it is made, by itself or out of a slip.
import { recordsIn } from '@/core/journal'
import type { Project } from '@/core/record'
import { ok, type Result } from '@/core/result'
import { lineOf, rankAfter, type CommandContext, type Refusal } from './command'

export type NewProject = { readonly title: string } & Partial<
  Pick<Project, 'areaId' | 'outcome' | 'note' | 'due'>
>

export function makeProject(context: CommandContext, given: NewProject): Result<Project, Refusal> {
  const title = lineOf(given.title, 'title')
  if (!title.ok) return title
  return ok({
    id: context.newId('project'),
    areaId: null,
    outcome: '',
    note: '',
    due: null,
    inOrder: false,
    afterIds: [],
    personIds: [],
    goalIds: [],
    ...given,
    title: title.value,
    state: 'open',
    rank: rankAfter(recordsIn(context.document, 'project')),
    createdAtEpochMs: context.nowEpochMs,
    closedAtEpochMs: null,
  })
}
