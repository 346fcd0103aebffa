// Events of one day, as lines between the actions: slate, for they come from outside. Loaded where there are any.
import { eventsOnDay } from '@/core/calendar/eventsOnDay'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { CalendarDate } from '@/core/time'
import { desk } from '@/held/desk'
import { useZen } from '@/held/zen'
import { Column, Unseen, Words } from '@/ui'
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

/** A week holds dozens: plain elements. */
function OneEvent({ event, times, isSmall }: { event: ShownEvent; times: string; isSmall: boolean }) {
  const shape = ['event-line', isSmall ? 'small' : '', event.isBusy ? '' : 'free']
  return (
    <button
      type="button"
      className={[...shape, event.isTentative ? 'tentative' : ''].filter(Boolean).join(' ')}
      aria-haspopup="dialog"
      onClick={() => desk.getState().openSheet({ kind: 'event', event })}
    >
      <span className="event-times" aria-hidden>
        {times}
      </span>
      <span className="event-title">
        {eventTitle(event)}
        <Unseen>{times}</Unseen>
        {event.place ? (
          <span className={isSmall ? 'visually-hidden' : 'event-place'}>{` · ${event.place}`}</span>
        ) : null}
        {event.isBusy ? null : <Unseen>takes no time</Unseen>}
      </span>
    </button>
  )
}
