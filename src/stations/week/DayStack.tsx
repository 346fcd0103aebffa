// The week from top to bottom on a phone. Days that have passed say what was done, and show it when asked.
import { useState } from 'react'
import { View } from '@tamagui/core'
import type { Action } from '@/core/record'
import { BandHeading, Button, Column, Row, Words } from '@/ui'
import { ActionRow } from '@/parts/rows/ActionRow'
import { Band } from '@/parts/rows/Band'
import { RowList } from '@/parts/rows/RowList'
import { weekdayShort } from '@/words'
import { useToday } from '@/held/zen'
import { DayLoad } from './DayLoad'
import type { DayOfWeek } from './dayOfWeek'

export function DayStack({ days, noDayYet }: { days: readonly DayOfWeek[]; noDayYet: readonly Action[] }) {
  const today = useToday()
  return (
    <Column>
      {noDayYet.length > 0 ? <Band title="No day yet" actions={noDayYet} quick="move" /> : null}
      {days
        .filter(({ date, actions, done }) => date >= today || actions.length > 0 || done.length > 0)
        .map((day) => (
          <OneDay key={day.date} day={day} today={today} />
        ))}
    </Column>
  )
}

function OneDay({ day, today }: { day: DayOfWeek; today: string }) {
  const { date, actions, done } = day
  const isPast = date < today
  const [isDoneShown, setDoneShown] = useState(false)
  return (
    <View render="section" aria-label={weekdayShort(date)} paddingTop="$3.5">
      <BandHeading
        title={date === today ? `${weekdayShort(date)}, today` : weekdayShort(date)}
        tone={date === today ? 'brass' : 'inkSoft'}
      />
      <DayLoad day={day} isPast={isPast} />
      <Column height={8} />
      {actions.length > 0 ? (
        <RowList
          items={actions}
          label={weekdayShort(date)}
          render={(action) => <ActionRow action={action} quick="move" />}
        />
      ) : null}
      {done.length > 0 ? (
        <Row>
          <Button
            kind="quiet"
            marginLeft="$-2"
            aria-expanded={isDoneShown}
            label={isDoneShown ? 'Hide what was done' : 'Show what was done'}
            onPress={() => setDoneShown(!isDoneShown)}
          />
        </Row>
      ) : null}
      {isDoneShown ? (
        <RowList
          items={done}
          label={`Done on ${weekdayShort(date)}`}
          render={(action) => <ActionRow action={action} />}
        />
      ) : null}
      {actions.length === 0 && !isPast ? (
        <Words size="second" tone="inkSoft">
          Nothing planned.
        </Words>
      ) : null}
    </View>
  )
}
