import type { CalendarPart } from '@/state/read/calendarEntries'
import { useZen } from '../zen'

/** Saves dates as a calendar file; what does it loads then. */
export function useSaveCalendar(): (part: CalendarPart, name: string) => Promise<void> {
  const zen = useZen()
  return async (part, name) => (await import('./saveCalendar')).saveCalendar(zen, part, name)
}
