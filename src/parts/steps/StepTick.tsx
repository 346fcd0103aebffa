import type { Step } from '@/core/record'
import { useAct } from '@/held/zen'
import { Tick } from '@/ui'

export function StepTick({ step: { id, title, doneAtEpochMs } }: { step: Step }) {
  const act = useAct()
  const isDone = doneAtEpochMs !== null
  return (
    <Tick
      name={title}
      checked={isDone}
      onToggle={() => act('tickStep', { id, done: !isDone }, { say: false })}
    />
  )
}
