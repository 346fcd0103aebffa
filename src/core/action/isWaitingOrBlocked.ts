import { byId, compareTexts, type Action } from '../record'

/** Not to be done now, whatever its days: it is with somebody else, or another must be done before it. */
export const isWaitingOrBlocked = (action: Pick<Action, 'waiting' | 'afterIds'>): boolean =>
  action.waiting !== null || action.afterIds.length > 0

/** Waiting for what somebody does; not where it is done and somebody is only to sign it off. */
export const isWaitingFor = ({ waiting }: Pick<Action, 'waiting'>): boolean =>
  waiting !== null && !waiting.toSignOff

/** Done by me, and not accepted yet. */
export const isToSignOff = ({ waiting }: Pick<Action, 'waiting'>): boolean => waiting?.toSignOff ?? false

/** The longest-waited first. */
export const bySince = (a: Action, b: Action): number =>
  compareTexts(a.waiting?.since ?? '', b.waiting?.since ?? '') || byId(a, b)

/** Waiting, and its day for asking after it has come. */
export const isToChase = ({ waiting }: Pick<Action, 'waiting'>, today: string): boolean =>
  waiting !== null && waiting.chaseOn !== null && waiting.chaseOn <= today
