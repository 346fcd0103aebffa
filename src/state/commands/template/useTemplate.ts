// Using a template: copies with their blanks filled and their dates counted.
import { filled, filledLine } from '@/core/template'
import { recordIn, recordsIn, type RecordDiff } from '@/core/journal'
import {
  byRank,
  isIdOf,
  kindOf,
  type Action,
  type AnyRecord,
  type AsideOf,
  type Id,
  type OwnerId,
  type Project,
  type Slip,
  type Stage,
} from '@/core/record'
import { refuse } from '@/core/result'
import type { CalendarDate } from '@/core/time'
import { standsOn } from '@/core/action'
import { askedBy, datesOf, wholeDatesOf, isTemplate, projectToCopy, type Answers } from '../../read/templates'
import { asideHandedOn, handedOn } from '../action/owned'
import { remarkAdded } from '../note/remarks'
import { joinedNotes } from '../joinedNotes'
import { added, diffOf, rankAfter, removed, type Command, type CommandContext } from '../command'
import { withTexts } from '@/core/record/texts'
import { copied, fieldsOf, rankedFrom } from './copied'
import { enteredStage, makeProject, projectAdded } from '../shelf/makeProject'

export interface Answered {
  /** What stands for the blank in texts. */
  readonly says: string
  /** Where it is a date. */
  readonly date: CalendarDate | null
}

/**
 * Makes what a template makes: its blanks filled in every text, its dates counted. `answers` are by the names of the
 * blanks; one that is left out stays as a blank, and what is counted from it has no date.
 */
export const useTemplate: Command<{
  id: Id<'project'>
  answers: Readonly<Record<string, Answered>>
  areaId: Id<'area'> | null
  projectId?: Id<'project'> | null
  /** The slip that sounded like it: what came with it goes along. */
  slipId?: Id<'slip'>
}> = (context, { id, answers, areaId, projectId = null, slipId }) => {
  const { document } = context
  const template = recordIn(document, id)
  if (!isTemplate(template)) return refuse({ kind: 'notFound' })
  const asked = askedBy(document, template)
  const known = new Set(asked.map(({ name }) => name))
  const given = Object.entries(answers).filter(([name]) => known.has(name))
  const said = new Map(given.map(([name, { says }]) => [name, says]))
  const dates: Answers = Object.fromEntries(given.flatMap(([name, { date }]) => (date ? [[name, date]] : [])))
  const ofTemplate = projectToCopy(document, template)
  const actions = rankedFrom(
    context,
    ofTemplate.filter((record): record is Action => kindOf(record.id) === 'action'),
  )
  const isKept = ({ id: each }: AnyRecord) =>
    !['project', 'blank', 'counted', 'action'].includes(kindOf(each))
  const isProject = template.makes === 'project'
  const fresh = makeProject(context, {
    title: filledLine(template.title, said),
    outcome: filled(template.outcome, said),
    note: filled(template.note, said),
    areaId,
  })
  if (!fresh.ok) return fresh
  const ids = new Map<string, string>([[id, fresh.value.id]])
  const parts = ofTemplate.filter((record) => kindOf(record.id) === 'project' && record.id !== id)
  const copies = copied(context, [...actions, ...ofTemplate.filter(isKept), ...parts], ids)
  const onNone = isProject ? null : { projectId, areaId: projectId ? null : areaId }
  /** In the project that is made, or in the part of it; else where it is asked for. */
  const on = (record: AnyRecord) =>
    onNone ??
    ({ projectId: fieldsOf(record)['projectId'], areaId: null } as { projectId: Id<'project'>; areaId: null })
  const standing = new Map<string, CalendarDate>()
  const originals = new Map(
    [...actions, ...parts].map(({ id: each }) => [ids.get(each) ?? '', each as Id<'action'> | Id<'project'>]),
  )
  const told = copies.map((record): AnyRecord => {
    const original = originals.get(record.id)
    const withText = withTexts(record, (text, field) =>
      field === 'title' || field === 'name' ? filledLine(text, said) : filled(text, said),
    )
    if (!original) return withText
    const { due, day, notBefore, at, begins } = datesOf(document, original, dates, context.moment.date)
    if (!isIdOf('action', original))
      return { ...(withText as Project), begins: begins?.date ?? null, due: due?.date ?? null }
    const action = {
      ...(withText as Action),
      ...on(record),
      due: due ?? null,
      day: day?.date ?? null,
      notBefore: notBefore?.date ?? null,
      at: at ?? null,
      createdAtEpochMs: context.nowEpochMs,
    }
    standing.set(action.id, standsOn(action) ?? context.moment.date)
    return action
  })
  const main = told.find(({ id: each }) => ['action', 'checklist', 'note'].includes(kindOf(each)))
  const mainId = main?.id ?? null
  if (!isProject && !main) return refuse({ kind: 'nothingToDo' })
  const placed = told.map(
    placedIn(context, { isProject, madeId: fresh.value.id, mainId, areaId, on, standing, copies }),
  )
  const { letters, ink, inOrder, goalIds } = template
  const own = wholeDatesOf(document, template, dates, context.moment.date)
  const project: Project = {
    ...fresh.value,
    letters,
    ink,
    inOrder,
    goalIds,
    soThat: filled(template.soThat, said),
    begins: own.begins?.date ?? null,
    due: own.due?.date ?? null,
  }
  const made = [project, ...placed.filter((record) => kindOf(record.id) === 'project')] as Project[]
  for (const { begins, due } of made)
    if (begins && due && begins > due) return refuse({ kind: 'endsFirst', begins, due })
  const slip = slipId ? recordIn(document, slipId) : undefined
  const isMain = ({ id: each }: AnyRecord) => each === mainId
  const [first, ...others] = isProject
    ? [project, ...placed]
    : [...placed.filter(isMain), ...placed.filter((record) => !isMain(record))]
  const taking = slip && first ? slipTaken(context, slip, first) : { record: first as AnyRecord, beside: [] }
  return diffOf(
    ...(isProject ? projectAdded(context, taking.record as Project) : [added(taking.record)]),
    ...others.map(added),
    ...others.flatMap((record) =>
      kindOf(record.id) === 'project' ? enteredStage(context, record as Project) : [],
    ),
    ...taking.beside,
  )
}

interface Placing {
  readonly isProject: boolean
  /** The project that is made; where none is, what lies with it lies with the main record. */
  readonly madeId: Id<'project'>
  readonly mainId: string | null
  readonly areaId: Id<'area'> | null
  readonly on: (record: AnyRecord) => Partial<Pick<Action, 'projectId' | 'areaId'>>
  /** The day each action is on, for what repeats from it. */
  readonly standing: ReadonlyMap<string, CalendarDate>
  readonly copies: readonly AnyRecord[]
}

/** Puts each copy where it belongs in what is made. */
const placedIn =
  (context: CommandContext, { isProject, madeId, mainId, areaId, on, standing, copies }: Placing) =>
  (record: AnyRecord): AnyRecord => {
    const fields = fieldsOf(record)
    const made = (more: Readonly<Record<string, unknown>>) => ({ ...fields, ...more }) as unknown as AnyRecord
    const isOfNone = !isProject && fields['ownerId'] === madeId
    switch (kindOf(record.id)) {
      case 'project':
        return partMade(context, record as Project, areaId, copies)
      case 'repeat':
        return made({ startsOn: standing.get(fields['actionId'] as string) })
      case 'checklist':
        return isOfNone ? made({ ownerId: null }) : record
      // What lies with the template itself lies with what it makes.
      case 'step':
      case 'file':
      case 'remark':
        return isOfNone ? made({ ownerId: mainId }) : record
      case 'note':
        return made({ ...on(record), date: context.moment.date, createdAtEpochMs: context.nowEpochMs })
      case 'reference':
        return made({ ...on(record), createdAtEpochMs: context.nowEpochMs })
      default:
        return record
    }
  }

/**
 * What a slip brings to what is made for it: its words and note go into the note, its people to the people; its steps,
 * files and place in the review box go along. A checklist has neither note nor people: there they are a remark.
 */
function slipTaken(
  context: CommandContext,
  slip: Slip,
  made: AnyRecord,
): { readonly record: AnyRecord; readonly beside: RecordDiff[] } {
  const id = made.id as OwnerId & AsideOf
  const fields = fieldsOf(made)
  const words = fields['title'] === slip.text ? '' : slip.text
  const beside = [removed(slip), ...handedOn(context, slip.id, id), ...asideHandedOn(context, [slip.id], id)]
  if ('note' in fields) {
    const note = joinedNotes(String(fields['note']), words, slip.note)
    const personIds = [...new Set([...(fields['personIds'] as Id<'person'>[]), ...slip.personIds])]
    return { record: { ...fields, note, personIds } as unknown as AnyRecord, beside }
  }
  const names = slip.personIds.flatMap((each) => recordIn(context.document, each)?.name ?? [])
  const text = joinedNotes(slip.text, slip.note, names.join(', '))
  return { record: made, beside: [...beside, remarkAdded(context, id, text)] }
}

/** A part of what is made: open, on the area of its whole, at the first of the stages there. */
function partMade(
  context: CommandContext,
  part: Project,
  areaId: Id<'area'> | null,
  copies: readonly AnyRecord[],
): Project {
  const stages = copies
    .filter((record): record is Stage => kindOf(record.id) === 'stage')
    .filter(({ projectId }) => projectId === part.parentId)
    .sort(byRank)
  return {
    ...part,
    state: 'open',
    makes: null,
    areaId,
    stageId: stages[0]?.id ?? null,
    createdAtEpochMs: context.nowEpochMs,
  }
}

/** Adds the template that a file holds: checked already, and copied under ids of its own. */
export const importTemplate: Command<{ records: readonly AnyRecord[] }> = (context, { records }) => {
  const isWhole = (record: AnyRecord) =>
    kindOf(record.id) === 'project' && (record as Project).parentId === null
  if (records.filter(isWhole).length !== 1) return refuse({ kind: 'notFound' })
  const copies = copied(context, records)
  const rank = rankAfter(recordsIn(context.document, 'project'))
  return diffOf(
    ...copies.map((record) => added(isWhole(record) ? ({ ...record, rank } as AnyRecord) : record)),
  )
}
