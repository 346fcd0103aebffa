// Choosing a day: the usual ones above, then a month that shows on each day how full it is, and a time where one can
// be.
import { useState, type ReactNode } from 'react'
import type { Sentence } from '@/core/sentence'
import { addDays, weekdayOf, type CalendarDate, type ClockTime } from '@/core/time'
import { Button, Column, Field, Row, Words } from '@/ui'
import { loadShort, longDate, nearDate, weekdayShort } from '@/words'
import { useLoads } from '@/held/useLoads'
import { useReader } from '@/held/reader'
import { useSentenceContext } from '@/parts/capture/useSentence'
import { useToday } from '@/held/zen'
import { ChooserSheet } from './ChooserSheet'
import { MonthOfDays } from './MonthOfDays'

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
  readonly note?: ReactNode
  readonly onChoose: (date: CalendarDate | null, time: ClockTime | null) => void
  readonly onClose: () => void
}

/** Today, tomorrow, and the Friday and Monday that come after them. */
function usualDays(today: CalendarDate, past: boolean): CalendarDate[] {
  if (past) return [today, addDays(today, -1)]
  const next = (weekday: number) => {
    const away = (weekday - weekdayOf(today) + 7) % 7
    return addDays(today, away < 2 ? away + 7 : away)
  }
  return [today, addDays(today, 1), ...[next(4), next(0)].sort()]
}

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
  const [typedTime, setTypedTime] = useState<string>(time ?? '')
  const [problem, setProblem] = useState<string | null>(null)
  const [line, setLine] = useState('')
  const [lineProblem, setLineProblem] = useState<string | null>(null)
  const reader = useReader()
  const context = useSentenceContext()
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
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={none && date !== null ? <Button kind="quiet" label={none} onPress={() => choose(null)} /> : null}
    >
      {typeof note === 'string' ? (
        <Words size="second" tone="inkSoft">
          {note}
        </Words>
      ) : (
        note
      )}
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
      <MonthOfDays date={date} past={past} onChoose={choose} />
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
