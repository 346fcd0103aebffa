// The week side by side on a wide page.
import { View } from '@tamagui/core'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { Action } from '@/core/record'
import { Sheet, Words } from '@/ui'
import { DayEvents } from '@/parts/events/DayEvents'
import { placeMark } from '@/parts/carrying/place'
import { weekdayShort } from '@/words'
import { useToday } from '@/held/zen'
import { noDay } from './CarryAcrossDays'
import { Cards } from './DayCards'
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
            held for this week
          </Words>
          <Cards actions={noDayYet} />
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
            {done.length > 0 ? <Cards actions={done} label={`Done on ${weekdayShort(date)}`} /> : null}
          </Sheet>
        )
      })}
    </View>
  )
}
