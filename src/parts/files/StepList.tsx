// The steps of something, ticked and taken off where they stand.
import type { Step } from '@/core/record'
import { outlineOf } from '@/core/steps/outline'
import { indentOf } from '../steps/indentOf'
import { StepTick } from '../steps/StepTick'
import { useAct } from '@/held/zen'
import { Column, IconButton, Row, Words } from '@/ui'
import { shortened } from '@/words'

export function StepList({ steps }: { steps: readonly Step[] }) {
  const act = useAct()
  return (
    <Column render="ul" aria-label="Steps">
      {outlineOf(steps).map(({ step, depth }) => {
        const { id, title, doneAtEpochMs } = step
        const isDone = doneAtEpochMs !== null
        return (
          <Row
            render="li"
            key={id}
            gap="$1"
            borderBottomWidth={1}
            borderColor="$rule"
            backgroundColor="$slip"
            style={{ paddingLeft: 10 + indentOf(depth) }}
          >
            <Words
              flex={1}
              minWidth={0}
              paddingVertical="$2"
              struck={isDone}
              style={{ overflowWrap: 'anywhere' }}
            >
              {title}
            </Words>
            <IconButton
              label={`Remove ${shortened(title)}`}
              icon="close"
              onPress={() => act('removeStep', { id }, { say: `Step removed: ${shortened(title)}` })}
            />
            <StepTick step={step} />
          </Row>
        )
      })}
    </Column>
  )
}
