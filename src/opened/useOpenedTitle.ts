import { recordIn } from '@/core/journal'
import { isCalendarDate } from '@/core/time'
import { longDate, nameOfRecord } from '@/words'
import { useHeldDocument } from '@/held/zen'
import type { OpenableId } from '@/held/useOpened'

/** What names the opened region for the ear. A day note has no name but its day. */
export function useOpenedTitle(id: OpenableId): string {
  const document = useHeldDocument()
  const day = id.replace(/^note:day-/, '')
  if (day !== id && isCalendarDate(day)) return longDate(day)
  return recordIn(document, id) ? nameOfRecord(document, id) || 'No name' : 'No longer here'
}
