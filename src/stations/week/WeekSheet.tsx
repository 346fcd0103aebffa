// The Week sheet: seven days with what stands on them, laid against each day's available time.
import { thursdayOf } from '@/core/review/aimedWeek'
import { useMedia } from '@tamagui/core'
import { useMemo, useState } from 'react'
import { weekSheetOf, type WeekSheet as WeekSheetOf } from '@/core/week'
import { addDays, weekStartOf, type CalendarDate } from '@/core/time'
import { lists, select } from '@/state'
import { Button, Column, IconButton, Row, Words } from '@/ui'
import { StationHead } from '@/frame/StationHead'
import { duration, spanWords, weekdayShort } from '@/words'
import { weekName } from '@/words/dates'
import { weekNames } from '@/words/month'
import { useEvents } from '@/held/calendars/useEvents'
import { useOfSide } from '@/held/side'
import { useLoads } from '@/held/useLoads'
import { useHeld, useHeldDocument, useToday } from '@/held/zen'
import { FromTemplate } from '@/parts/template/lazyTemplate'
import { FitSentence } from '@/parts/fit/lazyFit'
import { CarryAcrossDays } from './CarryAcrossDays'
import { OfferTimesButton } from './OfferTimesButton'
import { DayColumns } from './DayColumns'
import { before, HowItWent } from './HowItWent'
import type { ShownDay } from './shownDay'
import { DayStack } from './DayStack'
import { useDone } from './useDone'
import { WeekAims } from './WeekAims'

export function WeekSheet({ onSeeFit }: { onSeeFit: () => void }) {
  const today = useToday()
  const { wide } = useMedia()
  const document = useHeldDocument()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const [weeksAway, setWeeksAway] = useState(0)
  const first = addDays(weekStartOf(today, weekStartsOn), weeksAway * 7)
  const ofSide = useOfSide()
  const sheet = useMemo(
    () => weekSheetOf(ofSide(lists.actionsOfWeek(document, first, today)), first, today, weekStartsOn),
    [document, ofSide, first, today, weekStartsOn],
  )
  const days = useWeekDays(sheet, first)
  const events = useEvents(first, addDays(first, 6))
  const thursday = thursdayOf(first)
  const span = spanWords(first, addDays(first, 6))
  const dates = sheet.days.map(({ date }) => date)
  const turn = (
    <Row flexShrink={0}>
      <HowItWent
        names={weekNames(weekName(thursday))}
        dates={dates}
        rows={dates.map((date) => ({ label: weekdayShort(date), dates: [date] }))}
        before={before(dates)}
      />
      <IconButton label="The week before" icon="previous" onPress={() => setWeeksAway(weeksAway - 1)} />
      {weeksAway === 0 ? null : <Button kind="quiet" label="This week" onPress={() => setWeeksAway(0)} />}
      <IconButton label="The week after" icon="next" onPress={() => setWeeksAway(weeksAway + 1)} />
    </Row>
  )
  return (
    <Column>
      <StationHead
        label={wide ? undefined : weekName(thursday)}
        title={wide ? `${weekName(thursday)} · ${span}` : span}
        {...(wide ? { tools: turn } : {})}
      >
        <WeekAims first={first} name={weekName(thursday)} />
      </StationHead>
      <Row justifyContent="space-between" gap="$2" alignItems={wide ? 'center' : 'flex-start'}>
        <WeekWords days={days} today={today} />
        {wide ? <FitSentence onSee={onSeeFit} /> : turn}
      </Row>
      <Column minHeight={wide ? 12 : 44}>{wide ? null : <FitSentence onSee={onSeeFit} />}</Column>
      <CarryAcrossDays first={first}>
        {wide ? (
          <DayColumns days={days} events={events} noDayYet={sheet.noDayYet} />
        ) : (
          <DayStack days={days} events={events} noDayYet={sheet.noDayYet} />
        )}
      </CarryAcrossDays>
      <Row paddingTop="$3" flexWrap="wrap">
        <OfferTimesButton />
        <FromTemplate label="Fill the week from a template" day={first} />
      </Row>
    </Column>
  )
}

/** What of the week is to be seen: its days with their loads, and what was done on those that have come. */
function useWeekDays(sheet: WeekSheetOf, first: CalendarDate): readonly ShownDay[] {
  const loadOn = useLoads()
  const doneOn = useDone(first, addDays(first, 6))
  return useMemo(
    () => sheet.days.map((day) => ({ ...day, load: loadOn(day.date), ...doneOn(day.date) })),
    [sheet, loadOn, doneOn],
  )
}

function WeekWords({ days, today }: { days: readonly ShownDay[]; today: string }) {
  const ahead = days.filter(({ date }) => date >= today)
  const planned = ahead.reduce((sum, { load }) => sum + load.plannedMinutes, 0)
  const available = ahead.reduce((sum, { load }) => sum + load.availableMinutes, 0)
  const over = ahead.filter(({ load }) => load.overMinutes > 0)
  if (ahead.length === 0)
    return (
      <Words tone="inkSoft" flex={1}>
        This week is over.
      </Words>
    )
  return (
    <Words tone="inkSoft" flex={1}>
      {planned === 0 ? 'Nothing' : duration(planned)} planned, {duration(available)}{' '}
      {ahead.length < 7 ? 'left this week' : 'available'}
      {over.length === 0 ? '.' : '. '}
      {over.length === 0 ? null : (
        <Words tone="clay" strong>
          {over.length === 1 ? 'One day does' : `${over.length} days do`} not fit.
        </Words>
      )}
    </Words>
  )
}
