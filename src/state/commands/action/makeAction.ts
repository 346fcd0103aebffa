// A new action, with what was said along with it.

import { heldAt } from '@/core/action'
import { idOf, recordsIn, type RecordDiff } from '@/core/journal'
import {
  blankOf,
  rankBetween,
  rankOfNumber,
  type Action,
  type FacetField,
  type Horizon,
  type Id,
} from '@/core/record'
import { ok, type Result } from '@/core/result'
import { personNamed } from '@/core/sentence/personNamed'
import { writtenInProject } from '../../read/standing'
import { addPerson } from '../named/around'
import { partsAdded, type NewParts } from './owned'
import { added, lineOf, type Command, type CommandContext, type Outcome, type Refusal } from '../command'

/** What a new action may bring; the title is all it must. */
export type NewAction = {
  readonly title: string
  readonly contextIds?: readonly Id<'context'>[]
  readonly personIds?: readonly Id<'person'>[]
} & Partial<
  Pick<Action, 'note' | 'event' | Exclude<FacetField, 'contextIds' | 'personIds' | 'horizon' | 'weight'>>
> & {
    readonly horizon?: Horizon | null
    readonly weight?: Action['weight'] | null
    /** It comes before the others of its project. */
    readonly isNext?: boolean
  } & NewParts

/** Before all that is open in a project. */
function rankBefore(context: CommandContext, projectId: Id<'project'>): string | null {
  const [first] = writtenInProject(context.document, projectId)
  return first ? rankBetween(null, first.rank) : null
}

export function makeAction(context: CommandContext, given: NewAction): Result<Action, Refusal> {
  const title = lineOf(given.title, 'title')
  if (!title.ok) return title
  const { contextIds, personIds, horizon, weight, ...fields } = given
  const { steps: _steps, repeat: _repeat, reminders: _reminders, isNext, ...rest } = fields
  const before = isNext && given.projectId ? rankBefore(context, given.projectId) : null
  return ok({
    ...blankOf('action'),
    id: context.newId('action'),
    ...rest,
    title: title.value,
    contextIds: [...(contextIds ?? [])],
    personIds: [...(personIds ?? [])],
    ...(weight ? { weight } : {}),
    ...heldAt(horizon, context.moment.date),
    rank: before ?? rankOfNumber(context.nowEpochMs),
    createdAtEpochMs: context.nowEpochMs,
  })
}

/** Whom it waits for: a person who is named and is not here yet is made. */
function whomMade(
  context: CommandContext,
  { waiting }: NewAction,
): { readonly patch: Partial<Action>; readonly made: readonly RecordDiff[] } {
  const name = waiting && waiting.personId === null ? personNamed(waiting.whom) : null
  if (!waiting || name === null) return { patch: {}, made: [] }
  const known = recordsIn(context.document, 'person').find(
    (person) => person.name.toLowerCase() === name.toLowerCase(),
  )
  const made = known ? ok([]) : addPerson(context, { name })
  const [first] = made.ok ? made.value : []
  const personId = known?.id ?? (first ? (idOf(first) as Id<'person'>) : null)
  if (personId === null || !made.ok) return { patch: {}, made: [] }
  return { patch: { waiting: { ...waiting, personId, whom: '' } }, made: made.value }
}

/** An action with the steps, the repeat and the reminders that were said with it, and with `state` over it. */
export function actionAdded(context: CommandContext, given: NewAction, state: Partial<Action> = {}): Outcome {
  const made = makeAction(context, given)
  if (!made.ok) return made
  const whom = whomMade(context, given)
  const people = whom.patch.waiting?.personId
    ? { personIds: [...new Set([...made.value.personIds, whom.patch.waiting.personId])] }
    : {}
  const action = { ...made.value, ...whom.patch, ...people, ...state }
  const parts = partsAdded(context, action, given)
  return parts.ok ? ok([added(action), ...whom.made, ...parts.value]) : parts
}

export const addAction: Command<NewAction> = (context, given) => actionAdded(context, given)
