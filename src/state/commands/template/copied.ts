// Copies of what belongs together, with ids of their own: how a template is kept, and how it is used.
import { begunAnew } from '@/core/action/begunAnew'
import { seriesNameOf } from '@/core/action'
import {
  isIdOf,
  kindOf,
  rankOfNumber,
  type Action,
  type AnyRecord,
  type Counted,
  type CountedField,
  type Id,
  type Making,
  type Project,
  type Repeat,
} from '@/core/record'
import { withRefs } from '@/core/record/refs'
import type { CalendarDate } from '@/core/time'
import { repeatIdOf } from '../../read/ownedIndexes'
import type { CommandContext } from '../command'

export type Fields = Record<string, unknown>
export const fieldsOf = (record: AnyRecord) => record as unknown as Fields

/** Copies with ids of their own, which point at one another as the originals did. */
export function copied(
  context: CommandContext,
  records: readonly AnyRecord[],
  ids = new Map<string, string>(),
): AnyRecord[] {
  for (const { id } of records)
    if (!ids.has(id) && kindOf(id) !== 'repeat') ids.set(id, context.newId(kindOf(id)))
  const of = (id: string) => ids.get(id) ?? id
  // A rule belongs to all actions of a series by the name of the first: a copy has it for the one that was copied.
  const latest = new Map<string, string>()
  return records.map((record) => {
    const fields = { ...fieldsOf(record), ...fieldsOf(withRefs(record, ({ id }) => of(id)) as AnyRecord) }
    if (isIdOf('action', record.id)) latest.set(seriesNameOf(record.id), record.id)
    if (kindOf(record.id) === 'repeat') {
      const { actionId } = record as Repeat
      fields['actionId'] = of(latest.get(seriesNameOf(actionId)) ?? actionId)
    }
    // A copy comes after copies alone.
    if ('afterIds' in record) fields['afterIds'] = record.afterIds.flatMap((id) => ids.get(id) ?? []).sort()
    const id = kindOf(record.id) === 'repeat' ? repeatIdOf(fields['actionId'] as Id<'action'>) : of(record.id)
    return { ...fields, id } as unknown as AnyRecord
  })
}

/** Ranks in the order of a list, so that no two are told apart by their ids alone. */
export const rankedFrom = (context: CommandContext, actions: readonly Action[]): Action[] =>
  actions.map((action, at) => ({ ...action, rank: rankOfNumber(context.nowEpochMs + at) }))

/** An action with nothing that happened to it, and without its dates. */
export const undone: Partial<Action> = {
  due: null,
  notBefore: null,
  at: null,
  day: null,
  ...begunAnew,
  occurrence: null,
  waiting: null,
  slipId: null,
  event: null,
  doneAtEpochMs: null,
  letGoAtEpochMs: null,
}

export const datesIn = ({
  due,
  day,
  notBefore,
  at,
}: Action): [CountedField, CalendarDate, Counted['time']][] =>
  [
    ['due', due?.date, due?.time ?? null] as const,
    ['day', day, null] as const,
    ['notBefore', notBefore, null] as const,
    ['at', at?.date, at?.time ?? null] as const,
  ].flatMap(([field, date, time]) => (date ? [[field, date, time]] : [])) as [
    CountedField,
    CalendarDate,
    Counted['time'],
  ][]

/** The same of a project. */
export const datesInProject = ({ begins, due }: Project): ReturnType<typeof datesIn> =>
  ([['begins', begins] as const, ['due', due] as const] as const).flatMap(([field, date]) =>
    date ? [[field, date, null] as [CountedField, CalendarDate, null]] : [],
  )

/** A date that a template counts for an action or a project. */
export const countedFor = (
  context: CommandContext,
  of: Id<'action'> | Id<'project'>,
  given: Pick<Counted, 'field' | 'blankId' | 'shift' | 'time'>,
): Counted => ({
  id: context.newId('counted'),
  actionId: isIdOf('action', of) ? of : null,
  projectId: isIdOf('project', of) ? of : null,
  ...given,
})

/** A project as a template: out of all that is worked on. */
export const asTemplate = (project: Project, makes: Making): Project => ({
  ...project,
  state: 'template',
  makes,
  parentId: null,
  begins: null,
  due: null,
  notUntil: null,
  stageId: null,
  ending: null,
  endReason: '',
  afterIds: [],
  personIds: [],
  closedAtEpochMs: null,
})

/** A part of a project as a part of a template: it stays in its whole, after the parts it came after. */
export const partOfTemplate = (part: Project): Project => ({
  ...asTemplate(part, 'project'),
  parentId: part.parentId,
  areaId: null,
  afterIds: part.afterIds,
})
