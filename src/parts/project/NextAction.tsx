// A plain sentence straight into a project, as its next action.
import { useState } from 'react'
import type { Id } from '@/core/record'
import { UnderstoodLine } from '@/parts/capture/UnderstoodLine'
import { useSentence } from '@/parts/capture/useSentence'
import { useReader } from '@/held/reader'
import { useAct, useToday } from '@/held/zen'
import { Button, Column, Field, Row } from '@/ui'
import { shortened } from '@/words'

export function NextAction({
  id,
  label = 'Add an action',
  autoFocus = false,
  onAdded,
}: {
  readonly id: Id<'project'>
  readonly label?: string
  readonly autoFocus?: boolean
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
    const outcome = act(
      'addAction',
      { ...reader.draftOf(sentence, today), projectId: id, areaId: null },
      { say: `Added: ${shortened(sentence.title)}` },
    )
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
        <Button kind="main" label="Add" flexShrink={0} onPress={add} disabled={text.trim() === ''} />
      </Row>
    </Column>
  )
}
