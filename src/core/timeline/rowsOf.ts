// What stands on the time line: projects, each with its parts and its dated actions below it, from when to when.
import type { Action, Id, Project } from '../record'
import type { CalendarDate } from '../time'

export interface TimeLineRow {
  readonly id: Id<'project'> | Id<'action'>
  readonly title: string
  /** How deep it stands in what it is part of. */
  readonly depth: number
  /** Null where it has no date at all: then it is in the list and not on the line. */
  readonly from: CalendarDate | null
  readonly to: CalendarDate | null
  /** The end is a promise or an appointment, not read off what is in it. */
  readonly isPromised: boolean
  /** What comes before it, where that stands on the line too. */
  readonly afterIds: readonly string[]
  /** It begins before one of those is over. */
  readonly isEarly: boolean
}

export interface TimeLineShelf {
  /** Those that stand for themselves, in their order. */
  readonly projects: readonly Project[]
  readonly partsOf: (id: Id<'project'>) => readonly Project[]
  /** Open actions as they stand, in their order. */
  readonly actionsOf: (id: Id<'project'>) => readonly Action[]
  readonly today: CalendarDate
  /** Actions are left out. */
  readonly areActionsHidden?: boolean
}

const datesOf = ({ at, due, day, notBefore }: Action): CalendarDate[] =>
  [at?.date, due?.date, day, notBefore].filter((date) => date != null).sort()

function actionRow(action: Action, depth: number): TimeLineRow | null {
  const dates = datesOf(action)
  const [from] = dates
  if (!from) return null
  return {
    id: action.id,
    title: action.title,
    depth,
    from,
    to: dates.at(-1) ?? from,
    isPromised: action.at !== null || action.due !== null,
    afterIds: action.afterIds,
    isEarly: false,
  }
}

function projectRows(project: Project, depth: number, shelf: TimeLineShelf): TimeLineRow[] {
  const parts = shelf.partsOf(project.id).flatMap((part) => projectRows(part, depth + 1, shelf))
  const actions = shelf.actionsOf(project.id).flatMap((action) => actionRow(action, depth + 1) ?? [])
  const inside = [...parts, ...actions]
  const firsts = inside.flatMap(({ from }) => from ?? []).sort()
  const lasts = inside.flatMap(({ to }) => to ?? []).sort()
  const to = project.due ?? lasts.at(-1) ?? project.begins
  // What says nothing of when it begins is worked on from now, or from what comes first in it.
  const started = project.begins ?? firsts[0] ?? shelf.today
  return [
    {
      id: project.id,
      title: project.title,
      depth,
      from: to && started > to ? to : to && started,
      to,
      isPromised: project.due !== null,
      afterIds: project.afterIds,
      isEarly: false,
    },
    ...parts,
    ...(shelf.areActionsHidden ? [] : actions),
  ]
}

/** Row by row, each project before what is in it. */
export function rowsOf(shelf: TimeLineShelf): TimeLineRow[] {
  const rows = shelf.projects.flatMap((project) => projectRows(project, 0, shelf))
  const byId = new Map<string, TimeLineRow>(rows.map((row) => [row.id, row]))
  return rows.map((row) => {
    const before = row.afterIds.flatMap((id) => byId.get(id) ?? [])
    const isEarly = before.some(({ to }) => to !== null && row.from !== null && row.from <= to)
    return { ...row, afterIds: before.map(({ id }) => id), isEarly }
  })
}
