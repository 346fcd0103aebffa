// Growing an action into a project: what will be done once it is over, and the very next action, which is the first
// of its steps where it has any.
import { useState } from 'react'
import type { Action } from '@/core/record'
import { owned } from '@/state'
import { Button, Column, Field, SlideOver } from '@/ui'
import { useAct, useHeldDocument } from '@/held/zen'
import { shortened } from '@/words'

export function GrowSheet({ action, onClose }: { action: Action; onClose: () => void }) {
  const act = useAct()
  const document = useHeldDocument()
  const step = owned
    .stepsOf(document, action.id)
    .find(({ underId, doneAtEpochMs }) => underId === null && doneAtEpochMs === null)
  const [title, setTitle] = useState(action.title)
  const [next, setNext] = useState(step?.title ?? '')
  const isEmpty = title.trim() === '' || next.trim() === ''
  const grow = () => {
    if (isEmpty) return
    const nextStepId = step && next.trim() === step.title ? step.id : null
    const say = `Made a project: ${shortened(title)}`
    if (act('growIntoProject', { id: action.id, title, next, nextStepId }, { say }).ok) onClose()
  }
  return (
    <SlideOver title="Grow into a project" onClose={onClose}>
      <Column gap="$3">
        <Field label="The project" shown value={title} onChangeText={setTitle} onSubmitEditing={grow} />
        <Field
          label="Its next action"
          shown
          autoFocus
          placeholder="What can somebody do next?"
          value={next}
          onChangeText={setNext}
          onSubmitEditing={grow}
        />
        <Button kind="main" label="Make it a project" disabled={isEmpty} onPress={grow} />
      </Column>
    </SlideOver>
  )
}
