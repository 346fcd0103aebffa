// Events of one day, as lines between the actions: slate, for they come from outside. Loaded where there are any.
import { eventsOnDay } from '@/core/calendar/eventsOnDay'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { CalendarDate } from '@/core/time'
import { desk } from '@/held/desk'
import { useZen } from '@/held/zen'
import { Column, Press, Row, Unseen, Words } from '@/ui'
import { eventTimes, eventTitle } from '@/words/events'

interface EventRowsProps {
  readonly events: readonly ShownEvent[]
  readonly date: CalendarDate
  /** For the ear. */
  readonly label: string
  /** Narrow: the time above the title. */
  readonly isSmall?: boolean
}

/** So many are shown of a day; narrow, fewer. The rest is found by search. */
const mostShown = 40
const mostNarrow = 12

export function EventRows({ events, date, label, isSmall = false }: EventRowsProps) {
  const { clock } = useZen()
  const zone = clock.zone()
  const onDay = eventsOnDay(events, date, zone)
  const atMost = isSmall ? mostNarrow : mostShown
  if (onDay.length === 0) return null
  return (
    <Column render="ul" aria-label={label} gap="$1" paddingVertical="$1.5">
      {onDay.slice(0, atMost).map((event) => (
        <Column key={`${event.calendarId} ${event.id}`} render="li">
          <OneEvent event={event} times={eventTimes(event, date, zone)} isSmall={isSmall} />
        </Column>
      ))}
      {onDay.length > atMost ? (
        <Words render="li" size="small" tone="inkSoft">
          {`and ${(onDay.length - atMost).toLocaleString('en-GB')} more`}
        </Words>
      ) : null}
    </Column>
  )
}

function OneEvent({ event, times, isSmall }: { event: ShownEvent; times: string; isSmall: boolean }) {
  const title = eventTitle(event)
  const size = isSmall ? 'small' : 'second'
  return (
    <Press
      aria-haspopup="dialog"
      width="100%"
      minHeight={isSmall ? 28 : 44}
      paddingVertical={isSmall ? '$1' : '$1.5'}
      paddingHorizontal={isSmall ? '$1.5' : '$2.5'}
      alignItems={isSmall ? 'flex-start' : 'center'}
      borderLeftWidth={3}
      borderStyle={event.isTentative ? 'dashed' : 'solid'}
      borderColor="$slate"
      borderRadius={3}
      backgroundColor={event.isBusy ? '$slateWash' : 'transparent'}
      onPress={() => desk.getState().openSheet({ kind: 'event', event })}
    >
      <Row
        flex={1}
        gap={isSmall ? '$0' : '$2.5'}
        flexDirection={isSmall ? 'column' : 'row'}
        alignItems={isSmall ? 'flex-start' : 'center'}
        minWidth={0}
      >
        <Words size={size} tone="slate" minWidth={isSmall ? 0 : 96} flexShrink={0} aria-hidden>
          {times}
        </Words>
        <Words size={size} flex={isSmall ? undefined : 1} minWidth={0}>
          {title}
          <Unseen>{times}</Unseen>
          {event.place ? (
            <Words size={size} tone="inkSoft" className={isSmall ? 'visually-hidden' : undefined}>
              {` · ${event.place}`}
            </Words>
          ) : null}
          {event.isBusy ? null : <Unseen>takes no time</Unseen>}
        </Words>
      </Row>
    </Press>
  )
}
