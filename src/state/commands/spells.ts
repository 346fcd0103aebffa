// Working by the clock: running it, stopping it, and correcting the minutes something took.
import { recordIn, updateOf } from '@/core/journal'
import type { Id } from '@/core/record'
import { refuse } from '@/core/result'
import { spellEnded, start } from './actions'
import { change, diffOf, type Command } from './command'

/** Runs the clock of an action, which is underway then. */
export const runClock: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  if (!action || action.clockFromEpochMs !== null) return refuse({ kind: 'notFound' })
  const started = start(context, { id })
  if (!started.ok && started.error.kind !== 'nothingToDo') return started
  return diffOf(
    ...(started.ok ? started.value : []),
    updateOf(action, { clockFromEpochMs: context.nowEpochMs }),
  )
}

/** Stops the clock; the action stays underway. */
export const stopClock: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  return diffOf(updateOf(action, { clockFromEpochMs: null }), ...spellEnded(context, action))
}

/** The minutes something took, as the person knows better; null goes by the clock again. */
export const correctTaken: Command<{ id: Id<'action'>; minutes: number | null }> = (
  context,
  { id, minutes },
) => change(context, id, () => ({ takenMinutes: minutes }))
