// How often something comes back: said in a line, or chosen; below it the rule in words and the next five days.
import { useState, type ReactNode } from 'react'
import type { Repeat } from '@/core/record'
import { frequencies, longestInterval, parseRuleText, toRuleText, type RepeatRule } from '@/core/repeat'
import { bodiesFor, everyWeekOn, mayLackDay, withBody } from '@/core/repeat/choices'
import { addDays, type CalendarDate } from '@/core/time'
import { useReader } from '@/held/reader'
import { useHeld, useToday } from '@/held/zen'
import { useSentenceContext } from '@/parts/capture/useSentence'
import { select, type NewRepeat } from '@/state'
import { Button, Column, Field, IconButton, Press, Preview, Row, Words } from '@/ui'
import { count, shortDate } from '@/words'
import { ruleWords, unitWords, weekdayNames } from '@/words/repeat'
import { ChooserSheet } from './ChooserSheet'
import { toggled } from './chooserProps'

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

type Chosen = Pick<Repeat, 'fromDone' | 'time'> & { readonly rule: RepeatRule }

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
      <Every rule={rule} on={on} onChange={change} />
      <On rule={rule} on={on} onChange={change} />
      <Part>
        <Buttons
          name="Counted"
          options={[
            ['by the calendar', !shown.fromDone, () => setChosen({ ...shown, fromDone: false })],
            ['once it is done', shown.fromDone, () => setChosen({ ...shown, fromDone: true })],
          ]}
        />
      </Part>
      <Ends rule={rule} onChange={change} said={said} />
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

type Change = (patch: Partial<RepeatRule>) => void
interface PartProps {
  readonly rule: RepeatRule
  readonly on: CalendarDate
  readonly onChange: Change
}

function Every({ rule, on, onChange }: PartProps) {
  const { interval, frequency } = rule
  const go = (to: number) => onChange({ interval: Math.min(Math.max(to, 1), longestInterval) })
  return (
    <Part>
      <Row gap="$1.5" flexWrap="wrap">
        <Row borderWidth={1} borderColor="$edge" borderRadius="$1" backgroundColor="$slip">
          <IconButton
            label="More often"
            icon="minus"
            width={40}
            disabled={interval === 1}
            onPress={() => go(interval - 1)}
          />
          <Words minWidth={24} textAlign="center" strong role="status" aria-label={`every ${interval}`}>
            {interval}
          </Words>
          <IconButton
            label="Less often"
            icon="plus"
            width={40}
            disabled={interval === longestInterval}
            onPress={() => go(interval + 1)}
          />
        </Row>
        <Buttons
          tight
          name="Unit"
          options={frequencies.map((each) => [
            unitWords(each, interval),
            each === frequency,
            () => onChange({ ...bodiesFor(each, on)[0] }),
          ])}
        />
      </Row>
    </Part>
  )
}

/** On which days of the week, or by which day of the month. */
function On({ rule, on, onChange }: PartProps) {
  const weekStartsOn = useHeld(({ document }) => select.settingsOf(document).weekStartsOn)
  if (rule.frequency === 'weekly')
    return (
      <Part>
        <Row gap="$1" role="group" aria-label="Weekdays">
          {weekdayNames(weekStartsOn).map(({ weekday, name, short }) => (
            <Press
              key={weekday}
              flex={1}
              minWidth={0}
              justifyContent="center"
              borderWidth={1}
              aria-label={name}
              aria-pressed={rule.weekdays.includes(weekday)}
              borderColor={rule.weekdays.includes(weekday) ? '$brass' : '$edge'}
              backgroundColor={rule.weekdays.includes(weekday) ? '$brassWash' : '$slip'}
              onPress={() => onChange(withWeekday(rule, weekday))}
            >
              <Words size="second" tone={rule.weekdays.includes(weekday) ? 'brass' : 'ink'}>
                {short}
              </Words>
            </Press>
          ))}
        </Row>
      </Part>
    )
  const bodies = rule.frequency === 'monthly' ? bodiesFor('monthly', on) : []
  const told = (each: RepeatRule) =>
    ruleWords({ ...each, interval: 1, orLast: true, until: null, times: null }, bareEnd, on)
      .replace(/^every month on /, '')
      .replace(/ or the last day$/, '')
  const options: Option[] = bodies.map((body) => {
    const each = withBody(rule, body)
    return [told(each), told(each) === told(rule), () => onChange(body)]
  })
  const isOther = options.length > 0 && options.every(([, isChosen]) => !isChosen)
  return (
    <>
      {options.length > 0 ? (
        <Part>
          <Buttons name="On" options={isOther ? [[told(rule), true, () => {}], ...options] : options} />
        </Part>
      ) : null}
      {mayLackDay(rule) ? (
        <Part told={rule.frequency === 'yearly' ? 'In a year without it' : 'In a month without it'}>
          <Buttons
            name="Where there is no such day"
            options={[
              ['left out', !rule.orLast, () => onChange({ orLast: false })],
              ['on the last day', rule.orLast, () => onChange({ orLast: true })],
            ]}
          />
        </Part>
      ) : null}
    </>
  )
}

const bareEnd = { fromDone: false, time: null }

/** One weekday more or less; the last one stays. */
function withWeekday(rule: RepeatRule, weekday: number): Partial<RepeatRule> {
  const weekdays = toggled(rule.weekdays, weekday).sort((a, b) => a - b)
  return weekdays.length === 0 ? {} : { weekdays, nth: null }
}

/** When it is over: said as in a sentence, since it may be a day or a number of times. */
function Ends({
  rule,
  onChange,
  said,
}: Omit<PartProps, 'on'> & { said: (line: string) => Chosen | null }): ReactNode {
  const today = useToday()
  const [text, setText] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const take = () => {
    if (text.trim() === '') return
    const read = said(`every day ${text}`)?.rule ?? said(`every day until ${text}`)?.rule
    if (!read || (read.until === null && read.times === null))
      return setProblem('Try “until 5 nov” or “10 times”.')
    onChange({ until: read.until, times: read.times })
    setText('')
  }
  const hasEnd = rule.until !== null || rule.times !== null
  const told = hasEnd
    ? [rule.times && count(rule.times, 'time'), rule.until && `until ${shortDate(rule.until, today)}`]
        .filter(Boolean)
        .join('')
    : ''
  return (
    <Part>
      <Row gap="$2" alignItems="flex-start">
        <Buttons
          name="Ends"
          options={[
            ['no end', !hasEnd, () => onChange({ until: null, times: null })],
            ...(hasEnd ? [[told, true, () => {}] as Option] : []),
          ]}
        />
        <Field
          label="Another end"
          placeholder="10 times, or until may"
          value={text}
          maxLength={60}
          onChangeText={(typed) => {
            setText(typed)
            setProblem(null)
          }}
          onSubmitEditing={take}
          onBlur={take}
          problem={problem}
        />
      </Row>
    </Part>
  )
}

/** A row of what can be chosen, with a word before it where the choices do not say it themselves. */
const Part = ({ told, children }: { told?: string; children: ReactNode }) => (
  <Column gap="$1">
    {told ? (
      <Words size="second" tone="inkSoft">
        {told}
      </Words>
    ) : null}
    {children}
  </Column>
)

type Option = readonly [label: string, chosen: boolean, onPress: () => void]

const Buttons = ({
  name,
  options,
  tight = false,
}: {
  name: string
  options: readonly Option[]
  tight?: boolean
}) => (
  <Row gap={tight ? '$1' : '$2'} flexWrap="wrap" role="group" aria-label={name}>
    {options.map(([label, chosen, onPress]) => (
      <Button
        key={label}
        label={label}
        chosen={chosen}
        paddingHorizontal={tight ? '$1.5' : '$2.5'}
        onPress={onPress}
      />
    ))}
  </Row>
)
