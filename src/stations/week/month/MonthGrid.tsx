// The weeks of a month, a row each: bars over whole days, then what has its hours, what is due, and what is planned, as far
// as there is room. Plain elements: there are a few hundred of them.
import { useMedia } from '@tamagui/core'
import { createContext, useContext, useRef, type KeyboardEvent, type ReactNode } from 'react'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { barsInRow, type Bar, type LaidBar } from '@/core/calendar/overDays'
import { fromMinute, localMomentAt, weekdayOf, type CalendarDate } from '@/core/time'
import type { Action, Project } from '@/core/record'
import { select } from '@/state'
import { Seal, Unseen } from '@/ui'
import { placeMark } from '@/parts/carrying/place'
import { useActionRow } from '@/parts/rows/ActionRow'
import { useSurroundings } from '@/parts/rows/surroundings'
import { desk } from '@/held/desk'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { longDate } from '@/words'
import { awaitedName } from '@/words/action'
import { weekdayNames } from '@/words/contexts'
import { eventTitle } from '@/words/events'
import { awayWords } from '@/words/hours'
import { dayOfMonthWords } from '@/words/month'
import { Fullness } from '../Fullness'
import type { MonthDay } from './useMonth'

/** So many lines a day has room for, and so many bars a week; what is more is counted, and read in the day. */
const linesAtMost = 4
const barsAtMost = 3

interface MonthGridProps {
  readonly weeks: readonly (readonly CalendarDate[])[]
  readonly days: readonly MonthDay[]
  readonly bars: readonly Bar<ShownEvent>[]
  readonly month: CalendarDate
  readonly opened: CalendarDate
  readonly onOpen: (date: CalendarDate) => void
  readonly onTurn: (months: 1 | -1) => void
}

const steps: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 }

export function MonthGrid({ weeks, days, bars, month, opened, onOpen, onTurn }: MonthGridProps) {
  const { wide } = useMedia()
  const box = useRef<HTMLDivElement>(null)
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const button = (event.target as HTMLElement).closest<HTMLElement>('[data-day]')
    if (!button || event.altKey || event.ctrlKey || event.metaKey) return
    const turn = { PageUp: -1, PageDown: 1 }[event.key] as 1 | -1 | undefined
    const by = steps[event.key]
    if (turn === undefined && by === undefined) return
    event.preventDefault()
    event.stopPropagation()
    const turnBy = (months: 1 | -1) => {
      onTurn(months)
      // On to the day that is opened there.
      requestAnimationFrame(() =>
        box.current?.querySelector<HTMLElement>('[data-day][tabindex="0"]')?.focus(),
      )
    }
    if (turn !== undefined) return turnBy(turn)
    const all = [...(box.current?.querySelectorAll<HTMLElement>('[data-day]') ?? [])]
    const next = all[all.indexOf(button) + (by ?? 0)]
    if (next) next.focus()
    else turnBy((by ?? 0) < 0 ? -1 : 1)
  }
  return (
    <div ref={box} className="month" data-weeks onKeyDown={onKeyDown}>
      <div className="month-names" aria-hidden>
        {(weeks[0] ?? []).map((date) => (
          <span key={date}>{weekdayNames[weekdayOf(date)]}</span>
        ))}
      </div>
      {weeks.map((dates, row) => {
        const inRow = barsInRow(bars, row * 7, 7).filter(({ lane }) => lane < barsAtMost)
        const lanes = inRow.reduce((most, { lane }) => Math.max(most, lane + 1), 0)
        return (
          <div key={dates[0]} className="month-row" style={{ '--lanes': lanes } as Record<string, number>}>
            {inRow.map((bar) => (
              <EventBar
                key={`${bar.event.calendarId} ${bar.event.id} ${bar.event.fromEpochMs}`}
                bar={bar}
                wide={wide}
                isOpened={dates.indexOf(opened) >= bar.from && dates.indexOf(opened) <= bar.to}
              />
            ))}
            {dates.map((date, at) => {
              const day = days[row * 7 + at]
              return day ? (
                <DayCell
                  key={date}
                  day={day}
                  bars={inRow.filter(({ from, to }) => from <= at && to >= at).length}
                  isOutside={date.slice(0, 7) !== month.slice(0, 7)}
                  isOpened={date === opened}
                  wide={wide}
                  onOpen={onOpen}
                />
              ) : null
            })}
          </div>
        )
      })}
    </div>
  )
}

function EventBar({
  bar,
  wide,
  isOpened,
}: {
  bar: LaidBar<ShownEvent>
  wide: boolean
  /** Over the day that is opened. */
  isOpened: boolean
}) {
  const { event, from, to, lane, isBegun, goesOn } = bar
  const shape = `month-bar${event.isBusy ? '' : ' free'}${isBegun ? ' begun' : ''}${goesOn ? ' goes-on' : ''}`
  const style = { '--from': from, '--days': to - from + 1, '--lane': lane } as Record<string, number>
  // On a phone the day says what it is.
  if (!wide) return <span className={shape} style={style} aria-hidden />
  return (
    <button
      type="button"
      className={shape}
      style={style}
      tabIndex={isOpened ? 0 : -1}
      aria-haspopup="dialog"
      onClick={() => desk.getState().openSheet({ kind: 'event', event })}
    >
      {eventTitle(event)}
      <Unseen>, all day</Unseen>
    </button>
  )
}

interface DayCellProps {
  readonly day: MonthDay
  readonly bars: number
  readonly isOutside: boolean
  readonly isOpened: boolean
  readonly wide: boolean
  readonly onOpen: (date: CalendarDate) => void
}

function DayCell({ day, bars, isOutside, isOpened, wide, onOpen }: DayCellProps) {
  const today = useToday()
  const { date, events, due, projectsDue, planned, toChase, done, load, away } = day
  const dues = due.length + projectsDue.length
  const all = dues + events.length + planned.length + toChase.length
  const shown = wide ? linesOf(day, all > linesAtMost ? linesAtMost - 1 : linesAtMost) : []
  const isPast = date < today
  return (
    <div
      className={`month-day${isOutside ? ' outside' : ''}${isOpened ? ' opened' : ''}${date === today ? ' today' : ''}`}
      data-place={placeMark({ kind: 'day', date })}
    >
      <button
        type="button"
        className="month-number"
        data-day
        tabIndex={isOpened ? 0 : -1}
        aria-pressed={isOpened}
        aria-current={date === today ? 'date' : undefined}
        onClick={() => onOpen(date)}
      >
        <span aria-hidden>{Number(date.slice(8))}</span>
        <Unseen>
          {dayOfMonthWords(
            day,
            { due: dues, events: events.length + bars, away: away === null ? null : awayWords(away) },
            today,
          )}
        </Unseen>
      </button>
      {away === null ? null : (
        <span className="month-away" aria-hidden={!wide}>
          {wide ? awayWords(away) : ''}
        </span>
      )}
      {isPast ? <span className="fullness none" /> : <Fullness load={load} />}
      <div className="month-room" />
      {shown.length > 0 ? (
        <TabStop.Provider value={isOpened ? 0 : -1}>
          <ul className="month-lines" aria-label={`On ${longDate(date)}`}>
            {shown}
          </ul>
        </TabStop.Provider>
      ) : null}
      {wide && all > shown.length ? <span className="month-more">{`${all - shown.length} more`}</span> : null}
      {wide && done.length > 0 ? <span className="month-more">{`${done.length} done`}</span> : null}
      {wide ? null : (
        <span className="month-marks" aria-hidden>
          {dues > 0 ? <span className="month-due">{`${dues} due`}</span> : null}
          {dues === 0 && planned.length + events.length > 0 ? <span className="month-dot" /> : null}
        </span>
      )}
    </div>
  )
}

/** Tab goes to what is on the day that is opened, and past all else; the arrows go to other days. */
const TabStop = createContext<0 | -1>(0)

/** What a day shows, the most binding first, and no more than `most`: there may be hundreds. */
function linesOf({ date, events, due, projectsDue, planned, toChase }: MonthDay, most: number): ReactNode[] {
  const few = <T,>(list: readonly T[]) => list.slice(0, most)
  return [
    ...few(projectsDue).map((project) => <ProjectLine key={project.id} project={project} />),
    ...few(due).map((action) => <ActionLine key={`due ${action.id}`} action={action} due={date} />),
    ...few(events).map((event) => (
      <EventLine key={`${event.calendarId} ${event.id} ${event.fromEpochMs}`} event={event} />
    )),
    ...few(planned).map((action) => <ActionLine key={action.id} action={action} due={null} />),
    ...few(toChase).map((action) => <ChaseLine key={`chase ${action.id}`} action={action} />),
  ].slice(0, most)
}

/** What is waited for, on the day for asking after it: it is opened, not carried. */
function ChaseLine({ action }: { action: Action }) {
  const document = useHeldDocument()
  const { open } = useSurroundings()
  return (
    <li>
      <button
        type="button"
        className="month-open"
        data-row
        tabIndex={useContext(TabStop)}
        onClick={() => open(action.id)}
      >
        <span className="month-time">{`chase ${awaitedName(action, document)}`}</span>
        <span className="month-title">{action.title}</span>
      </button>
    </li>
  )
}

function EventLine({ event }: { event: ShownEvent }) {
  const { clock } = useZen()
  const begins = fromMinute(localMomentAt(event.fromEpochMs, clock.zone()).minute)
  return (
    <li>
      <button
        type="button"
        className={event.isTentative ? 'month-event tentative' : 'month-event'}
        tabIndex={useContext(TabStop)}
        aria-haspopup="dialog"
        onClick={() => desk.getState().openSheet({ kind: 'event', event })}
      >
        <span className="month-time">{begins}</span> {eventTitle(event)}
      </button>
    </li>
  )
}

/** An action of a day; `due` where it stands there because it is due. */
function ActionLine({ action, due }: { action: Action; due: CalendarDate | null }) {
  const document = useHeldDocument()
  const { choosing, onKeyDown } = useActionRow(action)
  const seal = select.sealOf(document, action)
  const time = due === null ? action.at?.time : action.due?.time
  return (
    <li
      className={`week-card month-line${choosing.isTogether ? ' together' : ''}`}
      data-of={action.id}
      data-due={due ?? undefined}
      onKeyDown={onKeyDown}
    >
      <button
        type="button"
        className={due === null ? 'month-open' : 'month-open due'}
        aria-pressed={choosing.isTogether || undefined}
        data-row
        tabIndex={useContext(TabStop)}
        onClick={(event) => choosing.press(event)}
      >
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} size={16} />
        <span className="month-title">
          {time ? `${time} ` : ''}
          {action.title}
          {due === null ? null : <Unseen>, due</Unseen>}
        </span>
      </button>
    </li>
  )
}

function ProjectLine({ project }: { project: Project }) {
  const { open } = useSurroundings()
  return (
    <li className="week-card month-line" data-of={project.id} data-due={project.due}>
      <button
        type="button"
        className="month-open due"
        data-row
        tabIndex={useContext(TabStop)}
        onClick={() => open(project.id)}
      >
        {project.letters ? <Seal letters={project.letters} ink={project.ink} size={16} /> : null}
        <span className="month-title">
          {project.title}
          <Unseen>, project, due</Unseen>
        </span>
      </button>
    </li>
  )
}
