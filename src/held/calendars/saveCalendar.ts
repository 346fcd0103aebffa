// The person's dates as a calendar file in their hands. Loaded when it is asked for.
import { calendarEntriesOf, type CalendarPart } from '@/state/read/calendarEntries'
import { count } from '@/words'
import { askWorker } from '../askWorker'
import { desk } from '../desk'
import { saveAs } from '../saveAs'
import type { ZenParts } from '../zen'

/** Saves a part of the store as a calendar called `name`, and says how much is in it. */
export async function saveCalendar(
  { store, clock }: Pick<ZenParts, 'store' | 'clock'>,
  part: CalendarPart,
  name: string,
): Promise<void> {
  const { document, today } = store.api.getState()
  const zone = clock.zone()
  const entries = calendarEntriesOf(document, part, today, zone)
  if (entries.length === 0)
    return desk
      .getState()
      .tell('There are no dates to save yet. Say when something is due, or at what time.', { problem: true })
  try {
    const text = await askWorker<string>(
      new Worker(new URL('../../workers/writeCalendar.worker', window.location.href)),
      { entries, written: { name, nowEpochMs: clock.nowEpochMs(), zone } },
    )
    const called =
      name
        .replace(/[^\p{L}\p{N}]+/gu, '-')
        .replace(/^-|-$/g, '')
        .slice(0, 60) || 'calendar'
    saveAs(`${called.toLowerCase()}-${today}.ics`, new Blob([text], { type: 'text/calendar' }))
    desk.getState().tell(`${count(entries.length, 'date')} saved as a calendar`)
  } catch {
    desk.getState().tell('The file could not be made. Try again.', { problem: true })
  }
}
