// How often something comes back: said in a line, or chosen; below it the rule in words and the next five days.
import { useState } from 'react'
import type { Repeat } from '@/core/record'
import { parseRuleText, toRuleText, type RepeatRule } from '@/core/repeat'
import { everyWeekOn } from '@/core/repeat/choices'
import { addDays, type CalendarDate } from '@/core/time'
import { useReader } from '@/held/reader'
import { useToday } from '@/held/zen'
import { useSentenceContext } from '@/parts/capture/useSentence'
import { type NewRepeat } from '@/state'
import { Button, Column, Field, Preview, Row, Words } from '@/ui'
import { shortDate } from '@/words'
import { ruleWords } from '@/words/repeat'
import { ChooserSheet } from './ChooserSheet'
import { DaysRow, EndRow, EveryRow, LabelledRow, OptionButtons, type Chosen } from './RepeatFields'

export interface RepeatChooserProps {
  readonly title: string
  readonly anchor: DOMRect | null
  /** The day it stands on, or today. */
  readonly on: CalendarDate
  /** The one that is set, or what a sentence says of one. */
  readonly repeat: Repeat | NewRepeat | null
  readonly onSet: (repeat: NewRepeat) => void
  readonly onTakeOff: () => void
  readonly onClose: () => void
}

function chosenOf(repeat: Repeat | NewRepeat | null, on: CalendarDate): Chosen {
  const rule = repeat && parseRuleText(repeat.rule)
  return repeat && rule
    ? { rule, fromDone: repeat.fromDone, time: repeat.time }
    : { rule: everyWeekOn(on), fromDone: false, time: null }
}

/** What a line says of a rule, an end beside it included; null where it says none. */
function useSaidRule(): (line: string) => Chosen | null {
  const reader = useReader()
  const context = useSentenceContext()
  return (line) => {
    const { repeat } = reader.draftOf(reader.parseSentence(`it, ${line}`, context), context.today)
    const rule = repeat && parseRuleText(repeat.rule)
    return repeat && rule ? { rule, fromDone: repeat.fromDone, time: repeat.time } : null
  }
}

export function RepeatChooser({ title, anchor, on, repeat, onSet, onTakeOff, onClose }: RepeatChooserProps) {
  const today = useToday()
  const said = useSaidRule()
  const [chosen, setChosen] = useState(() => chosenOf(repeat, on))
  const [line, setLine] = useState('')
  const read = line.trim() === '' ? null : said(line)
  const shown = read ?? chosen
  const { rule } = shown
  const change = (patch: Partial<RepeatRule>) => {
    setChosen({ ...shown, rule: { ...rule, ...patch } })
    setLine('')
  }
  const days = useNextDays(shown, on, repeat)
  const isUnread = line.trim() !== '' && read === null
  const isSound = !isUnread && days !== null && days.length > 0
  const set = () => {
    if (!isSound) return
    onSet({ rule: toRuleText(rule), fromDone: shown.fromDone, time: shown.time })
    onClose()
  }
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={
        repeat ? (
          <Button
            kind="quiet"
            label="does not repeat"
            onPress={() => {
              onTakeOff()
              onClose()
            }}
          />
        ) : null
      }
    >
      <Field
        label="Say how often"
        dashed
        placeholder="Say it: every other wednesday, until may"
        value={line}
        maxLength={400}
        onChangeText={setLine}
        onSubmitEditing={set}
      />
      <EveryRow rule={rule} on={on} onChange={change} />
      <DaysRow rule={rule} on={on} onChange={change} />
      <LabelledRow>
        <OptionButtons
          name="Counted"
          options={[
            ['by the calendar', !shown.fromDone, () => setChosen({ ...shown, fromDone: false })],
            ['once it is done', shown.fromDone, () => setChosen({ ...shown, fromDone: true })],
          ]}
        />
      </LabelledRow>
      <EndRow rule={rule} onChange={change} said={said} />
      <Column borderTopWidth={1} borderColor="$rule" paddingTop="$3">
        <Preview>
          <Words strong tone={isUnread ? 'clay' : 'brass'}>
            {isUnread ? 'I can’t read that. Try “every second Tuesday”.' : ruleWords(rule, shown, today)}
          </Words>
          {isUnread ? null : <NextDays days={days} fromDone={shown.fromDone} />}
        </Preview>
      </Column>
      <Row justifyContent="flex-end">
        <Button kind="main" label="Save" disabled={!isSound} onPress={set} />
      </Row>
    </ChooserSheet>
  )
}

/** The next five days of what is chosen; null until the rule library is there. */
function useNextDays({ rule, fromDone }: Chosen, on: CalendarDate, repeat: Repeat | NewRepeat | null) {
  const { days } = useReader()
  const today = useToday()
  if (!days) return null
  if (fromDone) return days.daysAfter({ rule, startsOn: today }, today, 5)
  const isStanding = repeat !== null && 'skips' in repeat && toRuleText(rule) === repeat.rule
  const series = isStanding ? { ...repeat, rule } : { rule, startsOn: on }
  return days.daysAfter(series, addDays(on, -1), 5)
}

function NextDays({ days, fromDone }: { days: readonly CalendarDate[] | null; fromDone: boolean }) {
  const today = useToday()
  if (days === null) return null
  if (days.length === 0)
    return (
      <Words size="second" tone="clay">
        No day fits this rule. Choose another day, month or end.
      </Words>
    )
  const told = days.map((day) => shortDate(day, today)).join(' · ')
  return (
    <Words size="second" tone="inkSoft">
      {fromDone ? `If done today, next on ${told}` : told}
    </Words>
  )
}
