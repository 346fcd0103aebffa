// What stands in today's plan, its load, and how much room other days have.
import { loadOf, type DayBands, type Load } from '@/core/day'
import type { Document } from '@/core/journal'
import type { Action } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { lists, select } from '@/state'
import { useToday } from '@/held/zen'
import { useDayBands } from '../useDayBands'

export interface PlannedDay {
  readonly document: Document
  readonly today: CalendarDate
  readonly bands: Omit<DayBands, 'inReach'>
  readonly planned: readonly Action[]
  readonly load: Load
  readonly soon: readonly Action[]
  /** The free minutes a day has left. */
  readonly roomOn: (day: CalendarDate) => number
}

const fewSoon = 60

export function usePlanned(): PlannedDay {
  const day = useDayBands()
  const today = useToday()
  const { document } = day
  const bands = day.bands.planned(document)
  const planned = [...bands.carriedOver, ...bands.dueToday, ...bands.underway, ...bands.picked]
  const roomOn = (date: CalendarDate): number => {
    const { plannedMinutes, freeMinutes } = loadOf(
      lists.actionsOfDay(document, date, today),
      select.freeMinutesOn(document, date),
    )
    return freeMinutes - plannedMinutes
  }
  return {
    document,
    today,
    bands,
    planned,
    load: loadOf(planned, select.freeMinutesOn(document, today)),
    soon: day.bands.fewInReach(document, fewSoon),
    roomOn,
  }
}
