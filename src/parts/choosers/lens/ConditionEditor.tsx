// One condition of a lens, set by touch: every kind of it by what suits it. What is set stands at once; nothing is
// typed but names, lengths, days and texts, as one types them in a sentence.
import { useState } from 'react'
import type { Condition, DateSpan } from '@/core/lens'
import { Button, Choice, Column, Field, Row, Words } from '@/ui'
import { duration } from '@/words'
import { AnyLength, usualLengths } from '../ScaleChooser'
import type { EditorProps } from './editorProps'
import { ManyEditor } from './ManyEditor'
import { NamesEditor } from './NamesEditor'

type Of<K extends Condition['kind']> = EditorProps<Extract<Condition, { kind: K }>>

export function ConditionEditor(props: EditorProps) {
  const { condition } = props
  switch (condition.kind) {
    case 'choice':
      return <ChoiceEditor {...(props as unknown as Of<'choice'>)} />
    case 'minutes':
      return <MinutesEditor {...(props as unknown as Of<'minutes'>)} />
    case 'date':
      return <DateEditor {...(props as unknown as Of<'date'>)} />
    case 'state':
      return <StateEditor {...(props as unknown as Of<'state'>)} />
    case 'count':
      return <CountEditor {...(props as unknown as Of<'count'>)} />
    case 'text':
      return <TextEditor {...(props as unknown as Of<'text'>)} />
    case 'many':
      return <ManyEditor {...(props as unknown as Of<'many'>)} editor={ConditionEditor} />
  }
}

/** Whether it holds or its contrary. */
function IsOrNot({ not, onSet }: { not: boolean; onSet: (not: boolean) => void }) {
  return (
    <Choice
      shown={false}
      label="These or all others"
      options={[
        { value: 'is', label: 'these' },
        { value: 'not', label: 'all but these' },
      ]}
      chosen={[not ? 'not' : 'is']}
      onToggle={(value) => onSet(value === 'not')}
    />
  )
}

function ChoiceEditor(props: Of<'choice'>) {
  const { condition, lenses, onSet } = props
  const { field, values, not } = condition
  const scale = (lenses.scaleWords as Partial<typeof lenses.scaleWords>)[field as 'weight']?.values
  const toggle = (value: string) =>
    onSet({
      ...condition,
      values: values.includes(value) ? values.filter((other) => other !== value) : [...values, value],
    })
  return (
    <Column gap="$3">
      {scale ? (
        <Choice
          many
          shown={false}
          label="Which of them"
          options={Object.entries(scale).map(([value, label]) => ({
            value,
            label: value === '' && label === 'no' ? 'none said' : label,
          }))}
          chosen={values}
          onToggle={toggle}
        />
      ) : (
        <NamesEditor field={field as never} values={values} lenses={lenses} onToggle={toggle} />
      )}
      <IsOrNot not={not} onSet={(next) => onSet({ ...condition, not: next })} />
    </Column>
  )
}

function MinutesEditor({ condition: { from, to }, onSet }: Of<'minutes'>) {
  const isLeast = from !== null && to === null
  const [way, setWay] = useState<'to' | 'from'>(isLeast ? 'from' : 'to')
  const set = (minutes: number) =>
    onSet({ kind: 'minutes', from: way === 'from' ? minutes : null, to: way === 'to' ? minutes : null })
  const chosen = way === 'from' ? from : to
  return (
    <Column gap="$3">
      <Choice
        shown={false}
        label="Up to, or at least"
        options={[
          { value: 'to', label: 'up to' },
          { value: 'from', label: 'at least' },
        ]}
        chosen={[way]}
        onToggle={(value) => {
          setWay(value)
          if (chosen !== null)
            onSet({
              kind: 'minutes',
              from: value === 'from' ? chosen : null,
              to: value === 'to' ? chosen : null,
            })
        }}
      />
      <Choice
        shown={false}
        label="How long"
        options={usualLengths.map((length) => ({ value: String(length), label: duration(length) }))}
        chosen={chosen === null ? [] : [String(chosen)]}
        onToggle={(value) => set(Number(value))}
      />
      <AnyLength onLength={set} />
      <Button
        kind="quiet"
        alignSelf="flex-start"
        label="those without minutes"
        chosen={from === null && to === null}
        onPress={() => onSet({ kind: 'minutes', from: null, to: null })}
      />
    </Column>
  )
}

const spanKey = (span: DateSpan): string => (span.kind === 'next' ? `next ${span.days}` : span.kind)
const spanOptions: readonly (readonly [key: string, label: string, span: DateSpan])[] = [
  ['past', 'in the past', { kind: 'past' }],
  ['today', 'today', { kind: 'today' }],
  ['tomorrow', 'tomorrow', { kind: 'tomorrow' }],
  ['week', 'this week', { kind: 'week' }],
  ['nextWeek', 'next week', { kind: 'nextWeek' }],
  ['next 7', 'within 7 days', { kind: 'next', days: 7 }],
  ['next 30', 'within 30 days', { kind: 'next', days: 30 }],
  ['any', 'any day', { kind: 'any' }],
  ['none', 'none', { kind: 'none' }],
]

function DateEditor({ condition, lenses, say, onSet }: Of<'date'>) {
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const { field, span, not } = condition
  const take = () => {
    const { lead } = lenses.dateWords[field]
    const said = say(`${lead} ${typed}`) ?? say(typed)
    if (said?.kind === 'date') onSet({ ...said, field })
    else setProblem('Days such as “friday”, “up to 3 Apr 2026” or “within 10 days”.')
  }
  return (
    <Column gap="$3">
      <Choice
        shown={false}
        label="Which days"
        options={spanOptions.map(([value, label]) => ({ value, label }))}
        chosen={[spanKey(span)]}
        onToggle={(value) => {
          const chosen = spanOptions.find(([key]) => key === value)?.[2] ?? span
          const isPlain = chosen.kind === 'any' || chosen.kind === 'none'
          onSet({ ...condition, span: chosen, not: not && !isPlain })
        }}
      />
      <Field
        label="Any other days"
        placeholder="any other: friday, within 10 days"
        value={typed}
        maxLength={60}
        onChangeText={(text) => {
          setTyped(text)
          setProblem(null)
        }}
        onSubmitEditing={take}
        problem={problem}
      />
      {span.kind === 'any' || span.kind === 'none' ? null : (
        <IsOrNot not={not} onSet={(next) => onSet({ ...condition, not: next })} />
      )}
    </Column>
  )
}

function StateEditor({ condition, lenses, onSet }: Of<'state'>) {
  const [is, isNot] = lenses.stateWords[condition.state]
  return (
    <Choice
      shown={false}
      label="Yes or no"
      options={[
        { value: 'is', label: is },
        { value: 'not', label: isNot },
      ]}
      chosen={[condition.not ? 'not' : 'is']}
      onToggle={(value) => onSet({ ...condition, not: value === 'not' })}
    />
  )
}

const usualCounts = {
  moved: [1, 2, 3, 5],
  age: [7, 14, 30, 90],
  untouched: [7, 14, 30, 90],
  doneWithin: [1, 7, 14, 30],
}

function CountEditor({ condition, lenses, onSet }: Of<'count'>) {
  const { field, number, atMost } = condition
  const usual = usualCounts[field]
  const wordsFor = (count: number, most: boolean) =>
    lenses.conditionWords({ kind: 'count', field, number: count, atMost: most }, noNames)
  return (
    <Column gap="$3">
      <Choice
        shown={false}
        label="How many"
        options={[...new Set([...usual, number])]
          .sort((a, b) => a - b)
          .map((count) => ({ value: String(count), label: wordsFor(count, atMost) }))}
        chosen={[String(number)]}
        onToggle={(value) => onSet({ ...condition, number: Number(value) })}
      />
      {field === 'doneWithin' ? null : (
        <Button
          kind="quiet"
          alignSelf="flex-start"
          label={`or ${wordsFor(number, !atMost)}`}
          onPress={() => onSet({ ...condition, atMost: !atMost })}
        />
      )}
    </Column>
  )
}
const noNames = { nameOf: () => null, idsCalled: () => [] }

function TextEditor({ condition, onSet }: Of<'text'>) {
  const [typed, setTyped] = useState(condition.text)
  return (
    <Column gap="$3">
      <Field
        label="Words in its title or note"
        shown
        value={typed}
        maxLength={200}
        onChangeText={(text) => {
          setTyped(text)
          if (text.trim() !== '') onSet({ ...condition, text })
        }}
        dataSet={{ firstFocus: '' }}
      />
      <Row>
        <Words size="second" tone="inkSoft">
          In capitals or not.
        </Words>
      </Row>
      <IsOrNot not={condition.not} onSet={(not) => onSet({ ...condition, not })} />
    </Column>
  )
}
