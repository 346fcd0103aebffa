// The order of work in a band: by the clock, then weight, horizon, promise, the person's own rank, and age.
import { byRank, keptHorizons, weights, type Action } from '../record'
import { toMinute } from '../time'

const placesOf = (scale: readonly string[]): Readonly<Record<string, number>> =>
  Object.fromEntries(scale.map((step, index) => [step, index]))
const weightAt = placesOf(weights)
const horizonAt = placesOf(keptHorizons)
const noClock = 1440
/** Beyond every due day, which counts at most 10,000 years of 372 days. */
const noDue = 10_000 * 372

/** The first four rules as one number, smaller first: a sort of thousands then compares numbers. */
function orderKeyOf(action: Action): number {
  const time = action.at?.time ?? action.due?.time
  const due = action.due?.date
  const dueDay = due
    ? Number(due.slice(0, 4)) * 372 + Number(due.slice(5, 7)) * 31 + Number(due.slice(8))
    : noDue
  return (
    (((time ? toMinute(time) : noClock) * 4 + (weightAt[action.weight] as number)) * 4 +
      (horizonAt[action.horizon] as number)) *
      (noDue + 1) +
    dueDay
  )
}

/** By the clock, then weight, then the hand: the order of what stands on a day, which can be arranged. */
const handKeyOf = ({ at, due, weight }: Action): number => {
  const time = at?.time ?? due?.time
  return (time ? toMinute(time) : noClock) * 4 + (weightAt[weight] as number)
}
export const compareByHand = (a: Action, b: Action): number => handKeyOf(a) - handKeyOf(b) || byRank(a, b)
export const inOrderOfHand = (actions: readonly Action[]): Action[] => {
  const keyed = actions.map((action) => ({ key: handKeyOf(action), action }))
  return keyed.sort((a, b) => a.key - b.key || byRank(a.action, b.action)).map(({ action }) => action)
}
/** Whether only the hand tells two of a day apart. */
export const isHandAlone = (a: Action, b: Action): boolean => handKeyOf(a) === handKeyOf(b)

/** Compares two actions by the order of work. */
export const compareForDay = (a: Action, b: Action): number => orderKeyOf(a) - orderKeyOf(b) || byRank(a, b)

/** The same order for a whole list, each key worked out once. */
export function inOrderOfWork(actions: readonly Action[]): Action[] {
  const keyed = actions.map((action) => ({ key: orderKeyOf(action), action }))
  return keyed.sort((a, b) => a.key - b.key || byRank(a.action, b.action)).map(({ action }) => action)
}

/** The first `count` in the order of work: for a list that shows only its head. */
export function firstInOrderOfWork(actions: readonly Action[], count: number): Action[] {
  if (actions.length <= count * 4) return inOrderOfWork(actions).slice(0, count)
  const head: { key: number; action: Action }[] = []
  for (const action of actions) {
    const next = { key: orderKeyOf(action), action }
    const against = (other: { key: number; action: Action }) =>
      next.key - other.key || byRank(next.action, other.action)
    const last = head[count - 1]
    if (last && against(last) > 0) continue
    const place = head.findIndex((other) => against(other) < 0)
    head.splice(place < 0 ? head.length : place, 0, next)
    head.length = Math.min(head.length, count)
  }
  return head.map(({ action }) => action)
}
