// The week side by side on a wide page.
import { View } from '@tamagui/core'
import { isOpen } from '@/core/action'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { Action } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { select } from '@/state'
import { Column, IconButton, Press, Row, Seal, Sheet, Words } from '@/ui'
import { DayEvents } from '@/parts/events/DayEvents'
import { placeMark } from '@/parts/carrying/place'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { useActionRow } from '@/parts/rows/ActionRow'
import { desk } from '@/held/desk'
import { duration, weekdayShort } from '@/words'
import { useHeldDocument, useToday } from '@/held/zen'
import { noDay } from './CarryAcrossWeek'
import { DayLoad } from './DayLoad'
import type { DayOfWeek } from './dayOfWeek'

const atMost = 40

export function DayColumns({
  days,
  events,
  noDayYet,
}: {
  days: readonly DayOfWeek[]
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

function Cards({ actions, label }: { actions: readonly Action[]; label?: string }) {
  const box = useBandBox(() => actions)
  return (
    <InBand.Provider value={box}>
      <View render="ul" aria-label={label} flexDirection="column">
        {actions.slice(0, atMost).map((action) => (
          <Card key={action.id} action={action} />
        ))}
      </View>
      {actions.length > atMost ? (
        <Words size="small" tone="inkSoft">
          and {actions.length - atMost} more
        </Words>
      ) : null}
    </InBand.Provider>
  )
}

function dueWords({ due }: Action, today: CalendarDate): string | null {
  if (!due) return null
  if (due.date < today) return 'overdue'
  return due.time ? `due ${due.time}` : 'due'
}

function Card({ action }: { action: Action }) {
  const document = useHeldDocument()
  const today = useToday()
  const { choosing, onKeyDown } = useActionRow(action)
  const seal = select.sealOf(document, action)
  const details = [
    action.at?.time,
    action.minutes ? duration(action.minutes) : null,
    action.energy === 'deep' ? 'deep' : null,
    dueWords(action, today),
  ]
    .filter(Boolean)
    .join(' · ')
  return (
    <View
      render="li"
      className="week-card"
      data-of={action.id}
      position="relative"
      borderTopWidth={1}
      borderColor="$rule"
      backgroundColor={choosing.isTogether ? '$brassWash' : undefined}
      paddingTop="$1"
      onKeyDown={onKeyDown}
    >
      <Press
        alignItems="flex-start"
        gap="$2"
        paddingTop="$1"
        minHeight={28}
        width="100%"
        onPress={(event) => choosing.press(event as unknown as MouseEvent)}
        aria-pressed={choosing.isTogether || undefined}
        data-row
      >
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} size={20} />
        <Column flex={1} minWidth={0}>
          <Words
            size="second"
            weight={action.weight}
            tone={isOpen(action) ? undefined : 'inkSoft'}
            textDecorationLine={isOpen(action) ? 'none' : 'line-through'}
          >
            {action.title}
          </Words>
        </Column>
      </Press>
      <Words size="small" tone="inkSoft" paddingLeft="$7" paddingBottom="$2" render="p">
        {details || (isOpen(action) ? 'no minutes yet' : 'done')}
      </Words>
      <Row
        className="on-hover"
        position="absolute"
        right={0}
        bottom={3}
        backgroundColor="$slip"
        borderRadius={3}
      >
        <IconButton
          label={`Move ${action.title}`}
          icon="week"
          minHeight={32}
          height={32}
          width={32}
          minWidth={32}
          onPress={() => desk.getState().openSheet({ kind: 'move', id: action.id })}
        />
      </Row>
    </View>
  )
}
