// The week side by side on a wide page.
import { View } from '@tamagui/core'
import { useMemo } from 'react'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { minutesOf } from '@/core/day'
import type { Action } from '@/core/record'
import { select } from '@/state'
import { BandHeading, Sheet, Words } from '@/ui'
import { DayEvents } from '@/parts/events/DayEvents'
import { placeMark } from '@/parts/carrying/place'
import { duration, weekdayShort } from '@/words'
import { useHeldDocument, useToday } from '@/held/zen'
import { noDay } from './CarryAcrossDays'
import { Cards, Chases } from './DayCards'
import { DayLoad } from './DayLoad'
import type { ShownDay } from './shownDay'

export function DayColumns({
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
    <View flexDirection="row" gap="$2" alignItems="stretch" style={{ minHeight: 'calc(100dvh - 250px)' }}>
      {noDayYet.length > 0 ? (
        <Sheet
          render="section"
          aria-label="No day yet"
          data-place={placeMark({ kind: 'in', in: noDay })}
          width={208}
          flexShrink={0}
          padding="$3"
          gap="$1.5"
        >
          <Words render="h2" size="title">
            No day yet
          </Words>
          <Words size="small" tone="inkSoft">
            held for this week{minutesOf(noDayYet) > 0 ? `, ${duration(minutesOf(noDayYet))}` : ''}
          </Words>
          <NoDayYet actions={noDayYet} />
        </Sheet>
      ) : null}
      {days.map((day) => {
        const { date, actions, done } = day
        const here = date === today
        return (
          <Sheet
            key={date}
            render="section"
            aria-label={weekdayShort(date)}
            data-place={placeMark({ kind: 'day', date })}
            flex={1}
            flexBasis={0}
            padding="$2.5"
            gap="$1.5"
            backgroundColor={here ? '$slip' : '$paper'}
            borderTopWidth={here ? 3 : 1}
            borderTopColor={here ? '$brass' : '$rule'}
          >
            <Words render="h2" size="title" {...(here ? { 'aria-current': 'date' } : {})}>
              {weekdayShort(date)}
            </Words>
            <DayLoad day={day} isPast={date < today} />
            <DayEvents events={events} date={date} label={`Events of ${weekdayShort(date)}`} isSmall />
            <Cards actions={actions} />
            <Chases actions={day.toChase} label={`To chase on ${weekdayShort(date)}`} />
            {done.length > 0 ? <Cards actions={done} label={`Done on ${weekdayShort(date)}`} /> : null}
          </Sheet>
        )
      })}
    </View>
  )
}

/** Area by area, in the order of the shelves. */
function NoDayYet({ actions }: { actions: readonly Action[] }) {
  const document = useHeldDocument()
  const byArea = useMemo(() => {
    const found = new Map<string, Action[]>()
    for (const action of actions) {
      const id = select.areaOf(document, action)?.id ?? ''
      found.set(id, [...(found.get(id) ?? []), action])
    }
    const areas = select.areasOf(document).flatMap(({ id, name }) => (found.has(id) ? { id, name } : []))
    return [...areas, ...(found.has('') ? [{ id: '', name: 'No area' }] : [])].map(({ id, name }) => ({
      name,
      actions: found.get(id) ?? [],
    }))
  }, [actions, document])
  return byArea.map(({ name, actions: of }) => (
    <View key={name}>
      <BandHeading title={name} />
      <Cards actions={of} label={name} />
    </View>
  ))
}
