// What was done on the days that are shown.
import { useMemo } from 'react'
import type { Action } from '@/core/record'
import { localMomentAt, type CalendarDate } from '@/core/time'
import { lists, owned } from '@/state'
import { useOfSide } from '@/held/side'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import type { ShownDay } from './shownDay'

const nothing: readonly Action[] = []

/** By day, from one day to another, the last included: what was done then, and the minutes that took. */
export function useDone(
  first: CalendarDate,
  last: CalendarDate,
): (date: CalendarDate) => Pick<ShownDay, 'done' | 'doneMinutes'> {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const ofSide = useOfSide()
  return useMemo(() => {
    const zone = clock.zone()
    const done = first > today ? [] : ofSide(lists.doneOf(document, first, last, zone))
    const byDay = new Map<CalendarDate, Action[]>()
    for (const action of done) {
      const { date } = localMomentAt(action.doneAtEpochMs ?? 0, zone)
      byDay.set(date, [...(byDay.get(date) ?? []), action])
    }
    return (date) => {
      const then = byDay.get(date) ?? nothing
      return { done: then, doneMinutes: owned.minutesDoneIn(document, then) }
    }
  }, [document, first, last, today, clock, ofSide])
}
