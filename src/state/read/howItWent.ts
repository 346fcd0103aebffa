// Days as they were planned and as they went, and the minutes of each area in them.
import { minutesOf } from '@/core/day'
import { recordIn, type Document } from '@/core/journal'
import type { Action, Area } from '@/core/record'
import { dayAsItWent, type DayAsItWent } from '@/core/week/asItWent'
import { localMomentAt, type CalendarDate } from '@/core/time'
import * as lists from './actionIndexes'
import { minutesDoneIn, minutesDoneOf } from './ownedIndexes'
import { areaOf, planIdOf } from './selectors'
import { isOfSide, ofSide, type SideChoice } from './sides'

/** What was done from one day to another, of one side or of both. */
export const doneIn = (
  document: Document,
  from: CalendarDate,
  to: CalendarDate,
  zone: string,
  side: SideChoice,
): readonly Action[] => ofSide(document, side, lists.doneOf(document, from, to, zone))

/** Each of the days; `dates` follow one another. */
export function howItWent(
  document: Document,
  dates: readonly CalendarDate[],
  zone: string,
  side: SideChoice,
): readonly DayAsItWent[] {
  const [first, last] = [dates[0], dates.at(-1)]
  if (first === undefined || last === undefined) return []
  const byDay = new Map<CalendarDate, Action[]>(dates.map((date) => [date, []]))
  for (const action of doneIn(document, first, last, zone, side))
    byDay.get(localMomentAt(action.doneAtEpochMs ?? 0, zone).date)?.push(action)
  return dates.map((date) => {
    const plan = recordIn(document, planIdOf(date))
    // What is gone by now was on some side: it counts where both are shown.
    const isShown = (id: string) => {
      const action = recordIn(document, id as Action['id'])
      return side === 'both' || (action !== undefined && isOfSide(document, side, action))
    }
    const planned = Object.fromEntries(Object.entries(plan?.planned ?? {}).filter(([id]) => isShown(id)))
    return dayAsItWent(
      date,
      plan && { ...plan, planned },
      (byDay.get(date) ?? []).map((action) => ({ id: action.id, minutes: minutesDoneOf(document, action) })),
    )
  })
}

export interface AreaMinutes {
  /** Null for what is in no area. */
  readonly area: Area | null
  readonly doneMinutes: number
  /** Still to do. */
  readonly plannedMinutes: number
  /** Done in the span before. */
  readonly beforeMinutes: number
}

/** The minutes of each area, the largest first; areas without any are left out. */
export function minutesByArea(
  document: Document,
  held: Readonly<Record<'done' | 'planned' | 'before', readonly Action[]>>,
): readonly AreaMinutes[] {
  const split = (actions: readonly Action[]) => {
    const found = new Map<Area | null, Action[]>()
    for (const action of actions) {
      const area = areaOf(document, action) ?? null
      const of = found.get(area)
      if (of) of.push(action)
      else found.set(area, [action])
    }
    return found
  }
  const [done, planned, before] = [split(held.done), split(held.planned), split(held.before)]
  return [...new Set([...done.keys(), ...planned.keys(), ...before.keys()])]
    .map((area) => ({
      area,
      doneMinutes: minutesDoneIn(document, done.get(area) ?? []),
      plannedMinutes: minutesOf(planned.get(area) ?? []),
      beforeMinutes: minutesDoneIn(document, before.get(area) ?? []),
    }))
    .filter((each) => each.doneMinutes + each.plannedMinutes + each.beforeMinutes > 0)
    .sort((a, b) => b.doneMinutes + b.plannedMinutes - (a.doneMinutes + a.plannedMinutes))
}
