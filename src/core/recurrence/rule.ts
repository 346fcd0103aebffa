// The text of a recurrence rule, read. What of it cannot be counted is said before it is.
import { RRule, type Options } from 'rrule'

/** What a wall clock shows, in milliseconds since 1970 as if it hung in Greenwich: no clock change is in it. */
export type WallMs = number
export type Parsed = Partial<Options> & { readonly freq: number }

/** A part of a rule as a list: one value is written without its own. */
export const listOf = <T>(value: T | readonly T[] | null | undefined): readonly T[] =>
  value === null || value === undefined ? [] : ([] as T[]).concat(value as T | T[])

const readRules = new Map<string, Parsed | null>()
const mostRead = 1000

/** Null where it is no rule. Calendars have thousands of series and few rules: each is read once. */
export function parsedRule(text: string): Parsed | null {
  const known = readRules.get(text)
  if (known !== undefined) return known
  const read = readRule(text)
  if (readRules.size >= mostRead) readRules.clear()
  readRules.set(text, read)
  return read
}

function readRule(text: string): Parsed | null {
  try {
    const { freq, interval = 1, ...rule } = RRule.parseString(text)
    return freq === undefined || interval < 1 ? null : { ...rule, freq, interval }
  } catch {
    return null
  }
}

/** More often a day than this is no appointment. */
const mostADay = 1440

export function comesTooOften({ freq, byhour, byminute, bysecond }: Parsed): boolean {
  const times = [byhour, byminute, bysecond].map((part) => Math.max(1, listOf<number>(part).length))
  return freq === RRule.SECONDLY || times.reduce((product, each) => product * each, 1) > mostADay
}

/** Whether a rule comes so often that no day could show it: each second, or a thousand times a day. */
export function isTooOften(text: string): boolean {
  const rule = parsedRule(text)
  return rule !== null && comesTooOften(rule)
}

/** Whether it is a rule at all. */
export const isRule = (text: string): boolean => parsedRule(text) !== null
