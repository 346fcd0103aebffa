// Moving along the line: which dates of what is there move with a bar, and what follows it.
import type { Action, Id, Project } from '../record'
import { addDays, isCalendarDate, type CalendarDate } from '../time'

/** The whole bar, or one of its ends. */
export type Edge = 'whole' | 'begins' | 'due'

export type Shifted = Partial<Pick<Project, 'begins' | 'due'>>
export type ShiftedAction = Partial<Pick<Action, 'at' | 'due' | 'day' | 'notBefore'>>

/** A day so many days on; the day itself where that would be beyond the calendar. */
const by = (date: CalendarDate | null, days: number): CalendarDate | null => {
  if (date === null) return null
  const there = addDays(date, days)
  return isCalendarDate(there) ? there : date
}

/** A project's own days, some days on; what it does not have is not made, unless that end alone is moved. */
export function shifted(
  { begins, due }: Pick<Project, 'begins' | 'due'>,
  shown: { readonly from: CalendarDate | null; readonly to: CalendarDate | null },
  days: number,
  edge: Edge,
): Shifted {
  if (edge === 'begins') return { begins: by(begins ?? shown.from, days) }
  if (edge === 'due') return { due: by(due ?? shown.to, days) }
  return { ...(begins ? { begins: by(begins, days) } : {}), ...(due ? { due: by(due, days) } : {}) }
}

/** An action's days, some days on. What is fixed on the clock stays where it was agreed, unless it is moved itself. */
export function shiftedAction(action: Action, days: number, isItself: boolean): ShiftedAction {
  const { at, due, day, notBefore } = action
  const on = <W extends { readonly date: CalendarDate }>(when: W): W => ({
    ...when,
    date: by(when.date, days) as CalendarDate,
  })
  return {
    ...(at && isItself ? { at: on(at) } : {}),
    ...(due ? { due: on(due) } : {}),
    ...(day && !at ? { day: by(day, days) } : {}),
    ...(notBefore ? { notBefore: by(notBefore, days) } : {}),
  }
}

/** Everything that comes after some, and after those; none of the first. */
export function followersOf(
  ids: readonly string[],
  others: readonly { readonly id: string; readonly afterIds: readonly string[] }[],
): Id[] {
  const behind = new Map<string, string[]>()
  for (const { id, afterIds } of others)
    for (const before of afterIds) behind.set(before, [...(behind.get(before) ?? []), id])
  const found = new Set<string>()
  const waiting = [...ids]
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop())
    for (const id of behind.get(next) ?? [])
      if (!found.has(id) && !ids.includes(id)) {
        found.add(id)
        waiting.push(id)
      }
  return [...found] as Id[]
}
