// What has no list to choose from is said again: a rule, a reminder, steps. The words stand in a line, and below it how
// they are read.
import { useState } from 'react'
import { Button, Field, Preview, Row, Words } from '@/ui'
import { ChooserSheet } from './ChooserSheet'

export interface SaidAgainProps {
  readonly title: string
  readonly words: string
  readonly anchor: DOMRect | null
  /** What the words say, in chips' words; null where they do not say it. */
  readonly told: (words: string) => string | null
  readonly onSay: (words: string) => void
  /** Where it stands already and can be taken off. */
  readonly onTakeOff?: (() => void) | undefined
  readonly onClose: () => void
}

export function SaidAgain({ title, words, anchor, told, onSay, onTakeOff, onClose }: SaidAgainProps) {
  const [typed, setTyped] = useState(words)
  const reading = told(typed)
  const say = () => {
    if (reading === null) return
    onSay(typed.trim())
    onClose()
  }
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={
        onTakeOff ? (
          <Button
            kind="quiet"
            label="take it off"
            onPress={() => {
              onTakeOff()
              onClose()
            }}
          />
        ) : null
      }
    >
      <Field
        label={title}
        value={typed}
        onChangeText={setTyped}
        onSubmitEditing={say}
        maxLength={400}
        dataSet={{ firstFocus: '' }}
      />
      <Row gap="$2" justifyContent="space-between" flexWrap="wrap">
        <Preview style={{ flex: 1 }}>
          <Words size="second" tone={reading === null ? 'clay' : 'brass'}>
            {reading ?? 'I can’t read that. Try “every Friday” or “20 min”.'}
          </Words>
        </Preview>
        <Button label="Save" disabled={reading === null} onPress={say} />
      </Row>
    </ChooserSheet>
  )
}
