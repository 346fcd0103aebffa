// The calendar, back and ahead: what came of the meetings, and what is to be prepared.
import { eventsOnDay } from '@/core/calendar/eventsOnDay'
import { addDays, type CalendarDate } from '@/core/time'
import type { Action } from '@/core/record'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { fixedIn } from '@/state/read/roundLists'
import { useHeldDocument, useZen } from '@/held/zen'
import { DayEvents } from '@/parts/events/DayEvents'
import { ActionRow } from '@/parts/rows/ActionRow'
import { RowList } from '@/parts/rows/RowList'
import { BandHeading, Column } from '@/ui'
import { count, longDate } from '@/words'
import { daysAhead, daysBehind, useMeetings, useSeen } from '../useRound'
import { StoneHead } from './StoneHead'

export function MeetingsStone() {
  const { today } = useSeen()
  const { behind } = useMeetings()
  return (
    <Column gap="$2.5">
      <StoneHead
        title={
          behind.length === 0
            ? 'No meetings in the last seven days'
            : `${count(behind.length, 'meeting')} in the last seven days`
        }
        says={behind.length === 0 ? undefined : 'What came of each? Open one to follow up or write a note.'}
      />
      <Days from={addDays(today, -daysBehind)} days={daysBehind} events={behind} actions={[]} />
    </Column>
  )
}

export function AheadStone() {
  const seen = useSeen()
  const { today } = seen
  const document = useHeldDocument()
  const { ahead } = useMeetings()
  const fixed = fixedIn(document, seen, daysAhead)
  const all = ahead.length + fixed.length
  return (
    <Column gap="$2.5">
      <StoneHead
        title={all === 0 ? 'Nothing is fixed in the next two weeks' : 'The next two weeks'}
        says={all === 0 ? undefined : 'Does anything need preparing? Open it and add an action.'}
      />
      <Days from={today} days={daysAhead} events={ahead} actions={fixed} />
    </Column>
  )
}

interface DaysProps {
  readonly from: CalendarDate
  readonly days: number
  readonly events: readonly ShownEvent[]
  readonly actions: readonly Action[]
}

/** Only days that have something. */
function Days({ from, days, events, actions }: DaysProps) {
  const { clock } = useZen()
  const zone = clock.zone()
  const dates = Array.from({ length: days }, (_, at) => addDays(from, at))
  return dates.map((date) => {
    const own = actions.filter(({ at }) => at?.date === date)
    const held = eventsOnDay(events, date, zone)
    if (own.length + held.length === 0) return null
    return (
      <Column key={date} render="section" aria-label={longDate(date)}>
        <BandHeading title={longDate(date)} />
        {held.length > 0 ? (
          <DayEvents events={held} date={date} label={`Events on ${longDate(date)}`} />
        ) : null}
        {own.length > 0 ? (
          <RowList
            items={own}
            label={`Fixed on ${longDate(date)}`}
            render={(action) => <ActionRow action={action} showProject />}
          />
        ) : null}
      </Column>
    )
  })
}
