// The Month: its weeks with what stands on their days, and one day opened beside them.
import { useMedia } from '@tamagui/core'
import { useMemo } from 'react'
import { monthStartOf, weeksOfMonth } from '@/core/week'
import { addMonths, lastDayOfMonth, type CalendarDate } from '@/core/time'
import { select } from '@/state'
import { Button, Column, IconButton, Row, Sheet } from '@/ui'
import { FromTemplate } from '@/parts/template/lazyTemplate'
import { StationHead } from '@/frame/StationHead'
import { spanWords } from '@/words'
import { monthWords } from '@/words/dates'
import { monthNames } from '@/words/month'
import { useHeld, useToday } from '@/held/zen'
import { CarryAcrossDays } from '../CarryAcrossDays'
import { HowItWent } from '../HowItWent'
import { OfferTimesButton } from '../OfferTimesButton'
import { MonthDayPane } from './MonthDayPane'
import { MonthGrid } from './MonthGrid'
import { useMonth } from './useMonth'

interface MonthSheetProps {
  /** The day that is opened; its month is shown. */
  readonly day: CalendarDate
  readonly onDay: (day: CalendarDate) => void
}

export function MonthSheet({ day, onDay }: MonthSheetProps) {
  const today = useToday()
  const { wide } = useMedia()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const month = monthStartOf(day)
  const weeks = useMemo(() => weeksOfMonth(month, weekStartsOn), [month, weekStartsOn])
  const dates = useMemo(() => weeks.flat(), [weeks])
  const { days, bars } = useMonth(dates)
  const turnTo = (first: CalendarDate) => onDay(first === monthStartOf(today) ? today : first)
  const opened = days[dates.indexOf(day)]
  const ofMonth = (of: readonly CalendarDate[]) => of.filter((date) => monthStartOf(date) === month)
  const last = addMonths(month, -1)
  const turn = (
    <Row flexShrink={0}>
      <HowItWent
        names={monthNames(monthWords(month))}
        dates={ofMonth(dates)}
        rows={weeks.map((week) => {
          const own = ofMonth(week)
          return { label: spanWords(own[0] as CalendarDate, own.at(-1) as CalendarDate), dates: own }
        })}
        before={{ from: last, to: lastDayOfMonth(last) }}
      />
      <IconButton label="The month before" icon="previous" onPress={() => turnTo(addMonths(month, -1))} />
      {month === monthStartOf(today) ? null : (
        <Button kind="quiet" label="This month" onPress={() => onDay(today)} />
      )}
      <IconButton label="The month after" icon="next" onPress={() => turnTo(addMonths(month, 1))} />
    </Row>
  )
  const pane = opened ? <MonthDayPane day={opened} bars={bars} at={dates.indexOf(day)} /> : null
  return (
    <Column>
      <StationHead
        label={wide ? undefined : 'Month'}
        title={monthWords(month)}
        {...(wide ? { tools: turn } : {})}
      />
      {wide ? null : <Row justifyContent="flex-end">{turn}</Row>}
      <CarryAcrossDays first={dates[0] as CalendarDate}>
        <Row alignItems="flex-start" gap="$3" flexDirection={wide ? 'row' : 'column'}>
          <MonthGrid
            weeks={weeks}
            days={days}
            bars={bars}
            month={month}
            opened={day}
            onOpen={onDay}
            onTurn={(months) => turnTo(addMonths(month, months))}
          />
          {wide ? (
            <Sheet width={300} flexShrink={0} padding="$3.5" position={'sticky' as 'absolute'} top={86}>
              {pane}
            </Sheet>
          ) : (
            <Column width="100%">{pane}</Column>
          )}
        </Row>
      </CarryAcrossDays>
      <Row paddingTop="$3" flexWrap="wrap">
        <OfferTimesButton />
        <FromTemplate label="Fill the month from a template" day={month} />
      </Row>
    </Column>
  )
}
