// Making actions and working them: tick, pick, move, start, hold, wait.

import { heldAt, isRedated, laidOnDay, withHorizon } from '@/core/action'
import type { Diff } from '@/core/journal'
import { rankOfNumber, type Action, type Horizon, type Id, type Waiting } from '@/core/record'
import { ok, refuse, type Result } from '@/core/result'
import type { CalendarDate } from '@/core/time'
import { underwayOf } from '../actionIndexes'
import { settingsIn } from '../settingsIn'
import { partsAdded, type NewParts } from './parts'
import {
  added,
  change,
  lineOf,
  linesOf,
  type Command,
  type CommandContext,
  type Outcome,
  type Refusal,
} from './command'

type Given =
  | 'note'
  | 'address'
  | 'projectId'
  | 'areaId'
  | 'energy'
  | 'payoff'
  | 'craft'
  | 'minutes'
  | 'due'
  | 'notBefore'
  | 'at'
  | 'day'
  | 'waiting'

/** What a new action may bring; the title is all it must. */
export type NewAction = {
  readonly title: string
  readonly contextIds?: readonly Id<'context'>[]
  readonly personIds?: readonly Id<'person'>[]
} & Partial<Pick<Action, Given>> & {
    readonly horizon?: Horizon | null
    readonly weight?: Action['weight'] | null
  } & NewParts

export function makeAction(context: CommandContext, given: NewAction): Result<Action, Refusal> {
  const title = lineOf(given.title, 'title')
  if (!title.ok) return title
  const { contextIds, personIds, horizon, weight, ...fields } = given
  const { steps: _steps, repeat: _repeat, reminders: _reminders, ...rest } = fields
  return ok({
    id: context.newId('action'),
    note: '',
    address: null,
    projectId: null,
    areaId: null,
    energy: null,
    payoff: null,
    craft: null,
    minutes: null,
    due: null,
    notBefore: null,
    at: null,
    day: null,
    waiting: null,
    ...rest,
    title: title.value,
    contextIds: [...(contextIds ?? [])],
    personIds: [...(personIds ?? [])],
    weight: weight ?? 'should',
    horizon: 'soon',
    ...heldAt(horizon, context.moment.date),
    moved: [],
    startedAtEpochMs: null,
    rank: rankOfNumber(context.nowEpochMs),
    createdAtEpochMs: context.nowEpochMs,
    slipId: null,
    doneAtEpochMs: null,
    letGoAtEpochMs: null,
  })
}

/** An action with the steps, the repeat and the reminders that were said with it, and with `state` over it. */
export function actionAdded(context: CommandContext, given: NewAction, state: Partial<Action> = {}): Outcome {
  const action = makeAction(context, given)
  if (!action.ok) return action
  const parts = partsAdded(context, action.value, given)
  return parts.ok ? ok([added({ ...action.value, ...state }), ...parts.value]) : parts
}

export const addAction: Command<NewAction> = (context, given) => actionAdded(context, given)

type Editable = Omit<
  Action,
  'id' | 'moved' | 'createdAtEpochMs' | 'slipId' | 'doneAtEpochMs' | 'letGoAtEpochMs' | 'startedAtEpochMs'
>

/** Changes an action, and counts the change where it re-dates it. */
const redate = (
  context: CommandContext,
  id: Id<'action'>,
  patch: (action: Action) => Partial<Action>,
): Outcome =>
  change(context, id, (action) => {
    const after = patch(action)
    const mark = `${context.moment.date}~${context.newId('action').slice('action:'.length)}`
    return isRedated(action, { ...action, ...after }) ? { ...after, moved: [...action.moved, mark] } : after
  })

export const editAction: Command<{ id: Id<'action'>; patch: Partial<Editable> }> = (
  context,
  { id, patch },
) => {
  const lines = linesOf(patch)
  return lines.ok ? redate(context, id, () => ({ ...patch, ...lines.value })) : lines
}

/** One act out of the same act on several actions; those that change nothing are left out. */
function together<T>(many: readonly T[], each: (one: T) => Outcome): Outcome {
  const diffs: Diff[] = []
  for (const one of many) {
    const outcome = each(one)
    if (outcome.ok) diffs.push(outcome.value)
    else if (outcome.error.kind !== 'nothingToDo') return outcome
  }
  const diff = diffs.flat()
  return diff.length > 0 ? ok(diff) : refuse({ kind: 'nothingToDo' })
}

export const editActions: Command<{
  edits: readonly { readonly id: Id<'action'>; readonly patch: Partial<Editable> }[]
}> = (context, { edits }) => together(edits, (edit) => editAction(context, edit))

export const tickActions: Command<{ ids: readonly Id<'action'>[] }> = (context, { ids }) =>
  together(ids, (id) => tick(context, { id }))
export const letGoActions: Command<{ ids: readonly Id<'action'>[] }> = (context, { ids }) =>
  together(ids, (id) => letGo(context, { id }))

/** Done. Whether it waited or was underway stays written, so that unticking brings all of it back. */
export const tick: Command<{ id: Id<'action'> }> = (context, { id }) =>
  change(context, id, () => ({ doneAtEpochMs: context.nowEpochMs }))
export const untick: Command<{ id: Id<'action'> }> = (context, { id }) =>
  change(context, id, () => ({ doneAtEpochMs: null, letGoAtEpochMs: null }))
export const letGo: Command<{ id: Id<'action'> }> = (context, { id }) =>
  change(context, id, () => ({ letGoAtEpochMs: context.nowEpochMs }))

export const pick: Command<{ id: Id<'action'> }> = (context, { id }) =>
  redate(context, id, () => ({ day: context.moment.date }))
export const unpick: Command<{ id: Id<'action'> }> = (context, { id }) =>
  change(context, id, () => ({ day: null }))

/** Re-dates an action, see `laidOnDay`. Null takes it off its day. */
export const moveTo: Command<{ id: Id<'action'>; day: CalendarDate | null }> = (context, { id, day }) =>
  redate(context, id, (action) => laidOnDay(action, day))

export const setHorizon: Command<{ id: Id<'action'>; horizon: Horizon }> = (context, { id, horizon }) =>
  redate(context, id, (action) => withHorizon(action, horizon, context.moment.date))

/** Starts work; refused where as many as the person's own limit are underway. */
export const start: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const limit = settingsIn(context.document).underwayLimit
  const underway = underwayOf(context.document).filter((action) => action.id !== id)
  if (underway.length >= limit) return refuse({ kind: 'underwayFull', limit })
  return change(context, id, (action) => ({
    startedAtEpochMs: action.startedAtEpochMs ?? context.nowEpochMs,
    waiting: null,
  }))
}

export const stop: Command<{ id: Id<'action'> }> = (context, { id }) =>
  change(context, id, () => ({ startedAtEpochMs: null }))

/** Hands an action to somebody or to the course of things; null takes it back. */
export const setWaiting: Command<{ id: Id<'action'>; waiting: Waiting | null }> = (
  context,
  { id, waiting },
) =>
  waiting && waiting.personId === null && waiting.whom.trim() === ''
    ? refuse({ kind: 'empty', field: 'whom' })
    : change(context, id, () => ({ waiting, startedAtEpochMs: null }))
