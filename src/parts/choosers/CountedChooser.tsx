// A date that a template counts: how far from a day that is asked, by the usual ways or said.
import { useState } from 'react'
import type { Blank, Counted, Id, Shift } from '@/core/record'
import { useOnDemand, useReader } from '@/held/reader'
import { Button, Choice, Column, Field, Row } from '@/ui'
import { useDay } from '@/words/templates'
import { ChooserSheet } from './ChooserSheet'

export interface CountedChooserProps {
  readonly title: string
  readonly anchor: DOMRect | null
  readonly counted: Counted | null
  /** The days that the template asks for. */
  readonly days: readonly Blank[]
  readonly hasTime: boolean
  readonly onChoose: (to: Pick<Counted, 'blankId' | 'shift' | 'time'> | null) => void
  readonly onClose: () => void
}

const usual = [
  'on',
  '1 day before',
  '1 week before',
  '2 weeks before',
  'last working day before',
  'next working day after',
  'first monday after',
] as const

export function CountedChooser({
  title,
  anchor,
  counted,
  days,
  hasTime,
  onChoose,
  onClose,
}: CountedChooserProps) {
  const template = useOnDemand()?.templates
  const reader = useReader()
  const [blankId, setBlankId] = useState<Id<'blank'> | null>(
    counted ? counted.blankId : (days[0]?.id ?? null),
  )
  const [time, setTime] = useState<string>(counted?.time ?? '')
  const [text, setText] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  if (!template) return null
  const choose = (shift: Shift) => {
    const clock = time.trim() === '' ? null : reader.readTime(time)
    if (hasTime && time.trim() !== '' && clock === null) return setProblem('Type a time such as 14:30.')
    onChoose({ blankId, shift, time: hasTime ? clock : null })
    onClose()
  }
  const take = () => {
    const read = template.readShift(text) ?? template.readShift(`${text} before`)
    if (read) choose(read.shift)
    else setProblem('Try “14 days before”, “next working day after” or “first monday after”.')
  }
  const shown = counted ? template.shiftWords(counted.shift) : null
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={
        counted ? (
          <Button
            kind="quiet"
            label="no day"
            onPress={() => {
              onChoose(null)
              onClose()
            }}
          />
        ) : null
      }
    >
      {days.length > 0 ? (
        <Choice
          label="Counted from"
          options={[
            ...days.map(({ id, name }) => ({ value: id as string, label: name })),
            { value: '', label: useDay },
          ]}
          chosen={[blankId ?? '']}
          onToggle={(value) => setBlankId((value || null) as Id<'blank'> | null)}
        />
      ) : null}
      <Row gap="$2" flexWrap="wrap">
        {usual.map((words) => (
          <Button
            key={words}
            label={words === 'on' ? 'the day itself' : words}
            chosen={words === shown}
            paddingHorizontal="$3"
            onPress={() => {
              const read = template.readShift(words)
              if (read) choose(read.shift)
            }}
          />
        ))}
      </Row>
      <Column gap="$2">
        <Field
          label="Or say it"
          shown
          placeholder="3 working days before"
          value={text}
          onChangeText={setText}
          onSubmitEditing={take}
          problem={problem}
        />
        {hasTime ? (
          <Field label="Time" shown placeholder="14:30" value={time} onChangeText={setTime} />
        ) : null}
      </Column>
      <Row>
        <Button kind="main" label="Save" disabled={text.trim() === ''} onPress={take} />
      </Row>
    </ChooserSheet>
  )
}
