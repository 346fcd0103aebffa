import { recordIn, recordsIn, type Document } from '@/core/journal'
import { isIdOf, type Making, type Project } from '@/core/record'

/** A project that others are made from, and that is none itself. */
export type Template = Project & { readonly makes: Making }
export const isTemplate = (project: Project | undefined): project is Template =>
  project?.state === 'template' && project.makes !== null

/** Whether a project, or an action of it, belongs to a template. */
function isInTemplate(document: Document, ownerId: string | null): boolean {
  if (isIdOf('project', ownerId)) return isTemplate(recordIn(document, ownerId))
  const projectId = isIdOf('action', ownerId) ? recordIn(document, ownerId)?.projectId : null
  return projectId ? isTemplate(recordIn(document, projectId)) : false
}

/** A list without what belongs to templates: the same as long as the list, the projects and the actions are. */
export function outsideTemplates<R>(
  ownerOf: (record: R) => string | null,
): (document: Document, list: readonly R[]) => readonly R[] {
  let tables: readonly unknown[] = []
  let result: readonly R[] = []
  let hasTemplates = false
  return (document, list) => {
    if (tables[1] !== document.project) hasTemplates = recordsIn(document, 'project').some(isTemplate)
    const now = [list, document.project, hasTemplates ? document.action : null]
    if (now.some((table, at) => table !== tables[at]))
      result = hasTemplates ? list.filter((record) => !isInTemplate(document, ownerOf(record))) : list
    tables = now
    return result
  }
}
