// What a person has set. Every field may be missing: what holds then is read from the defaults.
import { noteLimit } from '../limits'
import { weekdays } from '../scales'
import { count, flag, kind, mapOf, minuteOfDay, nullable, oneOf, optional, text } from './field'

export const settings = kind({
  /** Available minutes on a weekday, `0` Monday to `6` Sunday. */
  availableMinutes: optional(mapOf(oneOf(weekdays), minuteOfDay)),
  dayStartsAtMinute: optional(minuteOfDay),
  dayEndsAtMinute: optional(minuteOfDay),
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
