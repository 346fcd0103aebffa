// What was done in some days: minutes and outcomes, never ticks. What comes back is one outcome, however often it came.
import type { Id, Plan } from '../record'
import type { CalendarDate } from '../time'
import { dayAsItWent, daysTogether, type DayAsItWent, type DonePart } from '../week/asItWent'

/** One done action. */
export interface Part extends DonePart {
  /** The same for all that one repeat has brought. */
  readonly series: string
  /** Its minutes are the estimate: nothing was timed. */
  readonly isEstimated: boolean
  /** What it is counted under; each part under one key alone, so that what is counted adds up. */
  readonly key: string
}

export interface DayOfParts {
  readonly date: CalendarDate
  readonly plan: Pick<Plan, 'planned' | 'plannedAtEpochMs'> | undefined
  readonly parts: readonly Part[]
}

export interface GroupDone {
  readonly key: string
  readonly minutes: number
  readonly outcomes: number
  /** Minutes, a number for each stretch. */
  readonly bars: readonly number[]
  /** The latest day first. */
  readonly ids: readonly Id<'action'>[]
}

export interface LookBack extends Omit<DayAsItWent, 'date' | 'doneCount'> {
  readonly days: readonly DayAsItWent[]
  readonly outcomes: number
  /** Of the minutes done, those that are estimates. */
  readonly estimatedMinutes: number
  /** The most minutes first. */
  readonly groups: readonly GroupDone[]
}

interface Growing {
  minutes: number
  readonly series: Set<string>
  readonly bars: number[]
  readonly ids: Id<'action'>[]
}

/** `stretchAt` says in which stretch a day lies, by its place among the days; `stretches` how many there are. */
export function lookBackOn(
  days: readonly DayOfParts[],
  stretchAt: (day: number) => number,
  stretches: number,
): LookBack {
  const groups = new Map<string, Growing>()
  const series = new Set<string>()
  let estimatedMinutes = 0
  const went = days.map(({ date, plan, parts }, at) => {
    const stretch = stretchAt(at)
    for (const part of parts) {
      const minutes = part.minutes ?? 0
      let group = groups.get(part.key)
      if (!group) {
        group = { minutes: 0, series: new Set(), bars: new Array<number>(stretches).fill(0), ids: [] }
        groups.set(part.key, group)
      }
      group.minutes += minutes
      group.series.add(part.series)
      group.bars[stretch] = (group.bars[stretch] ?? 0) + minutes
      group.ids.push(part.id)
      series.add(part.series)
      if (part.isEstimated) estimatedMinutes += minutes
    }
    return dayAsItWent(date, plan, parts)
  })
  const { plannedMinutes, doneMinutes, asPlannedMinutes } = daysTogether(went)
  return {
    days: went,
    plannedMinutes,
    doneMinutes,
    asPlannedMinutes,
    outcomes: series.size,
    estimatedMinutes,
    groups: [...groups]
      .map(([key, { series: own, ids, ...group }]) => ({
        ...group,
        key,
        outcomes: own.size,
        ids: ids.reverse(),
      }))
      .sort((a, b) => b.minutes - a.minutes || b.outcomes - a.outcomes || (a.key < b.key ? -1 : 1)),
  }
}
