// What is wanted in some years: areas and projects point at it. How it stands is said in its remarks.
import { goalReaches, goalStates } from '../scales'
import { epochMs, kind, note, nullable, oneOf, rank, title, withBlank } from './field'
import { weeks } from './seal'

export const goal = kind(
  {
    title: title(),
    /** Why it is wanted. */
    note: note(),
    reach: oneOf(goalReaches),
    state: withBlank(oneOf(goalStates), 'open'),
    /** It is looked at again after so many weeks; null for never. */
    everyWeeks: nullable(weeks),
    rank,
    createdAtEpochMs: epochMs,
    closedAtEpochMs: nullable(epochMs),
  },
  { opens: true },
)
