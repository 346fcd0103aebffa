// Choosing a day: the usual ones above, then a month that shows on each day how full it is, and a time where one can
// be.
import { createContext, useContext, useEffect, useRef, useState } from 'react'
import { DayPicker, type DayButtonProps } from 'react-day-picker'
import { enGB } from 'react-day-picker/locale/en-GB'
import type { Load } from '@/core/day'
import type { Sentence } from '@/core/sentence'
import { addDays, weekdayOf, type CalendarDate, type ClockTime } from '@/core/time'
import { select } from '@/state'
import { Button, Column, Field, IconButton, Row, Words } from '@/ui'
import { loadShort, longDate, nearDate, weekdayShort } from '@/words'
import { useLoads } from '@/held/useLoads'
import { useReader } from '@/held/reader'
import { useSentenceContext } from '@/parts/capture/useSentence'
import { useHeld, useToday } from '@/held/zen'
import { ChooserSheet } from './ChooserSheet'

export interface DayChooserProps {
  readonly title: string
  readonly anchor: DOMRect | null
  readonly date: CalendarDate | null
  /** Left out where there is no time to choose. */
  readonly time?: ClockTime | null
  /** The button that sets nothing; left out where a day must stand. */
  readonly none?: string
  /** Days that have passed, instead of those to come. */
  readonly past?: boolean
  /** Said under the heading: what choosing a day does besides. */
  readonly note?: string | null
  readonly onChoose: (date: CalendarDate | null, time: ClockTime | null) => void
  readonly onClose: () => void
}

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

/** Today, tomorrow, and the Friday and Monday that come after them. */
function usualDays(today: CalendarDate, past: boolean): CalendarDate[] {
  if (past) return [today, addDays(today, -1)]
  const next = (weekday: number) => {
    const away = (weekday - weekdayOf(today) + 7) % 7
    return addDays(today, away < 2 ? away + 7 : away)
  }
  return [today, addDays(today, 1), ...[next(4), next(0)].sort()]
}

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
const parts = { DayButton: DayCell }

function hintOf(past: boolean, hasTime: boolean): string {
  if (past) return 'Say it: last friday'
  return hasTime ? 'Say it: friday 14:30' : 'Say it: friday, in two weeks'
}

/** The day, and perhaps the time, that a few words say and nothing else; null where they say anything more. */
function daySaid(
  sentence: Sentence,
  line: string,
  readDate: (words: string) => CalendarDate | null,
): { readonly date: CalendarDate; readonly time: ClockTime | null } | null {
  const alone = readDate(line.trim().toLowerCase())
  if (alone) return { date: alone, time: null }
  if (!/^(?:it)?[\s,]*$/i.test(sentence.title)) return null
  for (const clause of sentence.clauses) {
    if ((clause.kind === 'at' || clause.kind === 'due') && clause.date)
      return { date: clause.date, time: clause.time }
    if (clause.kind === 'day') return { date: clause.date, time: null }
  }
  return null
}

export function DayChooser({
  title,
  anchor,
  date,
  time,
  none,
  past = false,
  note,
  onChoose,
  onClose,
}: DayChooserProps) {
  const today = useToday()
  const loadOn = useLoads()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const [typedTime, setTypedTime] = useState<string>(time ?? '')
  const [problem, setProblem] = useState<string | null>(null)
  const [line, setLine] = useState('')
  const [lineProblem, setLineProblem] = useState<string | null>(null)
  const reader = useReader()
  const context = useSentenceContext()
  const [month, setMonth] = useState(() =>
    noonOf(date ?? (past ? today : addDays(today, daysLeftIn(today) < fewDays ? fewDays : 0))),
  )
  const hasTime = time !== undefined
  const choose = (chosen: CalendarDate | null) => {
    const said = typedTime.trim().toLowerCase()
    const read = said === '' ? null : reader.readTime(said)
    if (hasTime && chosen !== null && said !== '' && read === null)
      return setProblem('Type a time such as 14:30 or 2pm.')
    onChoose(chosen, hasTime ? read : null)
    onClose()
  }
  const say = () => {
    const said = daySaid(reader.parseSentence(`it, ${line}`, context), line, (words) =>
      reader.readDate(words, context, past),
    )
    if (!said || (past ? said.date > today : said.date < today))
      return setLineProblem(
        past ? 'Try “yesterday” or “3 march”.' : 'Try “friday”, “3 april” or “in two weeks”.',
      )
    onChoose(said.date, hasTime ? (said.time ?? reader.readTime(typedTime.trim().toLowerCase())) : null)
    onClose()
  }
  const monthName = new Intl.DateTimeFormat('en-GB', {
    month: 'long',
    ...(month.getFullYear() === noonOf(today).getFullYear() ? {} : { year: 'numeric' }),
  }).format(month)
  const turn = (by: number) => setMonth(new Date(month.getFullYear(), month.getMonth() + by, 1, 12))
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={none && date !== null ? <Button kind="quiet" label={none} onPress={() => choose(null)} /> : null}
    >
      {note ? (
        <Words size="second" tone="inkSoft">
          {note}
        </Words>
      ) : null}
      <Row gap="$2" flexWrap="wrap">
        {usualDays(today, past).map((day, index) => (
          <Button
            key={day}
            label={index < 2 ? nearDate(day, today) : weekdayShort(day)}
            chosen={day === date}
            paddingHorizontal="$3"
            onPress={() => choose(day)}
          />
        ))}
      </Row>
      <div data-takes-typing>
        <Field
          label="Say a day"
          dashed
          placeholder={hintOf(past, hasTime)}
          value={line}
          maxLength={100}
          problem={lineProblem}
          onChangeText={(text) => {
            setLine(text)
            setLineProblem(null)
          }}
          onSubmitEditing={say}
          blurOnSubmit={false}
        />
      </div>
      <Column>
        <Row justifyContent="space-between">
          <IconButton label="The month before" icon="previous" onPress={() => turn(-1)} />
          <Words size="title" aria-hidden>
            {monthName}
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
            components={parts}
            formatters={formatters}
            onSelect={(noon: Date) => choose(dateOf(noon))}
          />
        </LoadsOf.Provider>
      </Column>
      {hasTime ? (
        <Row gap="$2.5" alignItems="flex-start" borderTopWidth={1} borderColor="$rule" paddingTop="$3">
          <Words paddingTop="$2.5" aria-hidden>
            at
          </Words>
          <Column width={104}>
            <Field
              label="Time"
              placeholder="14:30"
              value={typedTime}
              maxLength={12}
              onChangeText={(text) => {
                setTypedTime(text)
                setProblem(null)
              }}
              onSubmitEditing={() => choose(date ?? today)}
              problem={problem}
            />
          </Column>
          <Words size="second" tone="inkSoft" flex={1} paddingTop="$3" textAlign="right">
            {date && !past ? `${longDate(date).split(',')[0]}: ${loadShort(loadOn(date))}` : ''}
          </Words>
        </Row>
      ) : null}
    </ChooserSheet>
  )
}
