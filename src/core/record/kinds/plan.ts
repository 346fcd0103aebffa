// A day as it was planned, `plan:day-2026-03-11`, and how many minutes of it were available.
import { count, date, epochMs, kind, line, mapOf, minuteOfDay, nullable, object, ref } from './field'

export const plan = kind({
  date,
  /** Of this day alone; null where the weekday's hold. */
  availableMinutes: nullable(minuteOfDay),
  plannedAtEpochMs: nullable(epochMs),
  /** What stood in it when it was planned, told so that it reads the same for ever. */
  planned: mapOf(ref(['action'], 'keep'), object({ title: line(), minutes: nullable(count()) })),
  endedAtEpochMs: nullable(epochMs),
  /** What the person wrote of it at its end. */
  line: line(),
})
