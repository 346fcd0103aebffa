// What a month shows of each of its days.
import { useMemo } from 'react'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { laidOverDays, type Bar } from '@/core/calendar/overDays'
import { inOrderOfWork } from '@/core/day'
import { recordIn } from '@/core/journal'
import type { Action, Project } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { lists, select } from '@/state'
import { plannedOn } from '@/state/read/dayLoad'
import { actionsDueOn, projectsDueOn } from '@/state/read/due'
import { useEvents } from '@/held/calendars/useEvents'
import { useOfSide } from '@/held/side'
import { useLoads } from '@/held/useLoads'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import type { ShownDay } from '../shownDay'
import { useDone } from '../useDone'

export interface MonthDay extends ShownDay {
  /** Those of hours. */
  readonly events: readonly ShownEvent[]
  /** Due on this day, wherever they are planned. */
  readonly due: readonly Action[]
  readonly projectsDue: readonly Project[]
  /** Planned for this day or fixed on it, and not due on it. */
  readonly planned: readonly Action[]
  /** What for, where the person is away; null where not. */
  readonly away: string | null
}

export interface Month {
  readonly days: readonly MonthDay[]
  readonly bars: readonly Bar<ShownEvent>[]
}

const nothing: readonly Action[] = []

/** `dates` follow one another. */
export function useMonth(dates: readonly CalendarDate[]): Month {
  const [first, last] = [dates[0] as CalendarDate, dates.at(-1) as CalendarDate]
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const ofSide = useOfSide()
  const loadOn = useLoads()
  const doneOn = useDone(first, last)
  const shown = useEvents(first, last)
  const zone = clock.zone()
  const { timed, bars } = useMemo(() => laidOverDays(shown, dates, zone), [shown, dates, zone])
  const days = useMemo(() => {
    const waiting = ofSide([...lists.waitingOf(document), ...lists.toSignOffOf(document)])
    const chased = new Map<CalendarDate, Action[]>()
    for (const action of waiting) {
      const chaseOn = action.waiting?.chaseOn
      if (!chaseOn) continue
      const on = chaseOn < today ? today : chaseOn
      const others = chased.get(on)
      if (others) others.push(action)
      else chased.set(on, [action])
    }
    return dates.map((date, at) => {
      const due = ofSide(actionsDueOn(document, date))
      const isDue = new Set(due.map(({ id }) => id))
      const actions = inOrderOfWork(ofSide(plannedOn(document, date, today)))
      return {
        date,
        actions,
        toChase: chased.get(date) ?? nothing,
        due,
        projectsDue: ofSide(projectsDueOn(document, date)),
        planned: actions.filter(({ id }) => !isDue.has(id)),
        events: timed[at] ?? [],
        away: recordIn(document, select.planIdOf(date))?.away ?? null,
        load: loadOn(date),
        ...doneOn(date),
      }
    })
  }, [dates, document, today, ofSide, timed, loadOn, doneOn])
  return { days, bars }
}
