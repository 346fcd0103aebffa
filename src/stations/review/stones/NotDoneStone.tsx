// What was planned and not done: why, one tap each. Each answer is one act.
import { useState } from 'react'
import type { Action } from '@/core/record'
import { notDoneOf } from '@/state/read/roundLists'
import { Button, Column, Field, Row, Words } from '@/ui'
import { ChosenField } from '@/parts/choosers/useChooser'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { actionDetails, shortened } from '@/words'
import { useSeen } from '../useRound'
import { StoneHead } from './StoneHead'

const few = 20

export function NotDoneStone() {
  const seen = useSeen()
  const document = useHeldDocument()
  const left = notDoneOf(document, seen)
  const [isWhole, setWhole] = useState(false)
  const shown = isWhole ? left : left.slice(0, few)
  return (
    <Column gap="$2.5">
      <StoneHead
        title={
          left.length === 0
            ? 'Nothing is left from earlier days'
            : `${left.length} ${left.length === 1 ? 'was' : 'were'} planned and not done`
        }
        says={left.length === 0 ? undefined : 'Why? Too much, too large, somebody else’s, or not wanted?'}
      />
      <Column render="ul" aria-label="Planned and not done">
        {shown.map((action) => (
          <Left key={action.id} action={action} />
        ))}
      </Column>
      {shown.length < left.length ? (
        <Button kind="quiet" label={`See all ${left.length}`} onPress={() => setWhole(true)} />
      ) : null}
    </Column>
  )
}

function Left({ action }: { action: Action }) {
  const act = useAct()
  const { today } = useSeen()
  const document = useHeldDocument()
  const { open } = useOpened()
  const [asking, setAsking] = useState<'smaller' | 'whom' | null>(null)
  const [step, setStep] = useState('')
  const { id, title } = action
  const short = shortened(title)
  const shrink = () => {
    if (step.trim() === '') return
    act('editAction', { id, patch: { title: step } }, { say: `Smaller now: ${shortened(step)}` })
    setAsking(null)
  }
  const choice = (label: string, onPress: () => void, more: object = {}) => (
    <Button kind="quiet" label={label} aria-label={`${short}: ${label}`} onPress={onPress} {...more} />
  )
  return (
    <Column render="li" gap="$1" paddingVertical="$2" borderBottomWidth={1} borderColor="$rule">
      <button type="button" className="plain-title" onClick={() => open(id)}>
        {title}
      </button>
      <Words size="second" tone="inkSoft">
        {actionDetails(action, document, today)}
      </Words>
      <Row gap="$1" flexWrap="wrap" marginLeft="$-2">
        {choice('This week', () =>
          act(
            'editAction',
            { id, patch: { day: null, horizon: 'week' } },
            { say: `This week, on no day: ${short}` },
          ),
        )}
        {choice('Smaller', () => setAsking(asking === 'smaller' ? null : 'smaller'), {
          'aria-expanded': asking === 'smaller',
        })}
        {choice('Hand over', () => setAsking('whom'), { 'aria-haspopup': 'dialog' })}
        {choice('Let go', () => act('letGo', { id }))}
      </Row>
      {asking === 'smaller' ? (
        <Row gap="$2">
          <Row flex={1} minWidth={0}>
            <Field
              label={`The smallest step of ${short}`}
              placeholder="What is the smallest step of it?"
              autoFocus
              value={step}
              onChangeText={setStep}
              onSubmitEditing={shrink}
            />
          </Row>
          <Button label="Do this instead" disabled={step.trim() === ''} onPress={shrink} />
        </Row>
      ) : null}
      {asking === 'whom' ? (
        <ChosenField
          field="waiting"
          title={`Hand over “${short}”`}
          of={action}
          onClose={() => setAsking(null)}
          onSet={(patch) => act('editAction', { id, patch }, { say: `Handed over: ${short}` })}
        />
      ) : null}
    </Column>
  )
}
