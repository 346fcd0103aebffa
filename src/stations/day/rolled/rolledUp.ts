import { isOpen } from '@/core/action'
import type { Action, Id } from '@/core/record'

/** Actions of one project that stand under its name as one line. */
export interface Rolled {
  readonly id: Id<'project'>
  readonly actions: readonly Action[]
}

export type RolledRow = Action | Rolled
export const isRolled = (row: RolledRow): row is Rolled => 'actions' in row

/** From so many on, actions of one project stand as one line. */
const fewest = 3

/** The rows of a band with what is open of one project rolled up under it, where the first of them stood. */
export function rolledUp(actions: readonly Action[]): readonly RolledRow[] {
  const counts = new Map<string, number>()
  const open = actions.filter(isOpen)
  for (const { projectId } of open) if (projectId) counts.set(projectId, (counts.get(projectId) ?? 0) + 1)
  const isMany = (action: Action) =>
    action.projectId !== null && isOpen(action) && (counts.get(action.projectId) ?? 0) >= fewest
  if (!actions.some(isMany)) return actions
  const rolls = new Set<string>()
  return actions.flatMap((action): RolledRow[] => {
    const { projectId } = action
    if (projectId === null || !isMany(action)) return [action]
    if (rolls.has(projectId)) return []
    rolls.add(projectId)
    return [{ id: projectId, actions: open.filter((other) => other.projectId === projectId) }]
  })
}
