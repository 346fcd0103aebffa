// The timer of an action: starting it, stopping it, and correcting the minutes something took.
import { recordIn, updateOf } from '@/core/journal'
import type { Id } from '@/core/record'
import { refuse } from '@/core/result'
import { timeEntryEnded, start } from './actions'
import { change, diffOf, type Command } from '../command'

/** Starts the timer of an action, which is underway then. */
export const startTimer: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  if (!action || action.timerFromEpochMs !== null) return refuse({ kind: 'notFound' })
  const started = start(context, { id })
  if (!started.ok && started.error.kind !== 'nothingToDo') return started
  return diffOf(
    ...(started.ok ? started.value : []),
    updateOf(action, { timerFromEpochMs: context.nowEpochMs }),
  )
}

/** Stops the timer; the action stays underway. */
export const stopTimer: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  return diffOf(updateOf(action, { timerFromEpochMs: null }), ...timeEntryEnded(context, action))
}

/** The minutes something took, as the person knows better; null goes by the timer again. */
export const correctTaken: Command<{ id: Id<'action'>; minutes: number | null }> = (
  context,
  { id, minutes },
) => change(context, id, () => ({ takenMinutes: minutes }))
