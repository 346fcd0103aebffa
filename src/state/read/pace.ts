// How a project goes on: what of it is done, what is to do, at what pace, and what its end can be told from.
import { minutesOf } from '@/core/day'
import type { Document } from '@/core/journal'
import {
  enoughToTell,
  paceWeeks,
  weekEdges,
  weeklyMinutes,
  weeksLookedAt,
  type FinishAsked,
} from '@/core/pace'
import type { Action, Id } from '@/core/record'
import { median } from '@/core/median'
import type { CalendarDate } from '@/core/time'
import { actionsOfWhole, doneWithWhole } from './actionIndexes'
import { minutesDoneOf } from './ownedIndexes'

export interface Pace {
  readonly doneMinutes: number
  /** As estimated. */
  readonly toDoMinutes: number
  /** In the middle of the last four weeks, or of those since it began; null where nothing was done in them. */
  readonly perWeekMinutes: number | null
  /** Open actions without minutes: each is taken to be as long as the middle one of those that were done. */
  readonly unknown: number
  readonly unknownMinutes: number
  /** What its end is drawn from; null where it rests on too little. */
  readonly asked: FinishAsked | null
  readonly doneCount: number
}

let edges: { readonly key: string; readonly at: readonly number[] } | null = null
/** Worked out once a day: asking where a day begins in a zone is slow. */
function edgesFor(today: CalendarDate, zone: string): readonly number[] {
  const key = `${today} ${zone}`
  if (edges?.key !== key) edges = { key, at: weekEdges(today, zone, weeksLookedAt) }
  return edges.at
}

const found = new WeakMap<readonly Action[], { key: string; open: readonly Action[]; pace: Pace }>()

/** Of a project with its parts. The same as long as its actions are. */
export function paceOf(document: Document, id: Id<'project'>, today: CalendarDate, zone: string): Pace {
  const [open, done] = [actionsOfWhole(document, id), doneWithWhole(document, id)]
  const key = `${id} ${today} ${zone}`
  const known = found.get(done)
  if (known?.key === key && known.open === open) return known.pace
  const pace = madeOf(document, id, open, done, today, zone)
  found.set(done, { key, open, pace })
  return pace
}

function madeOf(
  document: Document,
  id: Id<'project'>,
  open: readonly Action[],
  done: readonly Action[],
  today: CalendarDate,
  zone: string,
): Pace {
  const parts = done.flatMap((action) => {
    const minutes = minutesDoneOf(document, action)
    return minutes === null ? [] : [{ doneAtEpochMs: action.doneAtEpochMs as number, minutes }]
  })
  const weeks = weeklyMinutes(parts, edgesFor(today, zone))
  const last = weeks.slice(-paceWeeks)
  const unknown = open.filter(({ minutes }) => minutes === null).length
  const each = median(parts.map(({ minutes }) => minutes)) ?? 0
  const toDoMinutes = minutesOf(open)
  const drawn = toDoMinutes + unknown * each
  return {
    doneMinutes: parts.reduce((sum, { minutes }) => sum + minutes, 0),
    toDoMinutes,
    perWeekMinutes: last.some((minutes) => minutes > 0)
      ? Math.round(last.reduce((sum, minutes) => sum + minutes, 0) / last.length)
      : null,
    unknown,
    unknownMinutes: each,
    asked: drawn > 0 && enoughToTell(weeks, parts.length) ? { key: id, toDoMinutes: drawn, weeks } : null,
    doneCount: parts.length,
  }
}
