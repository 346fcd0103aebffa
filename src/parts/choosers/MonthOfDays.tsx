// A month to choose a day in, which shows on each day how full it is.
import { createContext, useContext, useEffect, useRef, useState } from 'react'
import { DayPicker, type DayButtonProps } from 'react-day-picker'
import { enGB } from 'react-day-picker/locale/en-GB'
import type { Load } from '@/core/day'
import { addDays, type CalendarDate } from '@/core/time'
import { useHeld, useToday } from '@/held/zen'
import { useLoads } from '@/held/useLoads'
import { select } from '@/state'
import { Column, IconButton, Row, Words } from '@/ui'
import { loadShort } from '@/words'

/** The date library of the month counts in local noons, which exist on every day in every zone. */
const noonOf = (date: CalendarDate): Date =>
  new Date(Number(date.slice(0, 4)), Number(date.slice(5, 7)) - 1, Number(date.slice(8)), 12)
const dateOf = (noon: Date): CalendarDate =>
  [
    String(noon.getFullYear()).padStart(4, '0'),
    String(noon.getMonth() + 1).padStart(2, '0'),
    String(noon.getDate()).padStart(2, '0'),
  ].join('-') as CalendarDate

/** Where so few days of a month are left, the next one is shown. */
const fewDays = 4
const daysLeftIn = (day: CalendarDate): number =>
  new Date(Number(day.slice(0, 4)), Number(day.slice(5, 7)), 0).getDate() - Number(day.slice(8))

/** How full a day is, as a share of its available minutes; what does not fit in clay at the end. */
function Fill({ load: { plannedMinutes, availableMinutes } }: { load: Load }) {
  const whole = Math.max(plannedMinutes, availableMinutes, 1)
  const fits = Math.min(plannedMinutes, availableMinutes)
  return (
    <span className="fill" aria-hidden>
      <span className="fits" style={{ width: `${(fits / whole) * 100}%` }} />
      <span className="over" style={{ width: `${((plannedMinutes - fits) / whole) * 100}%` }} />
    </span>
  )
}

const LoadsOf = createContext<((date: CalendarDate) => Load) | null>(null)

/** One day of the month: its number, and how full it is. The grid says the date aloud; the load is said with it. */
function DayCell({ day, modifiers, ...button }: DayButtonProps) {
  const loadOn = useContext(LoadsOf)
  const load = !loadOn || modifiers.disabled ? null : loadOn(dateOf(day.date))
  const ref = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    if (modifiers.focused) ref.current?.focus()
  }, [modifiers.focused])
  const name = button['aria-label']
  return (
    <button {...button} type="button" ref={ref} aria-label={load ? `${name}, ${loadShort(load)}` : name}>
      {day.date.getDate()}
      {load ? <Fill load={load} /> : null}
    </button>
  )
}

/** Three letters a weekday. */
const formatters = {
  formatWeekdayName: (noon: Date) => new Intl.DateTimeFormat('en-GB', { weekday: 'short' }).format(noon),
}

/** Named once: a part made anew on each drawing would lose the focus. */
const components = { DayButton: DayCell }

export interface MonthOfDaysProps {
  readonly date: CalendarDate | null
  /** Days that have passed, instead of those to come. */
  readonly past: boolean
  readonly onChoose: (date: CalendarDate) => void
}

export function MonthOfDays({ date, past, onChoose }: MonthOfDaysProps) {
  const today = useToday()
  const loadOn = useLoads()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const [month, setMonth] = useState(() =>
    noonOf(date ?? (past ? today : addDays(today, daysLeftIn(today) < fewDays ? fewDays : 0))),
  )
  const name = new Intl.DateTimeFormat('en-GB', {
    month: 'long',
    ...(month.getFullYear() === noonOf(today).getFullYear() ? {} : { year: 'numeric' }),
  }).format(month)
  const turn = (by: number) => setMonth(new Date(month.getFullYear(), month.getMonth() + by, 1, 12))
  return (
    <Column>
      <Row justifyContent="space-between">
        <IconButton label="The month before" icon="previous" onPress={() => turn(-1)} />
        <Words size="title" aria-hidden>
          {name}
        </Words>
        <IconButton label="The month after" icon="next" onPress={() => turn(1)} />
      </Row>
      <LoadsOf.Provider value={past ? null : loadOn}>
        <DayPicker
          mode="single"
          required
          className="month"
          locale={enGB}
          weekStartsOn={((weekStartsOn + 1) % 7) as 0}
          hideNavigation
          month={month}
          onMonthChange={setMonth}
          today={noonOf(today)}
          selected={date ? noonOf(date) : undefined}
          disabled={past ? { after: noonOf(today) } : { before: noonOf(today) }}
          components={components}
          formatters={formatters}
          onSelect={(noon: Date) => onChoose(dateOf(noon))}
        />
      </LoadsOf.Provider>
    </Column>
  )
}
