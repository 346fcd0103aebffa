// The Week sheet: seven days with what stands on them, laid against each day's free time.
import { aimsOf } from '@/core/review'
import { useMedia } from '@tamagui/core'
import { useMemo, useState } from 'react'
import { weekSheetOf } from '@/core/week'
import { addDays, isoWeekOf, weekStartOf } from '@/core/time'
import { lists, select } from '@/state'
import { Button, Column, IconButton, Row, Words } from '@/ui'
import { StationHead, Tools } from '@/frame/StationHead'
import { dayMonth, duration } from '@/words'
import { useOfSide } from '@/held/side'
import { useHeld, useHeldDocument, useToday } from '@/held/zen'
import { DayColumns } from './DayColumns'
import { DayStack } from './DayStack'

export function WeekStation() {
  const today = useToday()
  const { wide } = useMedia()
  const ready = useHeld((state) => state.phase === 'ready')
  const document = useHeldDocument()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const [weeksAway, setWeeksAway] = useState(0)
  const first = addDays(weekStartOf(today, weekStartsOn), weeksAway * 7)
  const ofSide = useOfSide()
  const sheet = useMemo(
    () =>
      weekSheetOf(
        ofSide(lists.actionsOfWeek(document, first, today)),
        first,
        today,
        (day) => select.freeMinutesOn(document, day),
        weekStartsOn,
      ),
    [document, ofSide, first, today, weekStartsOn],
  )
  // A week is numbered by its Thursday (ISO 8601), on whatever day it begins.
  const weekNumber = isoWeekOf(addDays(first, (3 - weekStartsOn + 7) % 7))
  const span = `${Number(first.slice(8))}${first.slice(5, 7) === addDays(first, 6).slice(5, 7) ? '' : ` ${dayMonth(first).split(' ')[1]}`}–${dayMonth(addDays(first, 6))}`
  const turn = (
    <Row flexShrink={0}>
      <IconButton label="The week before" icon="previous" onPress={() => setWeeksAway(weeksAway - 1)} />
      {weeksAway === 0 ? null : <Button kind="quiet" label="This week" onPress={() => setWeeksAway(0)} />}
      <IconButton label="The week after" icon="next" onPress={() => setWeeksAway(weeksAway + 1)} />
    </Row>
  )
  if (!ready) return null
  return (
    <Column>
      <StationHead
        label={wide ? undefined : `Week ${weekNumber}`}
        title={wide ? `Week ${weekNumber} · ${span}` : span}
        tools={wide ? turn : <Tools />}
      >
        <Aims />
      </StationHead>
      <Row justifyContent="space-between" gap="$2" paddingBottom="$3">
        <WeekWords days={sheet.days} today={today} />
        {wide ? null : turn}
      </Row>
      {wide ? <DayColumns sheet={sheet} /> : <DayStack sheet={sheet} />}
    </Column>
  )
}

/** What the latest review aimed at. */
function Aims() {
  const last = useHeld((state) =>
    select.reviewsOf(state.document).find(({ finishedAtEpochMs }) => finishedAtEpochMs !== null),
  )
  const aims = last ? aimsOf(last) : []
  return aims.length > 0 ? <Words tone="inkSoft">Aims: {aims.join(' and ')}</Words> : null
}

function WeekWords({ days, today }: { days: ReturnType<typeof weekSheetOf>['days']; today: string }) {
  const ahead = days.filter(({ date }) => date >= today)
  const planned = ahead.reduce((sum, { load }) => sum + load.plannedMinutes, 0)
  const free = ahead.reduce((sum, { load }) => sum + load.freeMinutes, 0)
  const over = ahead.filter(({ load }) => load.overMinutes > 0)
  if (ahead.length === 0)
    return (
      <Words tone="inkSoft" flex={1}>
        This week is over.
      </Words>
    )
  return (
    <Words tone="inkSoft" flex={1}>
      {duration(planned)} planned into {duration(free)} of free time{' '}
      {ahead.length < 7 ? 'from today on' : 'in the week'}
      {over.length === 0 ? '.' : '. '}
      {over.length === 0 ? null : (
        <Words tone="clay" strong>
          {over.length === 1 ? 'One day does' : `${over.length} days do`} not fit.
        </Words>
      )}
    </Words>
  )
}
