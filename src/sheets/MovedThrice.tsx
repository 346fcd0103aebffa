// The third re-dating asks once, kindly, what is true of the thing: five answers, each one act.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { ChosenField } from '@/parts/choosers/useChooser'
import { Button, Column, Field, Row, SlideOver, Words } from '@/ui'
import { useAct, useHeld } from '@/held/zen'
import { shortened } from '@/words'

export function MovedThrice({ id, onClose }: { id: Id<'action'>; onClose: () => void }) {
  const act = useAct()
  const action = useHeld((state) => recordIn(state.document, id))
  const [asking, setAsking] = useState<'smaller' | 'whom' | null>(null)
  const [step, setStep] = useState('')
  if (!action) return null
  const title = shortened(action.title)
  if (asking === 'whom')
    return (
      <ChosenField
        field="waiting"
        title={`Hand over “${title}”`}
        of={action}
        onClose={onClose}
        onSet={(patch) => act('editAction', { id, patch }, { say: `Handed over: ${title}` })}
      />
    )
  const shrink = () => {
    if (step.trim() === '') return
    if (act('editAction', { id, patch: { title: step } }, { say: `Smaller now: ${shortened(step)}` }).ok)
      onClose()
  }
  const answer = (done: { ok: boolean }) => {
    if (done.ok) onClose()
  }
  return (
    <SlideOver title="Moved three times" onClose={onClose}>
      <Words>“{title}” has been moved three times. What now?</Words>
      {asking === 'smaller' ? (
        <Column gap="$2">
          <Field
            label="The smallest step of it"
            shown
            autoFocus
            value={step}
            onChangeText={setStep}
            onSubmitEditing={shrink}
          />
          <Row gap="$2">
            <Button kind="main" label="Do this instead" disabled={step.trim() === ''} onPress={shrink} />
            <Button kind="quiet" label="Back" onPress={() => setAsking(null)} />
          </Row>
        </Column>
      ) : (
        <Column gap="$2" alignItems="flex-start">
          <Button kind="main" label="Leave it as it is" onPress={onClose} />
          <Button label="It is too large: a smaller step" onPress={() => setAsking('smaller')} />
          <Button label="Somebody else does it" onPress={() => setAsking('whom')} />
          <Button
            label="It can wait"
            onPress={() =>
              answer(
                act('editAction', { id, patch: { horizon: 'shelf', day: null } }, { say: `Later: ${title}` }),
              )
            }
          />
          <Button label="Let it go" onPress={() => answer(act('letGo', { id }))} />
        </Column>
      )}
    </SlideOver>
  )
}
