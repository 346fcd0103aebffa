// The week from top to bottom on a phone. Days that have passed say what was done, and show it when asked.
import { useState } from 'react'
import { View } from '@tamagui/core'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { Action } from '@/core/record'
import { BandHeading, Column, IconButton } from '@/ui'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { placeMark } from '@/parts/carrying/place'
import { DayEvents } from '@/parts/events/DayEvents'
import { ActionRow } from '@/parts/rows/ActionRow'
import { Band } from '@/parts/rows/Band'
import { RowList } from '@/parts/rows/RowList'
import { weekdayShort } from '@/words'
import { doneWords } from '@/words/month'
import { useToday } from '@/held/zen'
import { noDay } from './CarryAcrossDays'
import { DayLoad } from './DayLoad'
import type { ShownDay } from './shownDay'

export function DayStack({
  days,
  events,
  noDayYet,
}: {
  days: readonly ShownDay[]
  events: readonly ShownEvent[]
  noDayYet: readonly Action[]
}) {
  const today = useToday()
  return (
    <Column>
      {noDayYet.length > 0 ? (
        <DropPlace place={{ kind: 'in', in: noDay }}>
          <Band title="No day yet" actions={noDayYet} quick="move" />
        </DropPlace>
      ) : null}
      {days
        .filter(({ date, actions, done }) => date >= today || actions.length > 0 || done.length > 0)
        .map((day) => (
          <OneDay key={day.date} day={day} events={events} today={today} />
        ))}
    </Column>
  )
}

function OneDay({ day, events, today }: { day: ShownDay; events: readonly ShownEvent[]; today: string }) {
  const { date, actions, done } = day
  const isPast = date < today
  const [isDoneShown, setDoneShown] = useState(false)
  const name = weekdayShort(date)
  return (
    <View render="section" aria-label={name} paddingTop="$3.5" data-place={placeMark({ kind: 'day', date })}>
      <BandHeading
        title={date === today ? `${name}, today` : name}
        tone={date === today ? 'brass' : 'inkSoft'}
        end={isPast ? doneWords(day) : undefined}
      >
        {done.length > 0 ? (
          <IconButton
            label={isDoneShown ? `Hide what was done on ${name}` : `Show what was done on ${name}`}
            icon={isDoneShown ? 'up' : 'down'}
            aria-expanded={isDoneShown}
            onPress={() => setDoneShown(!isDoneShown)}
          />
        ) : null}
      </BandHeading>
      {isPast ? null : <DayLoad day={day} isPast={false} />}
      {isPast ? null : <DayEvents events={events} date={date} label={`Events of ${name}`} />}
      {actions.length > 0 || isDoneShown ? <Column height={8} /> : null}
      {actions.length > 0 ? (
        <RowList
          items={actions}
          label={name}
          render={(action) => <ActionRow action={action} quick="move" />}
        />
      ) : null}
      {isDoneShown ? (
        <RowList items={done} label={`Done on ${name}`} render={(action) => <ActionRow action={action} />} />
      ) : null}
    </View>
  )
}
