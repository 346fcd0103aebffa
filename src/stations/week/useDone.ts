// What was done on the days that are shown.
import { useMemo } from 'react'
import type { Action } from '@/core/record'
import { addDays, epochMsAt, type CalendarDate } from '@/core/time'
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
    // The latest first: day after day back from the last, each takes what was done from its beginning on.
    const byDay = new Map<CalendarDate, readonly Action[]>()
    for (let [date, at] = [last, 0]; date >= first && at < done.length; date = addDays(date, -1)) {
      const [begins, from] = [epochMsAt({ date, minute: 0 }, zone), at]
      while ((done[at]?.doneAtEpochMs ?? -Infinity) >= begins) at += 1
      if (at > from) byDay.set(date, done.slice(from, at))
    }
    return (date) => {
      const then = byDay.get(date) ?? nothing
      return { done: then, doneMinutes: owned.minutesDoneIn(document, then) }
    }
  }, [document, first, last, today, clock, ofSide])
}
