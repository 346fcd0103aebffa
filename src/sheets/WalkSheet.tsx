// Walking through a checklist with one thumb: large lines, what is ticked sinks to the end, the screen stays awake.
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { outlineOf } from '@/core/steps/outline'
import { owned } from '@/state'
import { Button, Column, Row, SlideOver, BoxMark, Words } from '@/ui'
import { useAct, useHeld } from '@/held/zen'
import { useStayingAwake } from '@/held/useStayingAwake'
import { NameLine } from '@/parts/text/NameLine'
import { shortened } from '@/words'

export function WalkSheet({ id, onClose }: { id: Id<'checklist'>; onClose: () => void }) {
  const act = useAct()
  const checklist = useHeld(({ document }) => recordIn(document, id))
  const steps = useHeld(({ document }) => owned.stepsOf(document, id))
  const isAwake = useStayingAwake()
  if (!checklist) return null
  const rows = outlineOf(steps)
  const done = steps.filter(({ doneAtEpochMs }) => doneAtEpochMs !== null).length
  const isOver = done === steps.length
  return (
    <SlideOver title={checklist.name} onClose={onClose} full>
      <Row gap="$2" justifyContent="space-between">
        <Words role="status" size="large" tone={isOver ? 'moss' : 'inkSoft'}>
          {isOver ? 'All of it is done.' : `${done} of ${steps.length}`}
        </Words>
        {isAwake ? (
          <Words size="small" tone="inkSoft">
            the screen stays awake
          </Words>
        ) : null}
      </Row>
      <ul className="walk" aria-label={checklist.name}>
        {rows.map(({ step, depth }) => {
          const isDone = step.doneAtEpochMs !== null
          return (
            <li key={step.id}>
              <button
                type="button"
                role="checkbox"
                aria-checked={isDone}
                className={isDone ? 'walk-line struck' : 'walk-line'}
                style={{ paddingLeft: 16 + Math.min(depth, 4) * 20 }}
                onClick={() => act('tickStep', { id: step.id, done: !isDone }, { say: false })}
              >
                <BoxMark checked={isDone} />
                <span>{step.title}</span>
              </button>
            </li>
          )
        })}
      </ul>
      <NameLine
        label="Add a step"
        onMake={(title) => act('addSteps', { ownerId: id, titles: [title] }, { say: false }).ok}
      />
      <Column flexGrow={1} />
      <Row justifyContent="space-between" gap="$2" className="walk-foot">
        {done > 0 ? (
          <Button
            kind={isOver ? 'main' : 'quiet'}
            label="Start over"
            onPress={() => act('startAfresh', { id }, { say: `Started over: ${shortened(checklist.name)}` })}
          />
        ) : (
          <Row />
        )}
        <Button kind={isOver ? 'quiet' : 'main'} label={isOver ? 'Finish' : 'Stop here'} onPress={onClose} />
      </Row>
    </SlideOver>
  )
}
