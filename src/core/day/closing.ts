// What is left of a day when it is closed. What is only planned for it can go to another day by itself; what is due
// or at a fixed time is a promise, and nobody but the person moves a promise.
import type { Action } from '../record'
import type { CalendarDate } from '../time'

export interface LeftAtClose {
  /** On this day because it was planned for it, and for no other reason. */
  readonly planned: readonly Action[]
  /** Due on this day or before, or at a fixed time at all. */
  readonly promised: readonly Action[]
}

/** Whether giving an action another day would move a promise: it is due by then, or fixed on the clock. */
export const isPromisedBy = ({ due, at }: Pick<Action, 'due' | 'at'>, day: CalendarDate): boolean =>
  (due !== null && due.date <= day) || at !== null

export const leftAtClose = (left: readonly Action[], day: CalendarDate): LeftAtClose => ({
  planned: left.filter((action) => !isPromisedBy(action, day)),
  promised: left.filter((action) => isPromisedBy(action, day)),
})
