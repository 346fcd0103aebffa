// The steps of something, ticked and taken off where they stand.
import type { Step } from '@/core/record'
import { useAct } from '@/held/zen'
import { Column, IconButton, Row, Tick, Words } from '@/ui'
import { shortened } from '@/words'

/** How deep each step stands under others, in the order they are shown: what stands under a step follows it. */
export function inTree(steps: readonly Step[]): { readonly step: Step; readonly depth: number }[] {
  const ids = new Set<string>(steps.map(({ id }) => id))
  const told: { step: Step; depth: number }[] = []
  const seen = new Set<string>()
  const tell = (under: string | null, depth: number) => {
    for (const step of steps) {
      // What stands under a step that is gone, or under itself, is told at the top.
      const above = step.underId && ids.has(step.underId) ? step.underId : null
      if (above !== under || seen.has(step.id)) continue
      seen.add(step.id)
      told.push({ step, depth })
      tell(step.id, depth + 1)
    }
  }
  tell(null, 0)
  for (const step of steps) if (!seen.has(step.id)) told.push({ step, depth: 0 })
  return told
}

export function StepList({ steps }: { steps: readonly Step[] }) {
  const act = useAct()
  return (
    <Column render="ul" aria-label="Steps">
      {inTree(steps).map(({ step, depth }) => {
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
            style={{ paddingLeft: 10 + depth * 20 }}
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
              onPress={() => act('removeStep', { id }, { say: `Taken off: ${shortened(title)}` })}
            />
            <Tick
              name={title}
              checked={isDone}
              onToggle={() => act('tickStep', { id, done: !isDone }, { say: false })}
            />
          </Row>
        )
      })}
    </Column>
  )
}
