// What comes again: an action on another day of its rule, with its steps and reminders; and what of it was meant for
// one alone.
import { facetOf, facets } from '../facets'
import { isEqual } from '../isEqual'
import { repeatingFieldNames, type Action, type Id, type Reminder, type Step } from '../record'
import { asNew } from '../note/ties'
import { addDays, daysBetween, type CalendarDate } from '../time'

/** The id of what comes again on a day: of an action, or of a step or reminder that comes with it. */
export const idOnTurn = <K extends 'action' | 'step' | 'reminder'>(id: Id<K>, turn: CalendarDate): Id<K> =>
  `${id.split('~', 1)[0] as Id<K>}~${turn}`

/** What an action is on another day of its rule: what was changed for this one alone is not in it. */
export function onTurn(action: Action, from: CalendarDate, turn: CalendarDate): Action {
  const kept = { ...action, ...action.alone } as Action
  const moved = (date: CalendarDate): CalendarDate => addDays(turn, daysBetween(from, date))
  const next = facets.reduce<Partial<Action>>(
    (fields, { onTurn: onIts }) => ({ ...fields, ...onIts?.(kept, { turn, moved }) }),
    {},
  )
  return {
    ...kept,
    ...next,
    note: asNew(kept.note),
    turn,
    alone: {},
    moved: [],
    startedAtEpochMs: null,
    timerFromEpochMs: null,
    takenMinutes: null,
    lineOf: null,
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

/**
 * What stays as it was for the next one, where a repeating action changes: moving what is dated to another day is meant
 * for this one alone, everything else from now on.
 */
export function aloneAfter(action: Action, after: Partial<Action>): Action['alone'] {
  const became = { ...action, ...after }
  const changed = facets.flatMap(({ fields, isForOneAlone }) =>
    isForOneAlone
      ? fields.filter(
          (field) =>
            !isEqual(action[field], became[field]) &&
            (isForOneAlone === 'always' || (action[field] !== null && became[field] !== null)),
        )
      : [],
  )
  const before = Object.fromEntries(changed.map((field) => [field, action[field]]))
  return withoutAlike({ ...before, ...action.alone }, became)
}

/** A change of these fields holds for every later occurrence too, unless it is made for one alone. */
export const lastingFields = repeatingFieldNames.filter((field) => !facetOf(field)?.isForOneAlone)

/** What is the same for this one and for the next is not said. */
const withoutAlike = (alone: Action['alone'], action: Action): Action['alone'] =>
  Object.fromEntries(
    Object.entries(alone).filter(([field, value]) => !isEqual(value, action[field as keyof Action])),
  )

/** Meant for this one alone after all: the next takes these values. */
export const madeAlone = (action: Action, values: Action['alone']): Action['alone'] =>
  withoutAlike({ ...values, ...action.alone }, action)
