// Making actions and working them: tick, pick, move, start, hold, wait.

import { isRedated, laidOnDay, withHorizon } from '@/core/action'
import { anyReach, dayBandOf } from '@/core/day'
import { isEqual } from '@/core/isEqual'
import { recordIn, updateOf, type RecordDiff } from '@/core/journal'
import { type Action, type Horizon, type Id, type Waiting } from '@/core/record'
import { ok, refuse } from '@/core/result'
import type { CalendarDate } from '@/core/time'
import { blockedBy, underwayOf } from '../../read/actionIndexes'
import { repeatOf } from '../../read/ownedIndexes'
import { settingsIn } from '../../read/settingsIn'
import { remindersChanged, type PartsSaid } from './owned'
import {
  added,
  change,
  diffOf,
  linesOf,
  together,
  type Command,
  type CommandContext,
  type Outcome,
} from '../command'

type Editable = Omit<
  Action,
  | 'id'
  | 'occurrence'
  | 'overrides'
  | 'afterIds'
  | 'moved'
  | 'createdAtEpochMs'
  | 'slipId'
  | 'lineOf'
  | 'doneAtEpochMs'
  | 'letGoAtEpochMs'
  | 'startedAtEpochMs'
  | 'timerFromEpochMs'
>

const deciding = ['day', 'at', 'due', 'horizon', 'waiting', 'startedAtEpochMs'] as const

/** What has come back from the tickler and is decided anew is out of it: it waits in the Tray no longer. */
function outOfTickler(action: Action, after: Partial<Action>, today: CalendarDate): Partial<Action> {
  const isBack = action.notBefore !== null && action.notBefore <= today && after.notBefore === undefined
  const isDecided = deciding.some(
    (field) => after[field] !== undefined && !isEqual(after[field], action[field]),
  )
  return isBack && isDecided ? { notBefore: null } : {}
}

/** Changes an action as `patch` says, and what follows from that. */
const decide = (
  context: CommandContext,
  id: Id<'action'>,
  patch: (action: Action) => Partial<Action>,
): Outcome => {
  const { repeats } = context
  const comesBack = repeatOf(context.document, id) !== undefined
  if (comesBack && !repeats) return refuse({ kind: 'notYet' })
  return change(context, id, (action) => {
    const after = patch(action)
    const overrides = comesBack && repeats ? { overrides: repeats.overridesAfter(action, after) } : {}
    return { ...overrides, ...after, ...outOfTickler(action, after, context.moment.date) }
  })
}

/** As `decide`, and counts the change where it re-dates the action. */
const redate = (
  context: CommandContext,
  id: Id<'action'>,
  patch: (action: Action) => Partial<Action>,
): Outcome =>
  decide(context, id, (action) => {
    const after = patch(action)
    const mark = `${context.moment.date}~${context.newId('action').slice('action:'.length)}`
    return isRedated(action, { ...action, ...after }) ? { ...after, moved: [...action.moved, mark] } : after
  })

/** What changes in an action, and in the records that belong to it. */
interface Edit {
  readonly id: Id<'action'>
  readonly patch: Partial<Editable>
  readonly parts?: PartsSaid
}

export const editAction: Command<Edit> = (context, { id, patch, parts = {} }) => {
  const lines = linesOf(patch)
  if (!lines.ok) return lines
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  const { repeats } = context
  const { repeat: rule, after, noAfter } = parts
  if ((rule !== undefined || after || noAfter) && !repeats) return refuse({ kind: 'notYet' })
  const held = repeats?.blockedAfter(context, action, parts) ?? ok({})
  if (!held.ok) return held
  const said = { ...patch, ...lines.value, ...held.value }
  const repeat = rule === undefined ? null : repeats?.repeatSet(context, { ...action, ...said }, rule)
  if (repeat && !repeat.ok) return repeat
  const edited = redate(context, id, () => ({ ...said, ...repeat?.value.patch }))
  if (!edited.ok && edited.error.kind !== 'nothingToDo') return edited
  return diffOf(
    ...(edited.ok ? edited.value : []),
    repeat?.value.beside ?? null,
    ...remindersChanged(context, id, parts),
  )
}

export const editActions: Command<{ edits: readonly Edit[] }> = (context, { edits }) =>
  together(edits, (edit) => editAction(context, edit))

/** Leaves what came back from the tickler as it is: decided, and among the other actions. */
export const takeFromTickler: Command<{ ids: readonly Id<'action'>[] }> = (context, { ids }) =>
  together(ids, (id) => change(context, id, () => ({ notBefore: null })))

export const tickActions: Command<{ ids: readonly Id<'action'>[] }> = (context, { ids }) =>
  together(ids, (id) => tick(context, { id }))
export const letGoActions: Command<{ ids: readonly Id<'action'>[] }> = (context, { ids }) =>
  together(ids, (id) => letGo(context, { id }))

/** Done, and the next one brought where it comes back. Whether it waited or was underway stays written. */
export const tick: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  const comesBack = repeatOf(context.document, id) !== undefined
  if (comesBack && !context.repeats) return refuse({ kind: 'notYet' })
  const next = context.repeats?.nextAdded(context, action) ?? ok([])
  return next.ok
    ? diffOf(
        updateOf(action, { doneAtEpochMs: context.nowEpochMs, timerFromEpochMs: null }),
        ...timeEntryEnded(context, action),
        ...next.value,
        ...unblockedBy(context, id),
      )
    : next
}
/** Open again, as it stood. What its tick had brought goes, unless it has been changed since. */
export const untick: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  const opened = updateOf(action, { doneAtEpochMs: null, letGoAtEpochMs: null })
  return diffOf(
    opened,
    ...(action.doneAtEpochMs === null ? [] : (context.repeats?.nextTakenBack(context, action) ?? [])),
  )
}
export const letGo: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  return diffOf(
    updateOf(action, { letGoAtEpochMs: context.nowEpochMs, timerFromEpochMs: null }),
    ...timeEntryEnded(context, action),
    ...unblockedBy(context, id),
  )
}

/** What was blocked until this one is over, and is so no more. */
const unblockedBy = (context: CommandContext, id: Id<'action'>): (RecordDiff | null)[] =>
  blockedBy(context.document, id).map((action) =>
    updateOf(action, { afterIds: action.afterIds.filter((each) => each !== id) }),
  )

export const pick: Command<{ id: Id<'action'> }> = (context, { id }) =>
  redate(context, id, () => ({ day: context.moment.date }))
export const unpick: Command<{ id: Id<'action'> }> = (context, { id }) =>
  decide(context, id, () => ({ day: null }))

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
  return decide(context, id, (action) => ({
    startedAtEpochMs: action.startedAtEpochMs ?? context.nowEpochMs,
    waiting: null,
  }))
}

/** What is paused stays on the day's sheet: where it was on no list of the day, it is picked for it. */
export const pause: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  const today = context.moment.date
  const paused = { startedAtEpochMs: null, timerFromEpochMs: null }
  const wouldGo =
    action.startedAtEpochMs !== null && dayBandOf({ ...action, ...paused }, today, anyReach) === 'inReach'
  return diffOf(
    updateOf(action, wouldGo ? { ...paused, day: today } : paused),
    ...timeEntryEnded(context, action),
  )
}

const longestTimeEntry = 43_200

/**
 * The time entry that ends where the timer of an action runs: whole minutes, at least one. A clock set back ends
 * none.
 */
export function timeEntryEnded(context: CommandContext, action: Action): RecordDiff[] {
  const from = action.timerFromEpochMs
  if (from === null || from > context.nowEpochMs) return []
  const minutes = Math.min(longestTimeEntry, Math.max(1, Math.round((context.nowEpochMs - from) / 60_000)))
  return [added({ id: context.newId('timeEntry'), actionId: action.id, startedAtEpochMs: from, minutes })]
}

/** Hands an action to somebody or to the course of things; null takes it back. */
export const setWaiting: Command<{ id: Id<'action'>; waiting: Waiting | null }> = (
  context,
  { id, waiting },
) =>
  waiting && waiting.personId === null && waiting.whom.trim() === ''
    ? refuse({ kind: 'empty', field: 'whom' })
    : decide(context, id, () => ({ waiting, startedAtEpochMs: null }))
