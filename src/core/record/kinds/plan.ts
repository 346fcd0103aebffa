// A day as it was planned, `plan:day-2026-03-11`, and how many minutes of it were available.
import { count, date, epochMs, kind, line, mapOf, minuteOfDay, nullable, object, ref, since } from './field'

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
  /**
   * Where in the day its actions were planned: the minute at which each begins. Neither a fixed time nor a promise; an
   * action that is on another day by now is planned nowhere in this one.
   */
  placed: since(14, mapOf(ref(['action'], 'keep'), minuteOfDay)),
  /** Leave, a journey: nothing is available then. What it is for, `''` where that is not said; null at home. */
  away: since(14, nullable(line())),
  /** Of the week whose Thursday this is: set on its sheet; null goes by the review that looked ahead to it. */
  firstAim: since(15, nullable(line())),
  secondAim: since(15, nullable(line())),
})
