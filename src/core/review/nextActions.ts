// What moves a project on.
import { isHidden, isOpen, isWaitingOrBlocked } from '../action'
import { byRank, type Action, type Id } from '../record'
import type { CalendarDate } from '../time'

/** Whether an action moves its project on: open, not put off to someday, waiting or not. */
const movesOn = (action: Action): boolean => isOpen(action) && action.horizon !== 'someday'

/** The first open action of each project in its own order; one that can be done before one that waits or is hidden. */
export function nextActions(actions: Iterable<Action>, today: CalendarDate): Map<Id<'project'>, Action> {
  const next = new Map<Id<'project'>, Action>()
  const delay = (action: Action) => (isWaitingOrBlocked(action) ? 2 : 0) + (isHidden(action, today) ? 1 : 0)
  for (const action of actions) {
    if (!action.projectId || !movesOn(action)) continue
    const best = next.get(action.projectId)
    if (
      !best ||
      delay(action) - delay(best) < 0 ||
      (delay(action) === delay(best) && byRank(action, best) < 0)
    )
      next.set(action.projectId, action)
  }
  return next
}
