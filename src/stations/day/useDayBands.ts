import type { Reach } from '@/core/day'
import type { Document } from '@/core/journal'
import { lists } from '@/state'
import { useHeldDocument, useToday } from '@/held/zen'
import { useReach } from './useReach'

/** Today's bands with what is at hand, and the document to ask them about. */
export function useDayBands(): { bands: lists.HeldDayBands; document: Document; reach: Reach } {
  const document = useHeldDocument()
  const today = useToday()
  const { reach } = useReach()
  return { bands: lists.dayBandsWith(today, reach), document, reach }
}
