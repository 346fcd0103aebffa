// Goals that nothing moves, or whose day to be looked at has come: how each goes is said in a line.
import { useState } from 'react'
import type { Goal } from '@/core/record'
import { goalsToLookAt } from '@/state/read/roundLists'
import { Button, Column, Field, Press, Row, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { count, shortened } from '@/words'
import { movesWords } from '@/words/goals'
import { useReads } from '../reads'
import { useSeen } from '../useRound'
import { StoneHead } from './StoneHead'

export function GoalsStone() {
  const { goals } = useReads()
  const all = goalsToLookAt(useHeldDocument(), useSeen(), goals)
  return (
    <Column gap="$2.5">
      <StoneHead
        title={all.length === 0 ? 'Every goal is moving' : `${count(all.length, 'goal')} to look at`}
        says={all.length === 0 ? undefined : 'How is it going? What would move it?'}
      />
      <Column render="ul" aria-label="Goals to look at">
        {all.map((goal) => (
          <GoalLine key={goal.id} goal={goal} />
        ))}
      </Column>
    </Column>
  )
}

function GoalLine({ goal: { id, title } }: { goal: Goal }) {
  const act = useAct()
  const { goals } = useReads()
  const { today, zone } = useSeen()
  const { open } = useOpened()
  const { words } = movesWords(goals.movesOf(useHeldDocument(), id, today, zone))
  const [text, setText] = useState('')
  const keep = () => {
    if (text.trim() === '') return
    if (act('addRemark', { ownerId: id, text }, { say: `Remarked: ${shortened(title)}` }).ok) setText('')
  }
  return (
    <Column render="li" gap="$1.5" paddingVertical="$2" borderBottomWidth={1} borderColor="$rule">
      <Press flexDirection="column" alignItems="flex-start" onPress={() => open(id)} data-row>
        <Words strong>{title}</Words>
        <Words size="second" tone="inkSoft">
          {words}
        </Words>
      </Press>
      <Row gap="$2">
        <Row flex={1} minWidth={0}>
          <Field
            label={`How ${shortened(title)} is going`}
            placeholder="How it is going"
            value={text}
            onChangeText={setText}
            onSubmitEditing={keep}
          />
        </Row>
        <Button
          label="Add"
          aria-label={`Add how ${shortened(title)} is going`}
          disabled={text.trim() === ''}
          onPress={keep}
        />
      </Row>
    </Column>
  )
}
