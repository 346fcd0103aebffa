// A plain sentence that becomes an action at once, where what is opened says what else it is.
import { useState } from 'react'
import { UnderstoodLine } from '@/parts/capture/UnderstoodLine'
import { useSentence } from '@/parts/capture/useSentence'
import { useReader } from '@/held/reader'
import { useAct, useToday } from '@/held/zen'
import { Button, Column, Field, Row } from '@/ui'
import { shortened } from '@/words'

type Draft = ReturnType<ReturnType<typeof useReader>['draftOf']>

export function AddActionLine({
  as,
  label = 'Add an action',
  autoFocus = false,
  isMain = true,
  onAdded,
}: {
  /** What was said, with what follows from where it is added. */
  readonly as: (draft: Draft) => Draft
  readonly label?: string
  readonly autoFocus?: boolean
  /** Whether its button is the one of the screen. */
  readonly isMain?: boolean
  readonly onAdded?: () => void
}) {
  const act = useAct()
  const reader = useReader()
  const today = useToday()
  const [text, setText] = useState('')
  const [takenOff, setTakenOff] = useState<readonly string[]>([])
  const sentence = useSentence(text, takenOff)
  const add = () => {
    if (text.trim() === '') return
    const outcome = act('addAction', as(reader.draftOf(sentence, today)), {
      say: `Added: ${shortened(sentence.title)}`,
    })
    if (!outcome.ok) return
    setText('')
    setTakenOff([])
    onAdded?.()
  }
  return (
    <Column gap="$2" flexGrow={1} flexShrink={1} flexBasis="auto" minWidth={0}>
      <UnderstoodLine
        text={text}
        sentence={sentence}
        takenOff={takenOff}
        onText={setText}
        onTakenOff={setTakenOff}
      />
      <Row gap="$2">
        <Field
          label={label}
          placeholder={label}
          autoFocus={autoFocus}
          value={text}
          onChangeText={setText}
          onSubmitEditing={add}
          blurOnSubmit={false}
        />
        <Button
          kind={isMain ? 'main' : 'plain'}
          label="Add"
          flexShrink={0}
          onPress={add}
          disabled={text.trim() === ''}
        />
      </Row>
    </Column>
  )
}
