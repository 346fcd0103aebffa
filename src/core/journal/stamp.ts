// Hybrid logical clock: instants that never run backwards and are never the same twice.
// Source: Kulkarni, Demirbas, Madappa, Avva, Leone, "Logical Physical Clocks" (2014).
declare const brand: unique symbol

/** `milliseconds.counter.replica`, the first two in base 36 and padded, so that text order is time order. */
export type Stamp = string & { readonly [brand]: 'Stamp' }

/** Before every stamp: the stamp of a field that was never written. */
export const never = '' as Stamp

const msWidth = 9
const counterWidth = 4
const shape = /^[0-9a-z]{9}\.[0-9a-z]{4}\.[0-9a-z]{4,16}$/

/**
 * The latest instant a clock is believed when a stamp is made, in the year 4000: nine digits go on to the year 5188,
 * so there is always a later stamp.
 */
export const latestStampedEpochMs = Date.UTC(4000, 0)

export const isStamp = (value: unknown): value is Stamp => typeof value === 'string' && shape.test(value)

/** A replica names one open copy: every browser tab that writes has its own, 4-16 of `0-9a-z`. */
export function makeStamp(epochMs: number, counter: number, replica: string): Stamp {
  const bounded = Math.max(0, Math.floor(epochMs))
  return `${bounded.toString(36).padStart(msWidth, '0')}.${counter.toString(36).padStart(counterWidth, '0')}.${replica}` as Stamp
}

/** When the stamped change was made, by the clock of its maker. */
export const epochMsOf = (stamp: Stamp): number => Number.parseInt(stamp.slice(0, msWidth), 36)

/**
 * The next stamp after `last`: the wall clock where it has moved on, else the same instant with a higher counter.
 * A clock that ran ahead once leaves stamps ahead; what comes later is ordered after them all the same.
 */
export function nextStamp(last: Stamp, nowEpochMs: number, replica: string): Stamp {
  const wallEpochMs = Math.min(nowEpochMs, latestStampedEpochMs)
  if (last === never || epochMsOf(last) < wallEpochMs) return makeStamp(wallEpochMs, 0, replica)
  const counter = Number.parseInt(last.slice(msWidth + 1, msWidth + 1 + counterWidth), 36) + 1
  return counter < 36 ** counterWidth
    ? makeStamp(epochMsOf(last), counter, replica)
    : makeStamp(epochMsOf(last) + 1, 0, replica)
}

export const laterStamp = (a: Stamp, b: Stamp): Stamp => (a > b ? a : b)
