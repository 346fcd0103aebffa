// Answering reminders, and putting them off. Setting them is in owned.ts.
import type { Id, When } from '@/core/record'
import { change, together, type Command } from '../command'

export interface Answer {
  readonly id: Id<'reminder'>
  /** The moment that is answered, by the clock on the wall. */
  readonly moment: When
}

/** Seen: none of these reminds any more of its moment, or of an earlier one. */
export const answerReminders: Command<{ answers: readonly Answer[] }> = (context, { answers }) =>
  together(answers, ({ id, moment }) => change(context, id, () => ({ answered: moment, snoozedTo: null })))

/** Answered for now: reminds again at another moment, whatever the action's days are then. */
export const snoozeReminder: Command<Answer & { readonly to: When }> = (context, { id, moment, to }) =>
  change(context, id, () => ({ answered: moment, snoozedTo: to }))
