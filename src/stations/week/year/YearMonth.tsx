// A small month of the year. Plain elements: there are 365 of its days.
import { memo, useMemo } from 'react'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { Bar } from '@/core/calendar/overDays'
import { awaySpans } from '@/core/day/away'
import { recordIn } from '@/core/journal'
import { weeksOfMonth } from '@/core/week'
import type { CalendarDate } from '@/core/time'
import { daysBetween, weekdayOf } from '@/core/time'
import { select } from '@/state'
import { useLoads } from '@/held/useLoads'
import { useHeld, useHeldDocument, useToday } from '@/held/zen'
import { loadLong, longDate } from '@/words'
import { weekdayNames } from '@/words/contexts'
import { monthWords } from '@/words/dates'
import { eventTitle } from '@/words/events'
import { awayWords } from '@/words/hours'
import { Fullness } from '../Fullness'

interface YearMonthProps {
  readonly month: CalendarDate
  /** Its first day, counted from the first of the year. */
  readonly begins: number
  /** Events of whole days, over the days of the year. */
  readonly whole: readonly Bar<ShownEvent>[]
  readonly onDay: (date: CalendarDate) => void
}

/** So many lines under a month. */
const linesAtMost = 3

export const YearMonth = memo(function YearMonth({ month, begins, whole, onDay }: YearMonthProps) {
  const today = useToday()
  const document = useHeldDocument()
  const loadOn = useLoads()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const weeks = useMemo(
    () =>
      weeksOfMonth(month, weekStartsOn).map((week) =>
        week.map((date) => (date.slice(0, 7) === month.slice(0, 7) ? date : null)),
      ),
    [month, weekStartsOn],
  )
  const dates = useMemo(() => weeks.flat().filter((date) => date !== null), [weeks])
  const days = useMemo(
    () =>
      new Map(
        dates.map((date) => {
          const away = recordIn(document, select.planIdOf(date))?.away ?? null
          return [date, { load: date < today ? null : loadOn(date), away }] as const
        }),
      ),
    [dates, document, loadOn, today],
  )
  const holidaysOn = (date: CalendarDate) => {
    const at = begins + daysBetween(month, date)
    return whole.filter(({ from, to }) => from <= at && to >= at).map(({ event }) => eventTitle(event))
  }
  const plans = dates.map((date) => ({ date, away: days.get(date)?.away ?? null }))
  const lines = [
    ...awaySpans(plans, month).map(({ from, to, what }) => ({ from, to, words: awayWords(what) })),
    ...barsOfMonth(whole, begins, dates),
  ].sort((a, b) => (a.from < b.from ? -1 : 1))
  const shown = lines.length > linesAtMost ? lines.slice(0, linesAtMost - 1) : lines
  return (
    <section className="year-month" aria-label={monthWords(month)}>
      <h2 className="year-name">{monthWords(month).replace(/ \d+$/, '')}</h2>
      <table>
        <thead>
          <tr>
            {(weeks[1] ?? []).map((date, at) => (
              <th key={date ?? at} scope="col" abbr={weekdayNames[date ? weekdayOf(date) : at]}>
                {weekdayNames[date ? weekdayOf(date) : at]?.slice(0, 2)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {weeks.map((week, row) => (
            <tr key={row}>
              {week.map((date, at) => (
                <td key={date ?? at}>
                  {date ? (
                    <DayButton
                      date={date}
                      today={today}
                      load={days.get(date)?.load ?? null}
                      away={days.get(date)?.away ?? null}
                      holidays={holidaysOn(date)}
                      onDay={onDay}
                    />
                  ) : null}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {lines.length > 0 ? (
        <ul className="year-lines" aria-label={`Whole days of ${monthWords(month)}`}>
          {shown.map(({ from, to, words }) => (
            <li key={`${from} ${words}`}>
              <span className="year-when">
                {from === to ? Number(from.slice(8)) : `${Number(from.slice(8))}–${Number(to.slice(8))}`}
              </span>{' '}
              {words}
            </li>
          ))}
          {lines.length > shown.length ? <li>{`and ${lines.length - shown.length} more`}</li> : null}
        </ul>
      ) : null}
    </section>
  )
})

interface DayButtonProps {
  readonly date: CalendarDate
  readonly today: CalendarDate
  readonly load: ReturnType<ReturnType<typeof useLoads>> | null
  readonly away: string | null
  readonly holidays: readonly string[]
  readonly onDay: (date: CalendarDate) => void
}

function DayButton({ date, today, load, away, holidays, onDay }: DayButtonProps) {
  const says = [
    longDate(date),
    date === today ? 'today' : null,
    ...holidays,
    away === null ? null : awayWords(away),
    load && (load.plannedMinutes > 0 || load.withoutMinutes > 0) ? loadLong(load) : null,
  ]
  const kind = `${date === today ? ' today' : ''}${holidays.length > 0 ? ' holiday' : ''}${away === null ? '' : ' away'}`
  return (
    <button
      type="button"
      className={`year-day${kind}`}
      data-day
      tabIndex={
        date === (today.slice(0, 4) === date.slice(0, 4) ? today : `${date.slice(0, 4)}-01-01`) ? 0 : -1
      }
      aria-current={date === today ? 'date' : undefined}
      aria-label={says.filter(Boolean).join(', ')}
      onClick={() => onDay(date)}
    >
      {Number(date.slice(8))}
      {load && load.plannedMinutes > 0 ? <Fullness load={load} /> : <span className="fullness none" />}
    </button>
  )
}

/** The events of whole days in a month, each with the days of it that are in that month. */
function barsOfMonth(whole: readonly Bar<ShownEvent>[], begins: number, dates: readonly CalendarDate[]) {
  const last = begins + dates.length - 1
  return whole
    .filter(({ from, to }) => from <= last && to >= begins)
    .map(({ event, from, to }) => ({
      from: dates[Math.max(from, begins) - begins] as CalendarDate,
      to: dates[Math.min(to, last) - begins] as CalendarDate,
      words: eventTitle(event),
    }))
}
