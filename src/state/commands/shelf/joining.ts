// What a project becomes part of: another project that takes in all it holds, or its area, where it turns out to be
// never over. Each is one act; nothing is lost on the way, and its history is told by what took it in.
import { recordIn, recordsIn, updateOf, type Document, type RecordDiff } from '@/core/journal'
import { blankOf, type AnyRecord, type Id, type Project, type Reference } from '@/core/record'
import { refuse } from '@/core/result'
import { standingOn } from '../../read/onShelf'
import { isTemplate } from '../../read/isTemplate'
import { allPartsOf, partsOfProject } from '../../read/projectParts'
import { partRefused } from '../action/after'
import { added, type Command, type CommandContext } from '../command'
import { thenDeleted } from '../deleting'
import { asideHandedOn, handedOn } from '../action/owned'
import { placed } from '../tray/placing'
import { projectSaid } from '../tray/saidInNote'
import { joinedNotes } from '../joinedNotes'
import { checklistsAlong, linesAlong, writtenAlong } from '../note/writtenAlong'

const union = <T extends string>(a: readonly T[], b: readonly T[]): T[] => [...new Set([...a, ...b])].sort()

const elsewhere = (records: readonly AnyRecord[], to: object): RecordDiff[] =>
  records.flatMap((record) => updateOf<AnyRecord>(record, to as Partial<AnyRecord>) ?? [])

/** What came after one project comes after another. */
const afterInstead = (document: Document, id: Id<'project'>, insteadId: Id<'project'>): RecordDiff[] =>
  recordsIn(document, 'project').flatMap((other) => {
    if (!other.afterIds.includes(id) || other.id === insteadId) return []
    const rest = other.afterIds.filter((each) => each !== id)
    return updateOf(other, { afterIds: union(rest, [insteadId]) }) ?? []
  })

/** What a project says of itself, as one text. */
export const textOfProject = ({ title, outcome, soThat, note }: Project, isTitled: boolean): string =>
  joinedNotes(isTitled ? title : '', outcome, soThat ? `So that ${soThat}` : '', note)

/**
 * Lays one project into another: its actions, parts, notes, files and checklists, and what it says of itself at the
 * foot of the other's note. What came after it comes after the other. Refused where the other is one of its own
 * parts.
 */
export const joinProjects: Command<{ id: Id<'project'>; intoId: Id<'project'> }> = (
  context,
  { id, intoId },
) => {
  const { document } = context
  const [project, into] = [recordIn(document, id), recordIn(document, intoId)]
  if (!project || !into || id === intoId) return refuse({ kind: 'notFound' })
  // Its questions, and where they are asked, would be lost.
  if (isTemplate(project) || isTemplate(into)) return refuse({ kind: 'notFound' })
  const isInside = allPartsOf(document, id).some((part) => part.id === intoId)
  const refused = isInside ? partRefused(document, project, intoId) : null
  if (refused) return refuse(refused)
  const parts = partsOfProject(document, id).flatMap((part) =>
    placed(context, part, { parentId: intoId, areaId: into.areaId }),
  )
  const after = into.afterIds.filter((each) => each !== id)
  const moved = [
    updateOf(into, {
      note: joinedNotes(
        into.note,
        textOfProject(project, true),
        projectSaid(document, project, ['personIds', 'goalIds', ...(into.due ? [] : (['due'] as const))]),
      ),
      due: into.due ?? project.due,
      personIds: union(into.personIds, project.personIds),
      goalIds: union(into.goalIds, project.goalIds),
      afterIds: after,
    }),
    ...elsewhere(standingOn(document, id), { projectId: intoId, areaId: null }),
    ...parts,
    ...handedOn(context, [id], intoId),
    ...writtenAlong(context, id, intoId),
    ...afterInstead(document, id, intoId),
    ...asideHandedOn(context, [id], intoId),
  ]
  return thenDeleted(context, moved, [id])
}

/** What a project says and holds of itself, as a reference on its area. */
function asReference(context: CommandContext, project: Project): Reference {
  const note = joinedNotes(textOfProject(project, false), projectSaid(context.document, project))
  return {
    ...blankOf('reference'),
    id: context.newId('reference'),
    title: project.title,
    note,
    areaId: project.areaId,
    createdAtEpochMs: context.nowEpochMs,
  }
}

/**
 * Lets a project be part of its area: its actions and what is kept with it stand on the area itself, its parts are
 * projects there, and what it says of itself is a reference with its title. Refused where it stands on no area.
 */
export const partOfArea: Command<{ id: Id<'project'> }> = (context, { id }) => {
  const { document } = context
  const project = recordIn(document, id)
  if (!project || isTemplate(project)) return refuse({ kind: 'notFound' })
  if (!project.areaId || !recordIn(document, project.areaId)) return refuse({ kind: 'notFound' })
  const { areaId, parentId } = project
  const reference = asReference(context, project)
  const moved = [
    ...elsewhere(standingOn(document, id), { projectId: null, areaId }),
    ...partsOfProject(document, id).flatMap((part) => placed(context, part, { parentId, areaId })),
    added(reference),
    ...handedOn(context, [id], reference.id),
    ...linesAlong(context, id, reference.id),
    ...asideHandedOn(context, [id], reference.id),
    ...checklistsAlong(context, id, null),
  ]
  return thenDeleted(context, moved, [id])
}
