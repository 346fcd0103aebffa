// Ticking an action of which some steps are still open: said, and three ways on.
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { outlineOf } from '@/core/steps'
import { owned } from '@/state'
import { Button, Column, SlideOver, Words } from '@/ui'
import { useAct, useHeld } from '@/held/zen'
import { count, shortened } from '@/words'

const shownAtMost = 5

export function OpenSteps({ id, onClose }: { id: Id<'action'>; onClose: () => void }) {
  const act = useAct()
  const action = useHeld((state) => recordIn(state.document, id))
  const steps = useHeld((state) => owned.stepsOf(state.document, id))
  const open = outlineOf(steps).flatMap(({ step }) => (step.doneAtEpochMs === null ? [step] : []))
  if (!action) return null
  const isOne = open.length === 1
  const answer = (done: { ok: boolean }) => {
    if (done.ok) onClose()
  }
  return (
    <SlideOver title={`${count(open.length, 'step')} ${isOne ? 'is' : 'are'} still open`} onClose={onClose}>
      <Column render="ul" gap="$1" aria-label="Open steps">
        {open.slice(0, shownAtMost).map((step) => (
          <Words render="li" key={step.id} oneLine>
            {step.title}
          </Words>
        ))}
        {open.length > shownAtMost ? (
          <Words render="li" tone="inkSoft">
            and {open.length - shownAtMost} more
          </Words>
        ) : null}
      </Column>
      <Column gap="$2" alignItems="flex-start">
        <Button
          kind="main"
          autoFocus
          label={isOne ? 'It is done too' : 'All of them are done'}
          onPress={() => answer(act('tickWithSteps', { id }))}
        />
        <Button
          label="Keep the rest as an action"
          onPress={() =>
            answer(act('tickKeepingRest', { id }, { say: `Done, the rest kept: ${shortened(action.title)}` }))
          }
        />
        <Button kind="quiet" label="Cancel" onPress={onClose} />
      </Column>
    </SlideOver>
  )
}
