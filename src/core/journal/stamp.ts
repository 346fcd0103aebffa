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

export const isStamp = (value: unknown): value is Stamp => typeof value === 'string' && shape.test(value)

/** A replica names one open copy: every browser tab that writes has its own, 4-16 of `0-9a-z`. */
export function makeStamp(epochMs: number, counter: number, replica: string): Stamp {
  return `${Math.floor(epochMs).toString(36).padStart(msWidth, '0')}.${counter.toString(36).padStart(counterWidth, '0')}.${replica}` as Stamp
}

/** When the stamped change was made, by the clock of its maker. */
export const epochMsOf = (stamp: Stamp): number => Number.parseInt(stamp.slice(0, msWidth), 36)

/** The next stamp after `last`: the wall clock where it has moved on, else the same instant with a higher counter. */
export function nextStamp(last: Stamp, nowEpochMs: number, replica: string): Stamp {
  if (last === never || epochMsOf(last) < nowEpochMs) return makeStamp(nowEpochMs, 0, replica)
  const counter = Number.parseInt(last.slice(msWidth + 1, msWidth + 1 + counterWidth), 36) + 1
  return counter < 36 ** counterWidth ? makeStamp(epochMsOf(last), counter, replica) : makeStamp(epochMsOf(last) + 1, 0, replica)
}

export const laterStamp = (a: Stamp, b: Stamp): Stamp => (a > b ? a : b)
