// The event an action prepares or follows up: when it is now, and where it is gone, that it is.
import { recordIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { localMomentAt } from '@/core/time'
import { useWholeEvent } from '@/held/calendars/useWholeEvent'
import { desk } from '@/held/desk'
import { useHeld, useToday, useZen } from '@/held/zen'
import { Press, Words } from '@/ui'
import { nearDate } from '@/words'
import { eventTimes, eventTitle } from '@/words/events'

export function EventOfAction({ event: tie }: { event: NonNullable<Action['event']> }) {
  const { clock } = useZen()
  const today = useToday()
  const calendar = useHeld(({ document }) => recordIn(document, tie.calendarId))
  const found = useWholeEvent(tie.calendarId, tie.key, tie.fromEpochMs)
  const zone = clock.zone()
  const date = found ? localMomentAt(found.fromEpochMs, zone).date : tie.on
  const when = found ? `${nearDate(date, today)}, ${eventTimes(found, date, zone)}` : nearDate(date, today)
  const title = found ? eventTitle(found) : tie.title
  const words = `For “${title}”, ${when}`
  if (calendar && found)
    return (
      <Press
        aria-haspopup="dialog"
        minHeight={44}
        justifyContent="flex-start"
        onPress={() => desk.getState().openSheet({ kind: 'event', event: found })}
      >
        <Words size="second" tone="slate">
          {words}
        </Words>
      </Press>
    )
  // Until its calendar has been read there is nothing to open.
  return (
    <Words size="second" tone="inkSoft" role="note">
      {[
        `${words}.`,
        calendar ? '' : 'Its calendar was removed.',
        calendar && found === null ? 'It is gone from its calendar.' : '',
      ]
        .filter(Boolean)
        .join(' ')}
    </Words>
  )
}
