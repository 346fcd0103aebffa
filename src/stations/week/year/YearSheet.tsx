// The year at a glance: twelve small months with how full each day is, holidays, and days away. A day opens its month.
import { useMedia } from '@tamagui/core'
import { useMemo, useState, type KeyboardEvent } from 'react'
import { laidOverDays } from '@/core/calendar/overDays'
import { monthsOfYear } from '@/core/week'
import { addDays, addMonths, daysBetween, lastDayOfMonth, type CalendarDate } from '@/core/time'
import { DaysAway } from '@/parts/away/lazyAway'
import { StationHead } from '@/frame/StationHead'
import { useEvents } from '@/held/calendars/useEvents'
import { useToday, useZen } from '@/held/zen'
import { Button, Column, IconButton, Row, Sheet } from '@/ui'
import { YearMonth } from './YearMonth'

const yearOf = (date: CalendarDate) => date.slice(0, 4)

export function YearSheet({ onDay }: { onDay: (date: CalendarDate) => void }) {
  const today = useToday()
  const { wide } = useMedia()
  const { clock } = useZen()
  const [shown, show] = useState(today)
  const year = yearOf(shown)
  const months = useMemo(() => monthsOfYear(`${year}-01-01` as CalendarDate), [year])
  const [first, last] = [months[0] as CalendarDate, lastDayOfMonth(months[11] as CalendarDate)]
  const events = useEvents(first, last)
  const whole = useMemo(() => {
    const dates = Array.from({ length: daysBetween(first, last) + 1 }, (_, ahead) => addDays(first, ahead))
    return laidOverDays(
      events.filter(({ isAllDay }) => isAllDay),
      dates,
      clock.zone(),
    ).bars
  }, [events, first, last, clock])
  const turn = (
    <Row flexShrink={0}>
      <IconButton label="The year before" icon="previous" onPress={() => show(addMonths(shown, -12))} />
      {year === yearOf(today) ? null : <Button kind="quiet" label="This year" onPress={() => show(today)} />}
      <IconButton label="The year after" icon="next" onPress={() => show(addMonths(shown, 12))} />
    </Row>
  )
  return (
    <Column>
      <StationHead label={wide ? undefined : 'Year'} title={year} {...(wide ? { tools: turn } : {})} />
      {wide ? null : <Row justifyContent="flex-end">{turn}</Row>}
      <Row alignItems="flex-start" gap="$4" flexDirection={wide ? 'row' : 'column'}>
        <div className="year" onKeyDown={moveAmongDays}>
          {months.map((month) => (
            <YearMonth
              key={month}
              month={month}
              begins={daysBetween(first, month)}
              whole={whole}
              onDay={onDay}
            />
          ))}
        </div>
        {wide ? (
          <Sheet width={300} flexShrink={0} padding="$3.5">
            <DaysAway />
          </Sheet>
        ) : (
          <Column width="100%" paddingTop="$3">
            <DaysAway />
          </Column>
        )}
      </Row>
    </Column>
  )
}

const steps: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 }

function moveAmongDays(event: KeyboardEvent<HTMLElement>): void {
  const by = steps[event.key]
  if (by === undefined || event.altKey || event.ctrlKey || event.metaKey) return
  event.preventDefault()
  event.stopPropagation()
  const days = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-day]')]
  days[days.indexOf(event.target as HTMLElement) + by]?.focus()
}
