import type { Action } from '../record'

/** Not to be done now, whatever its days: it is with somebody else, or another must be done before it. */
export const isWaitingOrBlocked = (action: Pick<Action, 'waiting' | 'afterIds'>): boolean =>
  action.waiting !== null || action.afterIds.length > 0

/** Waiting, and its day for asking after it has come. */
export const isToChase = ({ waiting }: Pick<Action, 'waiting'>, today: string): boolean =>
  waiting !== null && waiting.chaseOn !== null && waiting.chaseOn <= today
