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

/** The rows of a band with what belongs to one project rolled up under it, where the first of them stood. */
export function rolledUp(actions: readonly Action[]): readonly RolledRow[] {
  const counts = new Map<string, number>()
  for (const { projectId } of actions) if (projectId) counts.set(projectId, (counts.get(projectId) ?? 0) + 1)
  const isMany = ({ projectId }: Action) => projectId !== null && (counts.get(projectId) ?? 0) >= fewest
  if (!actions.some(isMany)) return actions
  const rolls = new Set<string>()
  return actions.flatMap((action): RolledRow[] => {
    const { projectId } = action
    if (projectId === null || !isMany(action)) return [action]
    if (rolls.has(projectId)) return []
    rolls.add(projectId)
    return [{ id: projectId, actions: actions.filter((other) => other.projectId === projectId) }]
  })
}
