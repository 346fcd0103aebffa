// When in the day something begins: times near where it is by one tap, any other typed.
import { useState } from 'react'
import { fromMinute, toMinute } from '@/core/time'
import { useReader } from '@/held/reader'
import { Button, Field, Row } from '@/ui'
import { ChooserSheet } from './ChooserSheet'

export interface HourChooserProps {
  readonly title: string
  readonly anchor: DOMRect | null
  /** Where it begins now, in minutes of the day. */
  readonly minute: number
  /** The button that gives it no hour. */
  readonly none: string | null
  readonly onChoose: (minute: number | null) => void
  readonly onClose: () => void
}

const near = [-60, -30, -15, 15, 30, 60] as const

export function HourChooser({ title, anchor, minute, none, onChoose, onClose }: HourChooserProps) {
  const reader = useReader()
  const [typed, setTyped] = useState<string>(fromMinute(minute))
  const [problem, setProblem] = useState<string | null>(null)
  const choose = (chosen: number | null) => {
    onChoose(chosen)
    onClose()
  }
  const save = () => {
    const time = reader.readTime(typed.trim().toLowerCase())
    if (time) choose(toMinute(time))
    else setProblem('I can’t read that. Try 14:30.')
  }
  const times = near.map((by) => minute + by).filter((each) => each >= 0 && each < 1440)
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={
        none === null ? null : (
          <Button kind="quiet" flexShrink={0} label={none} onPress={() => choose(null)} />
        )
      }
    >
      <Row gap="$2" flexWrap="wrap" role="group" aria-label="Earlier or later">
        {times.map((each) => (
          <Button key={each} label={fromMinute(each)} paddingHorizontal="$3" onPress={() => choose(each)} />
        ))}
      </Row>
      <Row gap="$2" alignItems="flex-end">
        <Field
          label="Begins at"
          shown
          value={typed}
          maxLength={12}
          problem={problem}
          onChangeText={(text) => {
            setTyped(text)
            setProblem(null)
          }}
          onSubmitEditing={save}
        />
        <Button label="Save" flexShrink={0} onPress={save} />
      </Row>
    </ChooserSheet>
  )
}
