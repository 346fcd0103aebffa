// What the fields of records are made of: each says what it expected where something else stands there.
import * as v from 'valibot'
import { isCalendarDate, isClockTime, type CalendarDate, type ClockTime } from '../time'
import { noteLimit, titleLimit, type Id, type RecordKind } from './ids'
import { isRank } from './rank'

export const idField = <K extends RecordKind>(kind: K) => {
  // `~` stands before the day of what comes back: `action:rent~2026-04-03`.
  const shape = new RegExp(`^${kind}:[A-Za-z0-9_~-]{1,128}$`)
  return v.custom<Id<K>>(
    (value) => typeof value === 'string' && shape.test(value),
    `expected an id such as "${kind}:…"`,
  )
}
export const titleField = v.pipe(
  v.string('expected text'),
  v.maxLength(titleLimit, `expected at most ${titleLimit} characters`),
)
export const noteField = v.pipe(
  v.string('expected text'),
  v.maxLength(noteLimit, `expected at most ${noteLimit} characters`),
)
export const dateField = v.custom<CalendarDate>(isCalendarDate, 'expected a day such as "2026-03-01"')
export const timeField = v.custom<ClockTime>(isClockTime, 'expected a time such as "14:30"')
/** The last millisecond of the year 9999. */
export const latestEpochMs = 253_402_300_799_999
/** Milliseconds since 1970 in UTC, to the end of the year 9999. */
export const epochMsField = v.pipe(
  v.number('expected a number'),
  v.integer('expected a whole number'),
  v.minValue(0, 'expected a time after 1970'),
  v.maxValue(latestEpochMs, 'expected a time before the year 10000'),
)
export const rankField = v.custom<string>(isRank, 'expected a rank such as "a0"')
export const count = v.pipe(
  v.number('expected a number'),
  v.integer('expected a whole number'),
  v.minValue(0, 'expected at least 0'),
)
/** One minute to thirty days. */
export const minutesField = v.pipe(
  v.number('expected a number'),
  v.integer('expected a whole number'),
  v.minValue(1, 'expected at least 1'),
  v.maxValue(43_200, 'expected at most 43200'),
)
export const minuteOfDay = v.pipe(
  v.number('expected a number'),
  v.integer('expected a whole number'),
  v.minValue(0, 'expected at least 0'),
  v.maxValue(1440, 'expected at most 1440'),
)
export const oneOf = <const T extends readonly string[]>(values: T) =>
  v.picklist(values, `expected one of ${values.join(', ')}`)

/** A day, and a time on it where one is fixed. */
export const whenField = v.strictObject({ date: dateField, time: v.nullable(timeField) })
