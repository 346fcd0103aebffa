// The week from top to bottom on a phone. Days that have passed say what was done, and show it when asked.
import { useState } from 'react'
import { View } from '@tamagui/core'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { Action } from '@/core/record'
import { weekdayOf, type CalendarDate } from '@/core/time'
import { BandHeading, Column, IconButton } from '@/ui'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { placeMark } from '@/parts/carrying/place'
import { DayEvents } from '@/parts/events/DayEvents'
import { ActionRow } from '@/parts/rows/ActionRow'
import { Band } from '@/parts/rows/Band'
import { RowList } from '@/parts/rows/RowList'
import { weekdayShort } from '@/words'
import { weekdayNames } from '@/words/contexts'
import { doneWords } from '@/words/month'
import { useToday } from '@/held/zen'
import { noDay } from './CarryAcrossDays'
import { DayLoad } from './DayLoad'
import { Fullness } from './Fullness'
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
  const [isEarlierShown, showEarlier] = useState(false)
  const hasSome = ({ actions, done, toChase }: ShownDay) => actions.length + done.length + toChase.length > 0
  const earlier = days.filter((day) => day.date < today && hasSome(day))
  const goTo = (date: CalendarDate) => {
    if (date < today) showEarlier(true)
    // Once those that were folded away are there.
    requestAnimationFrame(() =>
      document.getElementById(`week-${date}`)?.scrollIntoView({ block: 'start', behavior: 'auto' }),
    )
  }
  return (
    <Column>
      <nav className="week-days" aria-label="Days of the week">
        {days.map((day) => (
          <button
            key={day.date}
            type="button"
            className={day.date === today ? 'week-day today' : 'week-day'}
            aria-current={day.date === today ? 'date' : undefined}
            aria-label={`Go to ${weekdayShort(day.date)}`}
            disabled={day.date < today && !hasSome(day)}
            onClick={() => goTo(day.date)}
          >
            <span>{weekdayNames[weekdayOf(day.date)]}</span>{' '}
            <span className="week-day-number">{Number(day.date.slice(8))}</span>
            {day.date < today ? <span className="fullness none" /> : <Fullness load={day.load} />}
          </button>
        ))}
      </nav>
      {noDayYet.length > 0 ? (
        <DropPlace place={{ kind: 'in', in: noDay }}>
          <Band title="No day yet" actions={noDayYet} quick="move" />
        </DropPlace>
      ) : null}
      {earlier.length > 0 && earlier.length < days.length ? (
        <BandHeading title="Earlier this week" end={doneWords(daysDone(earlier))}>
          <IconButton
            label={isEarlierShown ? 'Hide the earlier days' : 'Show the earlier days'}
            icon={isEarlierShown ? 'up' : 'down'}
            aria-expanded={isEarlierShown}
            onPress={() => showEarlier(!isEarlierShown)}
          />
        </BandHeading>
      ) : null}
      {days
        .filter(
          (day) => day.date >= today || (hasSome(day) && (isEarlierShown || earlier.length === days.length)),
        )
        .map((day) => (
          <OneDay key={day.date} day={day} events={events} today={today} />
        ))}
    </Column>
  )
}

const daysDone = (days: readonly ShownDay[]) => ({
  done: days.flatMap(({ done }) => done),
  doneMinutes: days.reduce((sum, { doneMinutes }) => sum + doneMinutes, 0),
})

function OneDay({ day, events, today }: { day: ShownDay; events: readonly ShownEvent[]; today: string }) {
  const { date, actions, done } = day
  const isPast = date < today
  const [isDoneShown, setDoneShown] = useState(false)
  const name = weekdayShort(date)
  return (
    <View
      render="section"
      id={`week-${date}`}
      className="week-section"
      aria-label={name}
      paddingTop="$3.5"
      data-place={placeMark({ kind: 'day', date })}
    >
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
      {actions.length + day.toChase.length > 0 || isDoneShown ? <Column height={8} /> : null}
      {actions.length > 0 ? (
        <RowList
          items={actions}
          label={name}
          render={(action) => <ActionRow action={action} quick="move" />}
        />
      ) : null}
      {day.toChase.length > 0 ? (
        <RowList
          items={day.toChase}
          label={`To chase on ${name}`}
          render={(action) => <ActionRow action={action} quick="chase" />}
        />
      ) : null}
      {isDoneShown ? (
        <RowList items={done} label={`Done on ${name}`} render={(action) => <ActionRow action={action} />} />
      ) : null}
    </View>
  )
}
