// What comes again: an action on another day of its rule, with its steps and reminders; and what of it was meant for
// one alone.
import { facetOf, facets } from '../facets'
import { begunAnew } from './begunAnew'
import { isEqual } from '../isEqual'
import { repeatingFieldNames, type Action, type Id, type Reminder, type Step } from '../record'
import { asNew } from '../note/ties'
import { addDays, daysBetween, type CalendarDate } from '../time'

/** The id of what comes again on a day: of an action, or of a step or reminder that comes with it. */
export const idOnOccurrence = <K extends 'action' | 'step' | 'reminder'>(
  id: Id<K>,
  occurrence: CalendarDate,
): Id<K> => `${id.split('~', 1)[0] as Id<K>}~${occurrence}`

/** What an action is on another day of its rule: what was changed for this one alone is not in it. */
export function onOccurrence(action: Action, from: CalendarDate, occurrence: CalendarDate): Action {
  const kept = { ...action, ...action.overrides } as Action
  const moved = (date: CalendarDate): CalendarDate => addDays(occurrence, daysBetween(from, date))
  const next = facets.reduce<Partial<Action>>(
    (fields, { onOccurrence: onIts }) => ({ ...fields, ...onIts?.(kept, { occurrence, moved }) }),
    {},
  )
  return {
    ...kept,
    ...next,
    note: asNew(kept.note),
    ...begunAnew,
    occurrence,
    // The next day of a rule is not that of the same event.
    event: null,
  }
}

/** The steps of an action for its next one, unticked, each under the same one as before. */
export const stepsOnOccurrence = (
  steps: readonly Step[],
  next: Id<'action'>,
  occurrence: CalendarDate,
): Step[] =>
  steps.map((step) => ({
    ...step,
    id: idOnOccurrence(step.id, occurrence),
    ownerId: next,
    underId: step.underId && idOnOccurrence(step.underId, occurrence),
    doneAtEpochMs: null,
  }))

/** Its reminders for the next one: a fixed moment moves as far as the days do. */
export const remindersOnOccurrence = (
  reminders: readonly Reminder[],
  next: Id<'action'>,
  from: CalendarDate,
  occurrence: CalendarDate,
): Reminder[] =>
  reminders.map((reminder) => ({
    ...reminder,
    id: idOnOccurrence(reminder.id, occurrence),
    actionId: next,
    ...remindedOn(reminder, from, occurrence),
  }))

/** A reminder as it stands on another day of the rule, unanswered. */
export function remindedOn(
  { when }: Reminder,
  from: CalendarDate,
  occurrence: CalendarDate,
): Pick<Reminder, 'when' | 'answered' | 'snoozedTo'> {
  const moved =
    when.kind === 'at' ? { ...when, date: addDays(occurrence, daysBetween(from, when.date)) } : when
  return { when: moved, answered: null, snoozedTo: null }
}

/**
 * What stays as it was for the next one, where a repeating action changes: moving what is dated to another day is meant
 * for this one alone, everything else from now on.
 */
export function overridesAfter(action: Action, after: Partial<Action>): Action['overrides'] {
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
  return withoutAlike({ ...before, ...action.overrides }, became)
}

/** A change of these fields holds for every later occurrence too, unless it is made for one alone. */
export const lastingFields = repeatingFieldNames.filter((field) => !facetOf(field)?.isForOneAlone)

/** What is the same for this one and for the next is not said. */
const withoutAlike = (alone: Action['overrides'], action: Action): Action['overrides'] =>
  Object.fromEntries(
    Object.entries(alone).filter(([field, value]) => !isEqual(value, action[field as keyof Action])),
  )

/** Meant for this one alone after all: the next takes these values. */
export const madeOverrides = (action: Action, values: Action['overrides']): Action['overrides'] =>
  withoutAlike({ ...values, ...action.overrides }, action)
