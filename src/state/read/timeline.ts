// The time line as it is read: what stands on it of an area or of all, and from when to when a project is shown.
import type { Document } from '@/core/journal'
import type { Id, Project } from '@/core/record'
import { rowsOf, type TimeLineRow } from '@/core/timeline'
import type { CalendarDate } from '@/core/time'
import { actionsOfProject } from './actionIndexes'
import { partsOfProject } from './projectParts'
import { isHeld } from './selectors'

const shelfOf = (document: Document, projects: readonly Project[], today: CalendarDate) => ({
  projects,
  partsOf: (id: Id<'project'>) => partsOfProject(document, id).filter(({ state }) => isHeld(state)),
  actionsOf: (id: Id<'project'>) => actionsOfProject(document, id),
  today,
})

/** Projects in their order, with what is in them. */
export const timeLineOf = (
  document: Document,
  projects: readonly Project[],
  today: CalendarDate,
  areActionsHidden: boolean,
): TimeLineRow[] => rowsOf({ ...shelfOf(document, projects, today), areActionsHidden })

/** From when to when one project is shown. */
export function barOf(
  document: Document,
  project: Project,
  today: CalendarDate,
): Pick<TimeLineRow, 'from' | 'to'> {
  const [row] = rowsOf(shelfOf(document, [project], today))
  return row ?? { from: null, to: null }
}
