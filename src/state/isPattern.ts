import { recordIn, recordsIn, type Document } from '@/core/journal'
import { isIdOf, type Making, type Project } from '@/core/record'

/** A project that others are made from, and that is none itself. */
export type Pattern = Project & { readonly makes: Making }
export const isPattern = (project: Project | undefined): project is Pattern =>
  project?.state === 'pattern' && project.makes !== null

/** Whether a project, or an action of it, belongs to a pattern. */
function isInPattern(document: Document, ownerId: string | null): boolean {
  if (isIdOf('project', ownerId)) return isPattern(recordIn(document, ownerId))
  const projectId = isIdOf('action', ownerId) ? recordIn(document, ownerId)?.projectId : null
  return projectId ? isPattern(recordIn(document, projectId)) : false
}

/** A list without what belongs to patterns: the same as long as the list, the projects and the actions are. */
export function outsidePatterns<R>(
  ownerOf: (record: R) => string | null,
): (document: Document, list: readonly R[]) => readonly R[] {
  let tables: readonly unknown[] = []
  let result: readonly R[] = []
  let hasPatterns = false
  return (document, list) => {
    if (tables[1] !== document.project) hasPatterns = recordsIn(document, 'project').some(isPattern)
    const now = [list, document.project, hasPatterns ? document.action : null]
    if (now.some((table, at) => table !== tables[at]))
      result = hasPatterns ? list.filter((record) => !isInPattern(document, ownerOf(record))) : list
    tables = now
    return result
  }
}
