import type { Action } from '../record'

/** Planned minutes laid against free minutes. */
export interface Load {
  readonly plannedMinutes: number
  readonly freeMinutes: number
  /** Planned beyond what is free; 0 where it fits. */
  readonly overMinutes: number
  /** Actions that bring no minutes with them: they are in the plan and not in the sum. */
  readonly withoutMinutes: number
}

export const minutesOf = (actions: readonly Action[]): number =>
  actions.reduce((sum, action) => sum + (action.minutes ?? 0), 0)

export function loadOf(actions: readonly Action[], freeMinutes: number): Load {
  const plannedMinutes = minutesOf(actions)
  return {
    plannedMinutes,
    freeMinutes,
    overMinutes: Math.max(0, plannedMinutes - freeMinutes),
    withoutMinutes: actions.filter((action) => action.minutes === null).length,
  }
}
