// Moving an action to a day: the coming week as buttons, any other day in a field.
import { meantFor } from '@/core/action'
import { View } from '@tamagui/core'

import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { addDays, isCalendarDate, type CalendarDate } from '@/core/time'
import { Button, Column, DayField, Row, SlideOver, Words } from '@/ui'
import { nearDate } from '@/words'
import { useAct, useHeld, useToday } from '@/held/zen'

export function MoveSheet({ id, onClose }: { id: Id<'action'>; onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const action = useHeld((state) => recordIn(state.document, id))
  if (!action) return null
  const move = (day: CalendarDate | null) => {
    act(
      'moveTo',
      { id, day },
      {
        say: day ? `Moved to ${nearDate(day, today)}: ${action.title}` : `Taken off its day: ${action.title}`,
      },
    )
    onClose()
  }
  const broken =
    action.due && action.due.date >= today
      ? `Due ${nearDate(action.due.date, today)}: a later day moves the promise too.`
      : null
  return (
    <SlideOver title={`Move “${action.title}”`} onClose={onClose}>
      {broken ? (
        <Words size="second" tone="inkSoft">
          {broken}
        </Words>
      ) : null}
      <View flexDirection="row" flexWrap="wrap" gap={8}>
        {Array.from({ length: 8 }, (_, ahead) => addDays(today, ahead)).map((day) => (
          <Button
            key={day}
            label={nearDate(day, today)}
            onPress={() => move(day)}
            kind={meantFor(action) === day ? 'main' : 'plain'}
          />
        ))}
      </View>
      <Column gap={6}>
        <Words size="second" tone="inkSoft">
          Any other day
        </Words>
        <Row gap={10} flexWrap="wrap">
          <DayField
            label="Any other day"
            value=""
            onChange={(value) => {
              if (isCalendarDate(value) && value >= today) move(value)
            }}
          />
          {action.day || action.at ? <Button kind="quiet" label="No day" onPress={() => move(null)} /> : null}
        </Row>
      </Column>
    </SlideOver>
  )
}
