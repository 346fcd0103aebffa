// What a person has set. Every field may be missing: what holds then is read from the defaults.
import { noteLimit } from '../limits'
import { weekdays } from '../scales'
import {
  count,
  flag,
  kind,
  listOf,
  mapOf,
  minuteOfDay,
  nullable,
  object,
  oneOf,
  optional,
  text,
} from './field'

/** From one minute of the day to another. */
const span = object({ from: minuteOfDay, to: minuteOfDay })

export const settings = kind({
  /** Available minutes on a weekday, `0` Monday to `6` Sunday. */
  availableMinutes: optional(mapOf(oneOf(weekdays), minuteOfDay)),
  dayStartsAtMinute: optional(minuteOfDay),
  dayEndsAtMinute: optional(minuteOfDay),
  /** The hours worked on a weekday, with the breaks left out; where it says nothing, from beginning to end of a day. */
  workingHours: optional(mapOf(oneOf(weekdays), listOf(span))),
  /** The same for what is private, where both are told apart; a weekday that is left out has none. */
  privateHours: optional(mapOf(oneOf(weekdays), listOf(span))),
  /** Available minutes of the private hours of a weekday; where it says nothing, all of them. */
  privateMinutes: optional(mapOf(oneOf(weekdays), minuteOfDay)),
  /** The weekday on which a week begins, `0` Monday to `6` Sunday. */
  weekStartsOn: optional(count({ max: 6, expected: 'expected a weekday from 0 to 6' })),
  underwayLimit: optional(count({ min: 1, max: 20 })),
  /** Finished steps are left out instead of sinking. */
  hideDoneSteps: optional(flag),
  /** Asks once a month for a backup. */
  asksForBackup: optional(flag),
  /** What a day note begins with, in Markdown. */
  dayNoteBegins: optional(text(noteLimit)),
  /** Keys changed (`tick` → `y`) or switched off (null); the rest are as shipped. */
  keys: optional(mapOf(text(Infinity), nullable(text(20, { expected: 'expected one key' })))),
})
