// What comes again: an action on another day of its rule, with its steps and reminders; and what of it was meant for
// one alone.
import { isEqual } from '../isEqual'
import type { Action, Id, Reminder, Step } from '../record'
import { asNew } from '../note/ties'
import { addDays, daysBetween, type CalendarDate } from '../time'

/** The id of what comes again on a day: of an action, or of a step or reminder that comes with it. */
export const idOnTurn = <K extends 'action' | 'step' | 'reminder'>(id: Id<K>, turn: CalendarDate): Id<K> =>
  `${id.split('~', 1)[0] as Id<K>}~${turn}`

/** Its dates, as far from `turn` as they were from `from`. What has no promise stands on its turn. */
function datesOn(
  { at, due, day, notBefore }: Pick<Action, 'at' | 'due' | 'day' | 'notBefore'>,
  from: CalendarDate,
  turn: CalendarDate,
): Pick<Action, 'at' | 'due' | 'day' | 'notBefore'> {
  const moved = (date: CalendarDate): CalendarDate => addDays(turn, daysBetween(from, date))
  const isPlain = at === null && (day !== null || due === null)
  return {
    at: at && { ...at, date: moved(at.date) },
    due: due && { ...due, date: moved(due.date) },
    notBefore: notBefore && moved(notBefore),
    day: isPlain ? turn : null,
  }
}

/** What an action is on another day of its rule: what was changed for this one alone is not in it. */
export function onTurn(action: Action, from: CalendarDate, turn: CalendarDate): Action {
  const kept = { ...action, ...action.alone } as Action
  return {
    ...kept,
    note: asNew(kept.note),
    ...datesOn(kept, from, turn),
    turn,
    alone: {},
    moved: [],
    startedAtEpochMs: null,
    timerFromEpochMs: null,
    takenMinutes: null,
    lineOf: null,
    waiting: null,
    afterIds: [],
  }
}

/** The steps of an action for its next one, unticked, each under the same one as before. */
export const stepsOnTurn = (steps: readonly Step[], next: Id<'action'>, turn: CalendarDate): Step[] =>
  steps.map((step) => ({
    ...step,
    id: idOnTurn(step.id, turn),
    ownerId: next,
    underId: step.underId && idOnTurn(step.underId, turn),
    doneAtEpochMs: null,
  }))

/** Its reminders for the next one: a fixed moment moves as far as the days do. */
export const remindersOnTurn = (
  reminders: readonly Reminder[],
  next: Id<'action'>,
  from: CalendarDate,
  turn: CalendarDate,
): Reminder[] =>
  reminders.map((reminder) => ({
    ...reminder,
    id: idOnTurn(reminder.id, turn),
    actionId: next,
    ...remindedOn(reminder, from, turn),
  }))

/** A reminder as it stands on another day of the rule, unanswered. */
export function remindedOn(
  { when }: Reminder,
  from: CalendarDate,
  turn: CalendarDate,
): Pick<Reminder, 'when' | 'answered' | 'snoozedTo'> {
  const moved = when.kind === 'at' ? { ...when, date: addDays(turn, daysBetween(from, when.date)) } : when
  return { when: moved, answered: null, snoozedTo: null }
}

const promises = ['due', 'at', 'notBefore'] as const
const ofItself = ['day', 'horizon'] as const

/**
 * What stays as it was for the next one, where a repeating action changes: moving what is dated to another day is meant
 * for this one alone, everything else from now on.
 */
export function aloneAfter(action: Action, after: Partial<Action>): Action['alone'] {
  const became = { ...action, ...after }
  const isMoved = (field: 'due' | 'at' | 'notBefore') =>
    action[field] !== null && became[field] !== null && !isEqual(action[field], became[field])
  const changed = [
    ...promises.filter(isMoved),
    ...ofItself.filter((field) => action[field] !== became[field]),
  ]
  const before = Object.fromEntries(changed.map((field) => [field, action[field]]))
  return withoutAlike({ ...before, ...action.alone }, became)
}

/** What is the same for this one and for the next is not said. */
const withoutAlike = (alone: Action['alone'], action: Action): Action['alone'] =>
  Object.fromEntries(
    Object.entries(alone).filter(([field, value]) => !isEqual(value, action[field as keyof Action])),
  )

/** Meant for this one alone after all: the next takes these values. */
export const madeAlone = (action: Action, values: Action['alone']): Action['alone'] =>
  withoutAlike({ ...values, ...action.alone }, action)
