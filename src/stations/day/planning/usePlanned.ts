// What stands in today's plan, its load, and how much room other days have.
import type { DayBands, Load } from '@/core/day'
import type { Document } from '@/core/journal'
import type { Action } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { useLoads, type LoadOn } from '@/held/useLoads'
import { useToday } from '@/held/zen'
import { useDayBands } from '../useDayBands'

export interface PlannedDay {
  readonly document: Document
  readonly today: CalendarDate
  readonly bands: Omit<DayBands, 'inReach'>
  readonly planned: readonly Action[]
  readonly load: Load
  readonly loadOn: LoadOn
  readonly soon: readonly Action[]
  /** The available minutes a day has left. */
  readonly roomOn: (day: CalendarDate) => number
}

const fewSoon = 60

export function usePlanned(): PlannedDay {
  const day = useDayBands()
  const today = useToday()
  const { document } = day
  const bands = day.bands.planned(document)
  const planned = [...bands.carriedOver, ...bands.dueToday, ...bands.underway, ...bands.picked]
  const loadOn = useLoads()
  const roomOn = (date: CalendarDate): number => {
    const { plannedMinutes, availableMinutes } = loadOn(date)
    return availableMinutes - plannedMinutes
  }
  return {
    document,
    today,
    bands,
    planned,
    load: loadOn(today),
    loadOn,
    soon: day.bands.fewInReach(document, fewSoon),
    roomOn,
  }
}
