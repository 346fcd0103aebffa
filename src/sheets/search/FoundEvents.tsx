import { localMomentAt } from '@/core/time'
import { useFoundEvents } from '@/held/calendars/useFoundEvents'
import { desk } from '@/held/desk'
import { useToday, useZen } from '@/held/zen'
import { Column, Press, Words } from '@/ui'
import { nearDate } from '@/words'
import { eventTimes, eventTitle } from '@/words/events'

const atMost = 6

/** Events of calendars that hold the words, those to come first. */
export function FoundEvents({ words }: { words: string }) {
  const { clock } = useZen()
  const today = useToday()
  const events = useFoundEvents(words, atMost)
  const zone = clock.zone()
  if (events.length === 0) return null
  return (
    <Column render="ul" aria-label="Events found">
      {events.map((event) => {
        const { date } = localMomentAt(event.fromEpochMs, zone)
        return (
          <Column
            key={`${event.calendarId} ${event.id}`}
            render="li"
            borderBottomWidth={1}
            borderColor="$rule"
          >
            <Press
              gap="$3"
              paddingHorizontal="$2.5"
              minHeight={48}
              width="100%"
              aria-haspopup="dialog"
              onPress={() => desk.getState().openSheet({ kind: 'event', event })}
            >
              <Column width={4} height={28} borderRadius={2} backgroundColor="$slate" />
              <Column flex={1} minWidth={0}>
                <Words>{eventTitle(event)}</Words>
                <Words size="second" tone="inkSoft">
                  {[`event ${nearDate(date, today)}`, eventTimes(event, date, zone), event.place]
                    .filter(Boolean)
                    .join(', ')}
                </Words>
              </Column>
            </Press>
          </Column>
        )
      })}
    </Column>
  )
}
