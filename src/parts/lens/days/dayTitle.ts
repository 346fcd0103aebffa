import type { CalendarDate } from '@/core/time'
import { nearDate, shortDate } from '@/words'

/** The heading of a day in a list of days; null is without one, *past* what stands on days that have gone. */
export function dayTitle(date: CalendarDate | 'past' | null, isDone: boolean, today: CalendarDate): string {
  if (date === null) return 'No day'
  if (date === 'past') return 'Carried over'
  const [near, short] = [nearDate(date, today), shortDate(date, today)]
  const said = near === short ? short : `${near}, ${short}`
  return isDone ? `Done ${said}` : said
}
