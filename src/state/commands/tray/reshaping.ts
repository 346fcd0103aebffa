// What one thing becomes of others: slips joined and split, a slip laid into an action, an action grown into a
// project, a project shrunk to its action. Each is one act; nothing is lost on the way, and what was removed for it
// is shown in the history of what it was merged into (see `mergedInBy`).
import { recordIn, updateOf, type RecordDiff } from '@/core/journal'
import {
  blankOf,
  facetFields,
  type Action,
  type AnyRecord,
  type FacetField,
  type Id,
  type Slip,
  type Step,
} from '@/core/record'
import { refuse } from '@/core/result'
import { actionsOfProject } from '../../read/actionIndexes'
import { repeatOf, stepsOf } from '../../read/ownedIndexes'
import { partsOfProject } from '../../read/projectParts'
import { added, diffOf, lineOf, rankAfter, removed, type Command, type CommandContext } from '../command'
import type { NewAction } from '../action/makeAction'
import { asideHandedOn, handedOn, partsAdded } from '../action/owned'
import { makeProject, projectAdded } from '../shelf/makeProject'
import { standingOn } from '../../read/onShelf'
import { textOfProject } from '../shelf/joining'
import { thenDeleted } from '../deleting'
import { projectSaid } from './saidInNote'
import { joinedNotes } from '../joinedNotes'
import { writtenAlong } from '../note/writtenAlong'

const withAll = <T>(mine: readonly T[], theirs: readonly T[] | undefined): T[] => [
  ...new Set([...mine, ...(theirs ?? [])]),
]
const isSameText = (a: string, b: string): boolean =>
  a.replace(/\s+/g, ' ').trim().toLowerCase() === b.replace(/\s+/g, ' ').trim().toLowerCase()
/** The text of what is taken in, where it says anything that the title does not. */
const textBeside = (title: string, text: string): string => (isSameText(title, text) ? '' : text)

const slipsIn = (context: CommandContext, ids: readonly Id<'slip'>[]): Slip[] | null => {
  const slips = ids.map((id) => recordIn(context.document, id))
  return slips.every((slip) => slip !== undefined && slip.letGoAtEpochMs === null) ? (slips as Slip[]) : null
}

/**
 * Makes one slip of several. The oldest takes the others in, so that what it says of days and how long it has lain stay
 * true; their texts and notes go below its own.
 */
export const joinSlips: Command<{ ids: readonly Id<'slip'>[] }> = (context, { ids }) => {
  const slips = slipsIn(context, [...new Set(ids)])
  if (!slips) return refuse({ kind: 'notFound' })
  const [oldest, ...others] = slips.sort(
    (a, b) => a.setDownAtEpochMs - b.setDownAtEpochMs || (a.id < b.id ? -1 : 1),
  )
  if (!oldest || others.length === 0) return refuse({ kind: 'nothingToDo' })
  const texts = others.flatMap(({ text, note }) => [textBeside(oldest.text, text), note])
  const patch: Partial<Slip> = {
    note: joinedNotes(oldest.note, ...texts),
    personIds: others.reduce((all, { personIds }) => withAll(all, personIds), [...oldest.personIds]),
  }
  const otherIds = others.map(({ id }) => id)
  return diffOf(
    updateOf(oldest, patch),
    ...handedOn(context, otherIds, oldest.id),
    ...asideHandedOn(context, otherIds, oldest.id),
    ...others.map(removed),
  )
}

export type Piece = Pick<Slip, 'text' | 'note' | 'takenOff'>

/**
 * Makes several slips of one, in the order of the pieces. The first stays the slip it is, with its files and steps; the
 * others are as old as it, and from whom it is.
 */
export const splitSlip: Command<{ id: Id<'slip'>; pieces: readonly Piece[] }> = (context, { id, pieces }) => {
  const slip = recordIn(context.document, id)
  if (!slip) return refuse({ kind: 'notFound' })
  if (pieces.length < 2) return refuse({ kind: 'nothingToDo' })
  const parts: (RecordDiff | null)[] = []
  for (const [index, { text, note, takenOff }] of pieces.entries()) {
    const line = lineOf(text, 'text')
    if (!line.ok) return line
    const piece = { text: line.value, note, takenOff: [...takenOff] }
    parts.push(
      index === 0
        ? updateOf(slip, piece)
        : added({
            ...slip,
            ...piece,
            id: context.newId('slip'),
            setDownAtEpochMs: slip.setDownAtEpochMs + index,
          }),
    )
  }
  return diffOf(...parts)
}

/** An action keeps its own of these, whatever a slip says. */
const keptAsTheyAre: readonly FacetField[] = ['day', 'notBefore', 'horizon', 'weight', 'waiting']

/** What stands open in an action is filled in from what a slip says; what is set stays as it is. */
function filledIn(action: Action, said: NewAction): Partial<Action> {
  const isOnNoShelf = action.projectId === null && action.areaId === null
  const open = facetFields.filter(
    (field) => action[field] === null && said[field] && !keptAsTheyAre.includes(field),
  )
  return {
    ...Object.fromEntries(open.map((field) => [field, said[field]])),
    projectId: isOnNoShelf ? (said.projectId ?? null) : action.projectId,
    areaId: isOnNoShelf ? (said.areaId ?? null) : action.areaId,
    contextIds: withAll(action.contextIds, said.contextIds),
    personIds: withAll(action.personIds, said.personIds),
  }
}

/**
 * Lays a slip into the action it is a duplicate of: both texts and notes, files, steps and what it says that was
 * open.
 */
export const mergeIntoAction: Command<{
  slipId: Id<'slip'>
  actionId: Id<'action'>
  fields: NewAction
}> = (context, { slipId, actionId, fields }) => {
  const [slip] = slipsIn(context, [slipId]) ?? []
  const action = recordIn(context.document, actionId)
  if (!slip || !action) return refuse({ kind: 'notFound' })
  const hasRepeat = repeatOf(context.document, actionId) !== undefined
  const comesAlong = partsAdded(context, action, { ...fields, repeat: hasRepeat ? null : fields.repeat })
  if (!comesAlong.ok) return comesAlong
  const people = { personIds: withAll(slip.personIds, fields.personIds) }
  return diffOf(
    updateOf(action, {
      ...filledIn(action, { ...fields, ...people }),
      note: joinedNotes(action.note, textBeside(action.title, slip.text), slip.note),
    }),
    ...comesAlong.value,
    ...handedOn(context, [slipId], actionId),
    ...asideHandedOn(context, [slipId], actionId),
    removed(slip),
  )
}

/**
 * Makes a slip a step of an action, word for word; its own steps stand under it, its note and files go to the action.
 */
export const makeStepOf: Command<{ slipId: Id<'slip'>; actionId: Id<'action'> }> = (
  context,
  { slipId, actionId },
) => {
  const [slip] = slipsIn(context, [slipId]) ?? []
  const action = recordIn(context.document, actionId)
  if (!slip || !action) return refuse({ kind: 'notFound' })
  const step: Step = {
    ...blankOf('step'),
    id: context.newId('step'),
    ownerId: actionId,
    title: slip.text,
    rank: rankAfter(stepsOf(context.document, actionId)),
  }
  const under = new Set<string>(
    stepsOf(context.document, slipId).flatMap(({ id, underId }) => (underId === null ? [id] : [])),
  )
  return diffOf(
    added(step),
    ...handedOn(context, [slipId], actionId, (part) =>
      under.has(part.id) ? ({ underId: step.id } as Partial<AnyRecord>) : {},
    ),
    updateOf(action, {
      note: joinedNotes(action.note, slip.note),
      personIds: withAll(action.personIds, slip.personIds),
    }),
    ...asideHandedOn(context, [slipId], actionId),
    removed(slip),
  )
}

/** The time of a promise: a project is due on a day. */
const timeOfDue = ({ due }: Action): string => (due?.time ? `by ${due.time}` : '')

/** What was meant for the whole and a project has no field for. */
const wentWithTitle = (action: Action): string =>
  [timeOfDue(action), action.minutes === null ? '' : `${action.minutes} min`, action.link ?? '']
    .filter((words) => words !== '')
    .join(', ')

/**
 * Grows an action into a project that takes over its title, note, promise, steps and files. The action stays as the
 * project's next one, under a smaller title: `next`, or that of one of its steps, which is then no step any more. Its
 * minutes and its promise were meant for the whole, and go with the old title.
 */
export const growIntoProject: Command<{
  id: Id<'action'>
  title: string
  next: string
  nextStepId?: Id<'step'> | null
}> = (context, { id, title, next, nextStepId = null }) => {
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  const line = lineOf(next, 'title')
  if (!line.ok) return line
  const isSmaller = !isSameText(line.value, action.title)
  const area = action.projectId ? recordIn(context.document, action.projectId)?.areaId : action.areaId
  const project = makeProject(context, {
    title,
    note: joinedNotes(action.note, isSmaller ? wentWithTitle(action) : timeOfDue(action)),
    areaId: area ?? null,
    due: action.due?.date ?? null,
  })
  if (!project.ok) return project
  const step = nextStepId ? recordIn(context.document, nextStepId) : undefined
  const isTaken = step?.ownerId === id
  return diffOf(
    ...projectAdded(context, project.value),
    updateOf(action, {
      title: line.value,
      note: isTaken ? textBeside(line.value, step.title) : '',
      projectId: project.value.id,
      areaId: null,
      ...(isSmaller ? { minutes: null, due: null, link: null } : {}),
    }),
    ...(isTaken ? [removed(step)] : []),
    ...handedOn(context, [id], project.value.id, (part) => {
      if (isTaken && part.id === step.id) return null
      return isTaken && (part as Step).underId === step.id ? ({ underId: null } as Partial<AnyRecord>) : {}
    }),
    ...writtenAlong(context, id, project.value.id),
  )
}

/**
 * Shrinks a project to its one open action, which takes over its note, outcome, promise, steps and files and stands on
 * its area; so do what was done for it, and what is kept with it. Refused where it has another number of open actions.
 */
export const shrinkToAction: Command<{ id: Id<'project'> }> = (context, { id }) => {
  const { document } = context
  const project = recordIn(document, id)
  if (!project) return refuse({ kind: 'notFound' })
  const open = actionsOfProject(document, id)
  const [action] = open
  if (!action || open.length > 1) return refuse({ kind: 'notOneAction', count: open.length })
  if (partsOfProject(document, id).length > 0) return refuse({ kind: 'hasParts' })
  const { parentId } = project
  const onArea = { projectId: parentId, areaId: parentId ? null : project.areaId }
  const due = project.due ? { date: project.due, time: null } : null
  const others = standingOn(document, id).filter((other) => other.id !== action.id)
  const moved = [
    updateOf(action, {
      ...onArea,
      due: action.due ?? due,
      personIds: withAll(action.personIds, project.personIds),
      note: joinedNotes(
        action.note,
        textBeside(action.title, project.title),
        textOfProject(project, false),
        projectSaid(document, project, action.due ? ['personIds'] : ['due', 'personIds']),
      ),
    }),
    ...others.map((other) => updateOf<AnyRecord>(other, onArea)),
    ...handedOn(context, [id], action.id),
    ...writtenAlong(context, id, action.id),
    ...asideHandedOn(context, [id], action.id),
  ]
  return thenDeleted(context, moved, [id])
}
