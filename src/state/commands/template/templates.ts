// Templates: made from nothing, their blanks and the dates they count.
import { asBlank, blankMark } from '@/core/template'
import { recordIn, recordsIn, updateOf, type Document, type RecordDiff } from '@/core/journal'
import {
  blankOf,
  countedOfAction,
  countedOfProject,
  isIdOf,
  kindOf,
  type AnyRecord,
  type Blank,
  type BlankKind,
  type Counted,
  type CountedField,
  type Id,
  type Making,
  type Project,
  tooLongIn,
  type TooLong,
} from '@/core/record'
import { withTexts } from '@/core/record/texts'
import { refuse } from '@/core/result'
import { blanksOf, countedOf, isTemplate, projectToCopy } from '../../read/templates'
import { allPartsOf } from '../../read/projectParts'
import { added, change, diffOf, lineOf, rankAfter, removed, type Command } from '../command'
import { actionAdded, type NewAction } from '../action/makeAction'
import { asTemplate, countedFor, partOfTemplate } from './copied'
import { makeProject } from '../shelf/makeProject'
import { standingOn } from '../../read/onShelf'
import { thenDeleted } from '../deleting'

/** A template from nothing. */
export const addTemplate: Command<{ title: string; makes: Making }> = (context, { title, makes }) => {
  const made = makeProject(context, { title })
  if (!made.ok) return made
  const project = asTemplate(made.value, makes)
  const at = {
    projectId: project.id,
    areaId: null,
    createdAtEpochMs: context.nowEpochMs,
    letGoAtEpochMs: null,
  }
  const inside: AnyRecord[] = {
    project: [],
    action: [],
    checklist: [
      {
        ...blankOf('checklist'),
        id: context.newId('checklist'),
        name: project.title,
        ownerId: project.id,
        rank: 'a0',
        createdAtEpochMs: context.nowEpochMs,
      },
    ],
    note: [
      {
        ...blankOf('note'),
        id: context.newId('note'),
        title: project.title,
        date: context.moment.date,
        ...at,
      },
    ],
  }[makes] as AnyRecord[]
  return diffOf(added(project), ...inside.map(added))
}

/** Adds an action to a template. */
export const addToTemplate: Command<NewAction & { projectId: Id<'project'> }> = (context, given) =>
  isTemplate(recordIn(context.document, given.projectId))
    ? actionAdded(context, { ...given, areaId: null })
    : refuse({ kind: 'notFound' })

/** Adds a part to a template, or to a part of it. */
export const addTemplatePart: Command<{ title: string; parentId: Id<'project'> }> = (
  context,
  { title, parentId },
) => {
  if (!isTemplate(recordIn(context.document, parentId))) return refuse({ kind: 'notFound' })
  const made = makeProject(context, { title })
  return made.ok ? diffOf(added(partOfTemplate({ ...made.value, parentId }))) : made
}

/** Removes a template with all that belongs to it. */
export const removeTemplate: Command<{ id: Id<'project'> }> = (context, { id }) => {
  const { document } = context
  const template = recordIn(document, id)
  if (!isTemplate(template)) return refuse({ kind: 'notFound' })
  const projects = [template, ...allPartsOf(document, id)]
  const inside = projects.flatMap((project) => standingOn(document, project.id))
  return thenDeleted(
    context,
    [],
    [...projects, ...inside].map(({ id: each }) => each),
  )
}

const isTaken = (document: Document, projectId: Id<'project'>, name: string, but?: Id<'blank'>): boolean =>
  blanksOf(document, projectId).some((blank) => blank.name === name && blank.id !== but)

/** The name of a blank: a line without the signs that mark it. */
const blankNameOf = (text: string) => lineOf(text.replace(/[‹›]/g, ' ').slice(0, 80), 'name')

export const addBlank: Command<{ projectId: Id<'project'>; name: string; kind: BlankKind }> = (
  context,
  { projectId, name, kind },
) => {
  if (!isTemplate(recordIn(context.document, projectId))) return refuse({ kind: 'notFound' })
  const line = blankNameOf(name)
  if (!line.ok) return line
  if (isTaken(context.document, projectId, line.value)) return refuse({ kind: 'nameTaken', name: line.value })
  const rank = rankAfter(blanksOf(context.document, projectId))
  return diffOf(added({ id: context.newId('blank'), projectId, name: line.value, kind, rank }))
}

/** The texts of a template, told otherwise. */
function retold(
  document: Document,
  project: Project,
  told: (text: string) => string,
): (RecordDiff | null)[] | { readonly tooLong: TooLong } {
  const parts: (RecordDiff | null)[] = []
  for (const record of projectToCopy(document, project)) {
    if (kindOf(record.id) === 'blank') continue
    const after = withTexts(record, told)
    const tooLong = tooLongIn(after)
    if (tooLong) return { tooLong }
    parts.push(updateOf(record, after as Partial<AnyRecord>))
  }
  return parts
}

/** Names a blank otherwise, in the texts too, or says what it is filled with. */
export const editBlank: Command<{
  id: Id<'blank'>
  patch: Partial<Pick<Blank, 'name' | 'kind'>>
}> = (context, { id, patch }) => {
  const { document } = context
  const blank = recordIn(document, id)
  const project = blank && recordIn(document, blank.projectId)
  if (!blank || !project) return refuse({ kind: 'notFound' })
  const { name } = patch
  if (name === undefined) return change(context, id, () => patch)
  const line = blankNameOf(name)
  if (!line.ok) return line
  if (isTaken(document, blank.projectId, line.value, id))
    return refuse({ kind: 'nameTaken', name: line.value })
  const parts = retold(document, project, (text) =>
    text.replaceAll(blankMark(blank.name), blankMark(line.value)),
  )
  return 'tooLong' in parts
    ? refuse({ kind: 'tooLong', ...parts.tooLong })
    : diffOf(updateOf(blank, { ...patch, name: line.value }), ...parts)
}

/** Makes words a blank wherever they stand in a template. */
export const makeBlank: Command<{ projectId: Id<'project'>; words: string; name: string }> = (
  context,
  { projectId, words, name },
) => {
  const { document } = context
  const project = recordIn(document, projectId)
  const line = blankNameOf(name)
  if (!isTemplate(project) || words.trim() === '') return refuse({ kind: 'notFound' })
  if (!line.ok) return line
  const parts = retold(document, project, (text) => asBlank(text, words.trim(), line.value))
  if ('tooLong' in parts) return refuse({ kind: 'tooLong', ...parts.tooLong })
  if (parts.every((part) => part === null)) return refuse({ kind: 'nothingToDo' })
  const rank = rankAfter(blanksOf(document, projectId))
  const fresh = isTaken(document, projectId, line.value)
    ? []
    : [added({ id: context.newId('blank'), projectId, name: line.value, kind: 'name', rank })]
  return diffOf(...fresh, ...parts)
}

/** Takes a blank away; its name stands in the texts as words, and what was counted from it is counted no more. */
export const removeBlank: Command<{ id: Id<'blank'> }> = (context, { id }) => {
  const { document } = context
  const blank = recordIn(document, id)
  const project = blank && recordIn(document, blank.projectId)
  if (!blank || !project) return refuse({ kind: 'notFound' })
  const parts = retold(document, project, (text) => text.replaceAll(blankMark(blank.name), blank.name))
  const from = recordsIn(document, 'counted').filter(({ blankId }) => blankId === id)
  return diffOf(removed(blank), ...('tooLong' in parts ? [] : parts), ...from.map(removed))
}

/** Counts a date of what a template makes: an action, the whole, a part; with no shift it has none. */
export const setCounted: Command<{
  of: Id<'action'> | Id<'project'>
  field: CountedField
  to: Pick<Counted, 'blankId' | 'shift' | 'time'> | null
}> = (context, { of, field, to }) => {
  const { document } = context
  const known: readonly CountedField[] = isIdOf('action', of) ? countedOfAction : countedOfProject
  if (!recordIn(document, of as Id<'project'>) || !known.includes(field)) return refuse({ kind: 'notFound' })
  if (to?.blankId && !recordIn(document, to.blankId)) return refuse({ kind: 'notFound' })
  const before = countedOf(document, of).find((each) => each.field === field)
  if (!to) return before ? diffOf(removed(before)) : refuse({ kind: 'nothingToDo' })
  return before ? diffOf(updateOf(before, to)) : diffOf(added(countedFor(context, of, { field, ...to })))
}
