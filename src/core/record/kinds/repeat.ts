// By what rule an action comes back. Its id is that of the first of its actions, which all share it (see `seriesOf`).
import { check, date, flag, kind, nullable, ref, setOf, time } from './field'

export const repeat = kind({
  /** The first of them: it may be gone while later ones are there. */
  actionId: ref(['action'], 'keep'),
  rule: check<string>('rule'),
  /** Counted from when it was done, not by the calendar. */
  fromDone: flag,
  /** The day it is counted from. */
  startsOn: date,
  time: nullable(time),
  /** Days of the rule that were skipped on purpose. */
  skips: setOf(date),
  /** A habit: done and missed are shown. */
  watched: flag,
})
