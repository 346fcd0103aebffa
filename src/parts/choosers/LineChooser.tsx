// A line of text, typed or pasted.
import { useState } from 'react'
import { titleLimit } from '@/core/record'
import { Button, Field, Row } from '@/ui'
import { ChooserSheet } from './ChooserSheet'

export interface LineChooserProps {
  readonly title: string
  readonly anchor: DOMRect | null
  /** What the field is called. */
  readonly label: string
  readonly placeholder?: string
  /** Empty where nothing is set. */
  readonly text: string
  readonly onChoose: (text: string) => void
  readonly onClose: () => void
}

export function LineChooser({
  title,
  anchor,
  label,
  placeholder = '',
  text,
  onChoose,
  onClose,
}: LineChooserProps) {
  const [typed, setTyped] = useState(text)
  const isLong = typed.trim().length > titleLimit
  const keep = (line: string) => {
    if (isLong && line !== '') return
    onChoose(line.trim())
    onClose()
  }
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={
        text ? <Button kind="quiet" label={`no ${label.toLowerCase()}`} onPress={() => keep('')} /> : null
      }
    >
      <Row gap="$2" alignItems="flex-start">
        <Field
          label={label}
          placeholder={placeholder}
          value={typed}
          autoFocus
          onChangeText={setTyped}
          onSubmitEditing={() => keep(typed)}
          problem={
            isLong
              ? `The ${label.toLowerCase()} is longer than ${titleLimit.toLocaleString('en-GB')} characters.`
              : null
          }
        />
        <Button label="Save" disabled={isLong} onPress={() => keep(typed)} />
      </Row>
    </ChooserSheet>
  )
}
