// Groups, areas and projects: making, renaming, ranking and closing them.
import { recordIn, recordsIn, updateOf, type RecordDiff } from '@/core/journal'
import {
  blankOf,
  inkCount,
  kindOf,
  noteLimit,
  rankBetween,
  ranksInOrder,
  type Area,
  type Group,
  type Id,
  type Project,
  type ProjectState,
  type Side,
} from '@/core/record'
import { deepestNesting } from '@/core/record/nesting'
import { refuse } from '@/core/result'
import type { CalendarDate } from '@/core/time'
import {
  added,
  change,
  changeLine,
  diffOf,
  lineOf,
  linesOf,
  rankAfter,
  type Command,
  type CommandContext,
} from '../command'
import { isTemplate } from '../../read/isTemplate'
import { isToWake } from '../../read/selectors'
import { wholesAbove } from '../../read/projectParts'
import { partRefused } from '../action/after'
import { makeProject, projectAdded, type NewProject } from './makeProject'
import { endRefused } from './leaving'
import { placed, type Place } from '../tray/placing'
import { joinedNotes } from '../joinedNotes'
import { lettersFor } from './lettersFor'

/** A new project on an area; or in another project, as a part of it. */
export const addProject: Command<NewProject> = (context, given) => {
  const whole = given.parentId ? recordIn(context.document, given.parentId) : undefined
  if (given.parentId && !whole) return refuse({ kind: 'notFound' })
  if (whole && wholesAbove(context.document, whole).length + 1 > deepestNesting)
    return refuse({ kind: 'nestedTooDeep', limit: deepestNesting })
  const project = makeProject(context, whole ? { ...given, areaId: whole.areaId } : given)
  return project.ok ? diffOf(...projectAdded(context, project.value)) : project
}

/** No longer ended: why it had is in its note, unless that is full. */
export function withoutEnd({ note, endReason }: Project): Partial<Project> {
  const joined = joinedNotes(note, endReason)
  return { ending: null, ...(joined.length > noteLimit ? {} : { endReason: '', note: joined }) }
}

/** How it had ended, and until when it rested, is over with the state that said so. */
const inState = (context: CommandContext, project: Project, state: ProjectState): Partial<Project> => ({
  state,
  notUntil: null,
  ...withoutEnd(project),
  closedAtEpochMs: state === 'finished' || state === 'letGo' ? context.nowEpochMs : null,
})

const openIn = ({ document }: CommandContext, project: Project, state: ProjectState) =>
  state === 'finished' || state === 'letGo' ? endRefused(document, project, { state, ending: null }) : null

export const editProject: Command<{
  id: Id<'project'>
  patch: Partial<
    Pick<
      Project,
      | 'title'
      | 'outcome'
      | 'soThat'
      | 'note'
      | 'begins'
      | 'due'
      | 'areaId'
      | 'parentId'
      | 'personIds'
      | 'state'
      | 'notUntil'
      | 'endReason'
      | 'letters'
      | 'ink'
    >
  >
}> = (context, { id, patch }) => {
  const project = recordIn(context.document, id)
  if (!project || (patch.state && isTemplate(project))) return refuse({ kind: 'notFound' })
  const lines = linesOf(patch)
  if (!lines.ok) return lines
  const { areaId, parentId, state, letters, ...more } = patch
  const open = state ? openIn(context, project, state) : null
  if (open) return refuse(open)
  const { begins, due } = { ...project, ...patch }
  if (('begins' in patch || 'due' in patch) && begins && due && begins > due)
    return refuse({ kind: 'endsFirst', begins, due })
  const ended = state ? inState(context, { ...project, note: patch.note ?? project.note }, state) : {}
  const written = {
    ...ended,
    ...more,
    ...lines.value,
    ...(ended.note === undefined ? {} : { note: ended.note }),
    ...(letters === undefined ? {} : { letters: sealIn(letters) }),
  }
  const place = placeIn(context, project, { areaId, parentId })
  if (!place) return diffOf(updateOf(project, written))
  const refused = partRefused(context.document, project, place.parentId)
  if (refused) return refuse(refused)
  const [own, ...along] = placed(context, project, place)
  return diffOf(
    own?.kind === 'updated'
      ? { ...own, fields: { ...own.fields, ...fieldsOf(updateOf(project, written)) } }
      : null,
    ...along,
  )
}

/** Where it is to stand, if elsewhere than now: said to be on an area, it is a part of nothing any more. */
function placeIn(
  { document }: CommandContext,
  project: Project,
  {
    areaId,
    parentId = areaId === undefined ? undefined : null,
  }: Partial<Pick<Project, 'areaId' | 'parentId'>>,
): Place | null {
  if (parentId === undefined) return null
  const whole = parentId ? recordIn(document, parentId) : undefined
  if (parentId && !whole) return null
  const onArea = areaId === undefined ? project.areaId : areaId
  const place = { parentId, areaId: whole ? whole.areaId : onArea }
  return place.areaId === project.areaId && place.parentId === project.parentId ? null : place
}

const fieldsOf = (part: RecordDiff | null) => (part?.kind === 'updated' ? part.fields : {})

/** Two letters, or one emoji: no more fits in a seal. */
const sealIn = (text: string): string =>
  [...new Intl.Segmenter('en').segment(text.trim())]
    .slice(0, 2)
    .map(({ segment }) => segment)
    .join('')

/** Opens again what was to rest until a day that has come. */
export const wakeProjects: Command<{ today: CalendarDate }> = ({ document }, { today }) =>
  diffOf(
    ...recordsIn(document, 'project')
      .filter((project) => isToWake(project, today))
      .map((project) => updateOf(project, { state: 'open', notUntil: null, ...withoutEnd(project) })),
  )

/** Opens, puts off, finishes or lets go of a project. Its open actions stay as they are and are shown with it. */
export const setProjectState: Command<{ id: Id<'project'>; state: ProjectState }> = (
  context,
  { id, state },
) => {
  const project = recordIn(context.document, id)
  // A template is never one of what is worked on: what it asks for would be lost with its end.
  if (isTemplate(project)) return refuse({ kind: 'notFound' })
  const open = project ? openIn(context, project, state) : null
  return open ? refuse(open) : change(context, id, (of) => inState(context, of, state))
}

export const addGroup: Command<{ name: string; side: Side }> = (context, { name, side }) => {
  const line = lineOf(name, 'name')
  if (!line.ok) return line
  return diffOf(
    added({
      ...blankOf('group'),
      id: context.newId('group'),
      name: line.value,
      side,
      rank: rankAfter(recordsIn(context.document, 'group')),
    }),
  )
}

export const editGroup: Command<{
  id: Id<'group'>
  patch: Partial<Pick<Group, 'name' | 'side' | 'letters' | 'ink'>>
}> = (context, { id, patch }) =>
  changeLine(context, id, patch.letters === undefined ? patch : { ...patch, letters: sealIn(patch.letters) })

export const addArea: Command<{
  name: string
  groupId: Id<'group'> | null
  letters?: string
  ink?: number
}> = (context, { name, groupId, letters, ink }) => {
  const line = lineOf(name, 'name')
  if (!line.ok) return line
  const areas = recordsIn(context.document, 'area')
  const used = areas.map((area) => area.ink)
  const leastUsed =
    Array.from({ length: inkCount }, (_, index) => index).sort(
      (a, b) => used.filter((x) => x === a).length - used.filter((x) => x === b).length || a - b,
    )[0] ?? 0
  const area: Area = {
    ...blankOf('area'),
    id: context.newId('area'),
    groupId,
    name: line.value,
    letters: letters?.trim() || lettersFor(line.value),
    ink: ink ?? leastUsed,
    rank: rankAfter(areas),
  }
  return diffOf(added(area))
}

export const editArea: Command<{
  id: Id<'area'>
  patch: Partial<Pick<Area, 'name' | 'letters' | 'ink' | 'groupId' | 'lookedOn' | 'everyWeeks'>>
}> = (context, { id, patch }) => {
  const letters = patch.letters === undefined ? {} : { letters: sealIn(patch.letters) }
  return letters.letters === ''
    ? refuse({ kind: 'empty', field: 'letters' })
    : changeLine(context, id, { ...patch, ...letters })
}

export const reopenShelf: Command<{ id: Id<'group'> | Id<'area'> }> = (context, { id }) =>
  change(context, id as Id<'area'>, () => ({ closedAtEpochMs: null }))

type Ranked = 'group' | 'area' | 'project' | 'context' | 'person' | 'action' | 'stage'

/** Puts a record one place earlier or later among `siblings`, which are ids in their present order. */
export const rankBy: Command<{ id: Id<Ranked>; siblings: readonly Id<Ranked>[]; places: number }> = (
  context,
  { id, siblings, places },
) => {
  const from = siblings.indexOf(id)
  const order = [...siblings]
  if (from < 0 || from + places < 0 || from + places >= order.length) return refuse({ kind: 'nothingToDo' })
  order.splice(from + places, 0, ...order.splice(from, 1))
  const records = order.flatMap((each) => recordIn(context.document, each as Id<'project'>) ?? [])
  const at = records.findIndex((record) => record.id === id)
  const rank = rankBetween(records[at - 1]?.rank ?? null, records[at + 1]?.rank ?? null)
  const moved = records[at]
  if (rank !== null && moved) return diffOf(updateOf(moved, { rank }))
  // Two of them share a rank, so there is none between: all are ranked anew.
  const ranks = ranksInOrder(records.length)
  return diffOf(...records.map((record, index) => updateOf(record, { rank: ranks[index] as string })))
}

/** A name for any of the shelf kinds, for one rename command in lists. */
export const renameShelf: Command<{ id: Id<'group'> | Id<'area'> | Id<'project'>; name: string }> = (
  context,
  { id, name },
) =>
  kindOf(id) === 'project'
    ? changeLine(context, id as Id<'project'>, { title: name })
    : changeLine(context, id as Id<'area'>, { name })
