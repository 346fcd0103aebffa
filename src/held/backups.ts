// When a backup was last saved on this device, and whether it is time to ask for one. It belongs to the device:
// another one has its own.
import { useEffect } from 'react'
import { daysBetween, isCalendarDate, type CalendarDate } from '@/core/time'
import { select } from '@/state'
import { useKept } from './useKept'
import { useHeld, useToday } from './zen'

export const backupKey = 'backup-saved'
const askedKey = 'backup-asked'
const sinceKey = 'backup-since'
/** Asked for after so many days. */
const askedAfter = 30
/** So little is not worth a question. */
const fewRecords = 20

const dateIn = (kept: string | null): CalendarDate | null =>
  kept !== null && isCalendarDate(kept) ? kept : null

export const useLastBackup = (): CalendarDate | null => dateIn(useKept(backupKey)[0])

/** Whether to ask now, and what answers it for another month. */
export function useBackupAsk(): {
  readonly isDue: boolean
  readonly last: CalendarDate | null
  readonly later: () => void
} {
  const today = useToday()
  const last = useLastBackup()
  const [asked, setAsked] = useKept(askedKey)
  const [since, setSince] = useKept(sinceKey)
  const isWanted = useHeld(
    ({ document, phase }) => phase === 'ready' && select.settingsOf(document).asksForBackup,
  )
  const isMuch = useHeld(({ document, phase }) => phase === 'ready' && select.countOf(document) >= fewRecords)
  // Counted from the first day on this device, where there was no backup and no question yet.
  const begun = dateIn(since)
  const isToBegin = begun === null && isWanted && isMuch
  useEffect(() => {
    if (isToBegin) setSince(today)
  })
  const from = [last, dateIn(asked), begun]
    .filter((date) => date !== null)
    .sort()
    .at(-1)
  return {
    isDue: isWanted && isMuch && from !== undefined && daysBetween(from, today) >= askedAfter,
    last,
    later: () => setAsked(today),
  }
}
