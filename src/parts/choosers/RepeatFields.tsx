// What is chosen of a repeat: every how many, on which days, until when.
import { useState, type ReactNode } from 'react'
import type { Repeat } from '@/core/record'
import { frequencies, longestInterval, type RepeatRule } from '@/core/repeat'
import { bodiesFor, mayLackDay, withBody } from '@/core/repeat/choices'
import { type CalendarDate } from '@/core/time'
import { useHeld, useToday } from '@/held/zen'
import { select } from '@/state'
import { Button, Column, Field, IconButton, Press, Row, Words } from '@/ui'
import { count, shortDate } from '@/words'
import { ruleWords, unitWords, weekdayNames } from '@/words/repeat'
import { toggled } from './chooserProps'

/** What is chosen of a repeat. */
export type Chosen = Pick<Repeat, 'fromDone' | 'time'> & { readonly rule: RepeatRule }

type Change = (patch: Partial<RepeatRule>) => void
interface RowProps {
  readonly rule: RepeatRule
  readonly on: CalendarDate
  readonly onChange: Change
}

/** Every how many days, weeks, months or years. */
export function EveryRow({ rule, on, onChange }: RowProps) {
  const { interval, frequency } = rule
  const go = (to: number) => onChange({ interval: Math.min(Math.max(to, 1), longestInterval) })
  return (
    <LabelledRow>
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
        <OptionButtons
          tight
          name="Unit"
          options={frequencies.map((each) => [
            unitWords(each, interval),
            each === frequency,
            () => onChange({ ...bodiesFor(each, on)[0] }),
          ])}
        />
      </Row>
    </LabelledRow>
  )
}

/** On which days of the week, or by which day of the month. */
export function DaysRow({ rule, on, onChange }: RowProps) {
  const weekStartsOn = useHeld(({ document }) => select.settingsOf(document).weekStartsOn)
  if (rule.frequency === 'weekly')
    return (
      <LabelledRow>
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
      </LabelledRow>
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
        <LabelledRow>
          <OptionButtons name="On" options={isOther ? [[told(rule), true, () => {}], ...options] : options} />
        </LabelledRow>
      ) : null}
      {mayLackDay(rule) ? (
        <LabelledRow told={rule.frequency === 'yearly' ? 'In a year without it' : 'In a month without it'}>
          <OptionButtons
            name="Where there is no such day"
            options={[
              ['left out', !rule.orLast, () => onChange({ orLast: false })],
              ['on the last day', rule.orLast, () => onChange({ orLast: true })],
            ]}
          />
        </LabelledRow>
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
export function EndRow({
  rule,
  onChange,
  said,
}: Omit<RowProps, 'on'> & { said: (line: string) => Chosen | null }): ReactNode {
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
    <LabelledRow>
      <Row gap="$2" alignItems="flex-start">
        <OptionButtons
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
    </LabelledRow>
  )
}

/** A row of what can be chosen, with a word before it where the choices do not say it themselves. */
export const LabelledRow = ({ told, children }: { told?: string; children: ReactNode }) => (
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

export const OptionButtons = ({
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
