// Hybrid logical clock: instants that never run backwards and are never the same twice.
// Source: Kulkarni, Demirbas, Madappa, Avva, Leone, "Logical Physical Clocks" (2014).
declare const brand: unique symbol

/** `milliseconds.counter.replica`, the first two in base 36 and padded, so that text order is time order. */
export type Timestamp = string & { readonly [brand]: 'Timestamp' }

/** Before every timestamp: the timestamp of a field that was never written. */
export const never = '' as Timestamp

const msWidth = 9
const counterWidth = 4
const shape = /^[0-9a-z]{9}\.[0-9a-z]{4}\.[0-9a-z]{4,16}$/

/**
 * The latest instant a clock is believed when a timestamp is made, in the year 4000: nine digits go on to the year
 * 5188, and there is always a later timestamp.
 */
export const latestStampedEpochMs = Date.UTC(4000, 0)

export const isTimestamp = (value: unknown): value is Timestamp =>
  typeof value === 'string' && shape.test(value)

/** A replica names one open copy: every browser tab that writes has its own, 4-16 of `0-9a-z`. */
export function makeTimestamp(epochMs: number, counter: number, replica: string): Timestamp {
  const bounded = Math.max(0, Math.floor(epochMs))
  const [ms, count] = [
    bounded.toString(36).padStart(msWidth, '0'),
    counter.toString(36).padStart(counterWidth, '0'),
  ]
  return `${ms}.${count}.${replica}` as Timestamp
}

/** When the stamped change was made, by the clock of its maker. */
export const epochMsOf = (stamp: Timestamp): number => Number.parseInt(stamp.slice(0, msWidth), 36)

/**
 * The next timestamp after `last`: the wall clock where it has moved on, else the same instant with a higher counter.
 * A clock that ran ahead once leaves timestamps ahead; what comes later is ordered after them all the same.
 */
export function nextTimestamp(last: Timestamp, nowEpochMs: number, replica: string): Timestamp {
  const wallEpochMs = Math.min(nowEpochMs, latestStampedEpochMs)
  if (last === never || epochMsOf(last) < wallEpochMs) return makeTimestamp(wallEpochMs, 0, replica)
  const counter = Number.parseInt(last.slice(msWidth + 1, msWidth + 1 + counterWidth), 36) + 1
  return counter < 36 ** counterWidth
    ? makeTimestamp(epochMsOf(last), counter, replica)
    : makeTimestamp(epochMsOf(last) + 1, 0, replica)
}

export const laterTimestamp = (a: Timestamp, b: Timestamp): Timestamp => (a > b ? a : b)
