// Using a pattern: copies with their blanks filled and their dates counted.
import { filled, filledLine } from '@/core/pattern'
import { recordIn, recordsIn } from '@/core/journal'
import { kindOf, type Action, type AnyRecord, type Id, type OwnerId, type Project } from '@/core/record'
import { refuse } from '@/core/result'
import type { CalendarDate } from '@/core/time'
import { standsOn } from '@/core/action'
import { askedBy, datesOf, isPattern, projectToCopy, type Answers } from '../patterns'
import { handedOn } from './parts'
import { joinedNotes } from './slips'
import { added, diffOf, rankAfter, removed, type Command } from './command'
import { copied, fieldsOf, rankedFrom, withTexts } from './copied'
import { makeProject, projectAdded } from './makeProject'

export interface Answered {
  /** What stands for the blank in texts. */
  readonly says: string
  /** Where it is a date. */
  readonly date: CalendarDate | null
}

/**
 * Makes what a pattern makes: its blanks filled in every text, its dates counted. `answers` are by the names of the
 * blanks; one that is left out stays as a blank, and what is counted from it has no date.
 */
export const usePattern: Command<{
  id: Id<'project'>
  answers: Readonly<Record<string, Answered>>
  areaId: Id<'area'> | null
  projectId?: Id<'project'> | null
  /** The slip that sounded like it: what came with it goes along. */
  slipId?: Id<'slip'>
}> = (context, { id, answers, areaId, projectId = null, slipId }) => {
  const { document } = context
  const pattern = recordIn(document, id)
  if (!isPattern(pattern)) return refuse({ kind: 'notFound' })
  const asked = askedBy(document, pattern)
  const known = new Set(asked.map(({ name }) => name))
  const given = Object.entries(answers).filter(([name]) => known.has(name))
  const said = new Map(given.map(([name, { says }]) => [name, says]))
  const dates: Answers = Object.fromEntries(given.flatMap(([name, { date }]) => (date ? [[name, date]] : [])))
  const ofPattern = projectToCopy(document, pattern)
  const actions = rankedFrom(
    context,
    ofPattern.filter((record): record is Action => kindOf(record.id) === 'action'),
  )
  const isKept = ({ id: each }: AnyRecord) =>
    !['project', 'blank', 'counted', 'action'].includes(kindOf(each))
  const isProject = pattern.makes === 'project'
  const fresh = makeProject(context, {
    title: filledLine(pattern.title, said),
    outcome: filled(pattern.outcome, said),
    note: filled(pattern.note, said),
    areaId,
  })
  if (!fresh.ok) return fresh
  const ids = new Map<string, string>([[id, fresh.value.id]])
  const copies = copied(context, [...actions, ...ofPattern.filter(isKept)], ids)
  const on = isProject
    ? { projectId: fresh.value.id, areaId: null }
    : { projectId, areaId: projectId ? null : areaId }
  const standing = new Map<string, CalendarDate>()
  const originals = new Map(actions.map((action) => [ids.get(action.id) ?? '', action]))
  const told = copies.map((record): AnyRecord => {
    const original = originals.get(record.id)
    const withText = withTexts(record, (text, field) =>
      field === 'title' || field === 'name' ? filledLine(text, said) : filled(text, said),
    )
    if (!original) return withText
    const { due, day, notBefore, at } = datesOf(document, original, dates, context.moment.date)
    const action = {
      ...(withText as Action),
      ...on,
      due: due ?? null,
      day: day?.date ?? null,
      notBefore: notBefore?.date ?? null,
      at: at ?? null,
      createdAtEpochMs: context.nowEpochMs,
    }
    standing.set(action.id, standsOn(action) ?? context.moment.date)
    return action
  })
  const placed = told.map((record): AnyRecord => {
    const fields = fieldsOf(record)
    switch (kindOf(record.id)) {
      case 'repeat':
        return { ...fields, startsOn: standing.get(fields['actionId'] as string) } as unknown as AnyRecord
      case 'checklist':
        return !isProject && fields['ownerId'] === fresh.value.id
          ? ({ ...fields, ownerId: null } as unknown as AnyRecord)
          : record
      case 'note':
        return {
          ...fields,
          ...on,
          date: context.moment.date,
          createdAtEpochMs: context.nowEpochMs,
        } as unknown as AnyRecord
      case 'reference':
        return { ...fields, ...on, createdAtEpochMs: context.nowEpochMs } as unknown as AnyRecord
      default:
        return record
    }
  })
  const { stamp, ink, inOrder, goalIds } = pattern
  const project: Project = {
    ...fresh.value,
    stamp,
    ink,
    inOrder,
    goalIds,
    soThat: filled(pattern.soThat, said),
    // It is promised for the first day that is asked.
    due: asked.map(({ name }) => dates[name]).find((date) => date !== undefined) ?? null,
  }
  if (!isProject && placed.length === 0) return refuse({ kind: 'nothingToDo' })
  const slip = slipId ? recordIn(document, slipId) : undefined
  const note = joinedNotes(project.note, slip?.note ?? '')
  const madeId = isProject ? project.id : ((placed[0] as AnyRecord).id as OwnerId)
  return diffOf(
    ...(isProject ? projectAdded(context, { ...project, note }) : []),
    ...placed.map(added),
    ...(slip ? [removed(slip), ...handedOn(context, slip.id, madeId)] : []),
  )
}

/** Takes in what a file of a pattern holds: checked already, and copied under ids of its own. */
export const bringInPattern: Command<{ records: readonly AnyRecord[] }> = (context, { records }) => {
  const patterns = records.filter(({ id }) => kindOf(id) === 'project')
  if (patterns.length !== 1) return refuse({ kind: 'notFound' })
  const copies = copied(context, records)
  const rank = rankAfter(recordsIn(context.document, 'project'))
  return diffOf(
    ...copies.map((record) =>
      added(kindOf(record.id) === 'project' ? ({ ...record, rank } as AnyRecord) : record),
    ),
  )
}
