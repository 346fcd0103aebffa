// When an action is brought to mind: at a moment, or before it is due.
import { count, date, kind, nullable, ref, time, variant, when } from './field'

export const reminder = kind({
  actionId: ref(['action'], 'delete'),
  when: variant('kind', {
    at: { date, time: nullable(time) },
    daysBefore: { days: count({ max: 9999 }), time: nullable(time) },
    minutesBefore: { minutes: count({ max: 99_999, expected: 'expected fewer' }) },
  }),
  /** The moment that was answered, by the clock on the wall: it reminds no more of any up to it. */
  answered: nullable(when()),
  /** Snoozed until then. */
  snoozedTo: nullable(when()),
})
