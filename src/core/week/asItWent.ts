// Days as they were planned and as they went, in minutes. Outcomes and minutes are counted, never ticks.
import type { Id, Plan } from '../record'
import type { CalendarDate } from '../time'

/** What was done on a day, with the minutes that took; null where nothing says how long. */
export interface DonePart {
  readonly id: Id<'action'>
  readonly minutes: number | null
}

export interface DayAsItWent {
  readonly date: CalendarDate
  /** The minutes that stood in the day when it was planned; null where it was not planned beforehand. */
  readonly plannedMinutes: number | null
  readonly doneMinutes: number
  /** Of these, what had been planned for the day. */
  readonly asPlannedMinutes: number
  readonly doneCount: number
}

export function dayAsItWent(
  date: CalendarDate,
  plan: Pick<Plan, 'planned' | 'plannedAtEpochMs'> | undefined,
  done: readonly DonePart[],
): DayAsItWent {
  const planned = plan?.plannedAtEpochMs ? plan.planned : null
  const sum = (parts: readonly { readonly minutes: number | null }[]) =>
    parts.reduce((total, { minutes }) => total + (minutes ?? 0), 0)
  return {
    date,
    plannedMinutes: planned === null ? null : sum(Object.values(planned)),
    doneMinutes: sum(done),
    asPlannedMinutes: planned === null ? 0 : sum(done.filter(({ id }) => Object.hasOwn(planned, id))),
    doneCount: done.length,
  }
}

/** Several days together, told as of the first of them; planned is what the planned ones among them had. */
export function daysTogether(days: readonly DayAsItWent[]): Omit<DayAsItWent, 'date'> {
  const plannedOnes = days.flatMap(({ plannedMinutes }) => plannedMinutes ?? [])
  const sum = (of: (day: DayAsItWent) => number) => days.reduce((total, day) => total + of(day), 0)
  return {
    plannedMinutes:
      plannedOnes.length === 0 ? null : plannedOnes.reduce((total, minutes) => total + minutes, 0),
    doneMinutes: sum(({ doneMinutes }) => doneMinutes),
    asPlannedMinutes: sum(({ asPlannedMinutes }) => asPlannedMinutes),
    doneCount: sum(({ doneCount }) => doneCount),
  }
}
