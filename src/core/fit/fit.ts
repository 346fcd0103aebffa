// Will it all fit? Everything that is promised against the minutes there are before it, what is due earlier first.
// Where this order does not fit, none does. Source: the earliest due date first (J. R. Jackson, "Scheduling a Production
// Line to Minimize Maximum Tardiness", University of California, 1955).
import type { CalendarDate } from '../time'
import type { Available } from './available'

/** Something promised for a day: an action, or a project with what is left in it. */
export interface Promised {
  readonly id: string
  readonly minutes: number
  readonly date: CalendarDate
  /** Up to which minute of that day; 1440 for the whole of it. */
  readonly minute: number
  /** How many of its actions say no minutes: they are taken to be as long as most are. */
  readonly guessed: number
}

export interface FitPoint {
  readonly promised: Promised
  /** All that is promised up to it, with its own. */
  readonly promisedMinutes: number
  /** All that is available before it is due. */
  readonly availableMinutes: number
  /** By how much that is too little; 0 where it fits. */
  readonly shortMinutes: number
}

export interface Fit {
  /** In the order they are due. */
  readonly points: readonly FitPoint[]
  readonly firstBreak: FitPoint | null
  /** How many do not fit. */
  readonly broken: number
  /** How many actions say no minutes. */
  readonly guessed: number
}

export const compareDue = (a: Promised, b: Promised): number => {
  if (a.date !== b.date) return a.date < b.date ? -1 : 1
  return a.minute - b.minute || (a.id < b.id ? -1 : 1)
}

/** What is promised, in the order it is due (`compareDue`), against what is available. */
export function fitOf(promised: readonly Promised[], available: Available): Fit {
  const { today } = available
  let [sum, broken, guessed] = [0, 0, 0]
  let firstBreak: FitPoint | null = null
  let [date, day]: [CalendarDate, number] = [today, 0]
  const points = promised.map((each): FitPoint => {
    sum += each.minutes
    guessed += each.guessed
    // What is overdue is due at once, today.
    const isOver = each.date < today
    if (!isOver && each.date !== date) [date, day] = [each.date, available.dayOf(each.date)]
    const availableMinutes = available.before(isOver ? 0 : day, isOver ? 1440 : each.minute)
    const shortMinutes = Math.max(0, sum - availableMinutes)
    const point = { promised: each, promisedMinutes: sum, availableMinutes, shortMinutes }
    if (shortMinutes > 0) {
      broken++
      firstBreak ??= point
    }
    return point
  })
  return { points, firstBreak, broken, guessed }
}

/** The same list with one of them changed, put in, or taken out (null). */
export function withPromised(
  promised: readonly Promised[],
  id: string,
  instead: Promised | null,
): readonly Promised[] {
  const others = [...promised]
  const before = promised.findIndex((each) => each.id === id)
  if (before >= 0) others.splice(before, 1)
  if (!instead) return others
  let [low, high] = [0, others.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (compareDue(others[middle] as Promised, instead) < 0) low = middle + 1
    else high = middle
  }
  others.splice(low, 0, instead)
  return others
}
