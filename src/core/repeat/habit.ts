// How a habit went: which days of its rule were done, missed or skipped, read off the actions that stand for them.
import type { CalendarDate } from '../time'

export type HabitMark = 'done' | 'missed' | 'skipped' | 'open'

export interface HabitDay {
  readonly day: CalendarDate
  readonly mark: HabitMark
}

/** An action that was ticked: the day it stood for, and the day of its tick. */
export interface HabitTick {
  readonly turn: CalendarDate
  readonly doneOn: CalendarDate
}

/** The last of `days`, in order, that is no later than `date`; -1 where there is none. */
function placeBefore(days: readonly CalendarDate[], date: CalendarDate): number {
  let place = -1
  while (place + 1 < days.length && (days[place + 1] as CalendarDate) <= date) place++
  return place
}

/**
 * The marks of the days of a rule up to today, in order. A tick counts for the latest day there had been by then, or
 * for the one it was done ahead of. What was skipped on purpose is neither done nor missed; the latest day is open
 * until the next one comes.
 */
export function habitDays(
  days: readonly CalendarDate[],
  ticks: readonly HabitTick[],
  skips: readonly CalendarDate[],
): HabitDay[] {
  const done = new Set(ticks.map(({ turn, doneOn }) => placeBefore(days, turn > doneOn ? turn : doneOn)))
  return days.map((day, place) => {
    if (done.has(place)) return { day, mark: 'done' }
    if (skips.includes(day)) return { day, mark: 'skipped' }
    return { day, mark: place === days.length - 1 ? 'open' : 'missed' }
  })
}

/** How many in a row were done: now, and at best. Skipped ones and the open one neither count nor break a run. */
export function runsIn(days: readonly HabitDay[]): { readonly now: number; readonly best: number } {
  let [now, best] = [0, 0]
  for (const { mark } of days) {
    if (mark === 'done') now++
    if (mark === 'missed') now = 0
    best = Math.max(best, now)
  }
  return { now, best }
}

export interface HabitMonth {
  /** `2026-03` */
  readonly month: string
  readonly done: number
  /** Done and missed together: skipped and open ones do not count. */
  readonly of: number
}

/** Done out of done and missed, month by month, the latest first. */
export function habitMonths(days: readonly HabitDay[]): HabitMonth[] {
  const months = new Map<string, { done: number; of: number }>()
  for (const { day, mark } of days) {
    if (mark !== 'done' && mark !== 'missed') continue
    const month = day.slice(0, 7)
    const { done, of } = months.get(month) ?? { done: 0, of: 0 }
    months.set(month, { done: done + (mark === 'done' ? 1 : 0), of: of + 1 })
  }
  return [...months].map(([month, counts]) => ({ month, ...counts })).reverse()
}
