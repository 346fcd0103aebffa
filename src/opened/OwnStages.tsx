// The stages of an area or a project: named, put in their order, and left out after what becomes of what stands there
// was said.
import { useState } from 'react'
import type { Id, Stage } from '@/core/record'
import { select } from '@/state'
import { EditText } from '@/parts/text/EditText'
import { NameLine } from '@/parts/text/NameLine'
import { useAct, useHeld, useHeldDocument } from '@/held/zen'
import { BandHeading, Button, Column, IconButton, Row, SlideOver, Words } from '@/ui'
import { count, shortened } from '@/words'

export function OwnStages({
  id: ownerId,
  name: ofName,
  says,
}: {
  readonly id: Id<'area'> | Id<'project'>
  readonly name: string
  /** What stages are for there, said while there are none. */
  readonly says: string
}) {
  const act = useAct()
  const stages = select.stagesOf(useHeldDocument(), ownerId)
  const [leaving, setLeaving] = useState<Stage | null>(null)
  const ids = stages.map(({ id }) => id)
  return (
    <Column>
      <BandHeading title="Stages" end={stages.length > 0 ? String(stages.length) : undefined} />
      {stages.length === 0 ? (
        <Words size="second" tone="inkSoft" paddingBottom="$1">
          {says}
        </Words>
      ) : null}
      <Column render="ol" aria-label={`Stages of ${ofName}`}>
        {stages.map((stage, at) => (
          <Row render="li" key={stage.id} borderBottomWidth={1} borderColor="$rule" minHeight={48}>
            <Column flex={1} minWidth={0}>
              <EditText
                name={`${stage.id} name`}
                label={`Stage ${at + 1}`}
                bare
                value={stage.name}
                needed="A stage needs a name."
                onKeep={(name, typing) =>
                  act(
                    'editStage',
                    { id: stage.id, patch: { name } },
                    { say: false, atField: true, ...typing },
                  )
                }
              />
            </Column>
            {([-1, 1] as const).map((places) => (
              <IconButton
                key={places}
                label={`${stage.name} ${places < 0 ? 'earlier' : 'later'}`}
                icon={places < 0 ? 'up' : 'down'}
                disabled={places < 0 ? at === 0 : at === stages.length - 1}
                onPress={() => act('rankBy', { id: stage.id, siblings: ids, places }, { say: false })}
              />
            ))}
            <IconButton
              label={`Delete ${stage.name}`}
              icon="close"
              aria-haspopup="dialog"
              onPress={() => setLeaving(stage)}
            />
          </Row>
        ))}
      </Column>
      <NameLine label="New stage" onMake={(name) => act('addStage', { ownerId, name }, { say: false }).ok} />
      {leaving ? <LeaveStage stage={leaving} stages={stages} onClose={() => setLeaving(null)} /> : null}
    </Column>
  )
}

function LeaveStage({
  stage,
  stages,
  onClose,
}: {
  readonly stage: Stage
  readonly stages: readonly Stage[]
  readonly onClose: () => void
}) {
  const act = useAct()
  const inside = useHeld((state) => select.projectsOf(state.document)).filter(
    ({ stageId, state, ending }) => stageId === stage.id && select.isHeld(state) && ending === null,
  )
  const leave = (toId: Id<'stage'> | null) => {
    act('removeStage', { id: stage.id, toId }, { say: `Stage deleted: ${shortened(stage.name)}` })
    onClose()
  }
  const others = stages.filter(({ id }) => id !== stage.id)
  const name = shortened(stage.name)
  return (
    <SlideOver title={`Delete the stage “${name}”?`} onClose={onClose}>
      <Words>
        {inside.length === 0
          ? 'No project is in it.'
          : `${count(inside.length, 'project')} ${inside.length === 1 ? 'is' : 'are'} in it. Where ${inside.length === 1 ? 'does it' : 'do they'} go?`}
      </Words>
      <Row gap="$2" flexWrap="wrap">
        {inside.length === 0 ? (
          <Button kind="main" autoFocus label="Delete" onPress={() => leave(null)} />
        ) : (
          <>
            {others.map(({ id, name: to }) => (
              <Button key={id} label={`To ${to}`} onPress={() => leave(id)} />
            ))}
            <Button label="To no stage" onPress={() => leave(null)} />
          </>
        )}
        <Button kind="quiet" label="Cancel" onPress={onClose} />
      </Row>
    </SlideOver>
  )
}
