// When an act counts as moving a thing: see *moved* in the glossary.
import type { Action } from '../record'
import { laidOn } from './standsOn'

type Dated = Pick<Action, 'day' | 'due' | 'at'>

/**
 * Whether what was laid on a day or promised for one is now on another: moved on from a day, or its promise put off or
 * brought forward. Laying a thing on its first day is none, and neither is taking its day or its promise away.
 */
export function isRedated(before: Dated, after: Dated): boolean {
  const [from, to] = [laidOn(before), laidOn(after)]
  if (from !== null && to !== null && from !== to) return true
  return before.due !== null && after.due !== null && before.due.date !== after.due.date
}
