import type { Action } from '../record'

/** What of an action is not in one that is made of it: how it went, and what stands for it elsewhere. */
export const begunAnew = {
  overrides: {},
  moved: [] as string[],
  startedAtEpochMs: null,
  timerFromEpochMs: null,
  takenMinutes: null,
  lineOf: null,
} satisfies Partial<Action>
