// The checks that fields are made of: each says what it expected where something else stands there.
import * as v from 'valibot'
import { isCalendarDate, isClockTime, type CalendarDate, type ClockTime } from '../time'
import { idNameLimit } from './limits'
import { isRank } from './rank'

/** The last millisecond of the year 9999. */
export const latestEpochMs = 253_402_300_799_999

export const textCheck = (max: number, expected = `expected at most ${max} characters`) =>
  v.pipe(v.string('expected text'), v.maxLength(max, expected))
export const countCheck = (min: number, max: number, expected = `expected at most ${max}`) =>
  v.pipe(
    v.number('expected a number'),
    v.integer('expected a whole number'),
    v.minValue(min, `expected at least ${min}`),
    v.maxValue(max, expected),
  )
export const oneOfCheck = <const T extends readonly string[]>(values: T) =>
  v.picklist(values, `expected one of ${values.join(', ')}`)
export const dateCheck = v.custom<CalendarDate>(isCalendarDate, 'expected a day such as "2026-03-01"')
/** Milliseconds since 1970 in UTC, to the end of the year 9999. */
export const epochMsCheck = v.pipe(
  v.number('expected a number'),
  v.integer('expected a whole number'),
  v.minValue(0, 'expected a time after 1970'),
  v.maxValue(latestEpochMs, 'expected a time before the year 10000'),
)
/** The id of a record of one of some kinds. `~` stands before the day of what comes back: `action:rent~2026-04-03`. */
export const idCheck = (kinds: readonly string[]) => {
  const shape = new RegExp(`^(?:${kinds.join('|')}):[A-Za-z0-9_~-]{1,${idNameLimit}}$`)
  return v.custom<string>(
    (value) => typeof value === 'string' && shape.test(value),
    `expected an id such as "${kinds[0]}:…"`,
  )
}

export const timeCheck = v.custom<ClockTime>(isClockTime, 'expected a time such as "14:30"')
export const rankCheck = v.custom<string>(isRank, 'expected a rank such as "a0"')
export const flagCheck = v.boolean('expected true or false')
