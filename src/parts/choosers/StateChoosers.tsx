// How a project is held: open, not now until a day, over; and where it stands among the stages of its area, or how it
// ended.
import { useState } from 'react'
import { endings, projectStates, type Ending, type Stage } from '@/core/record'
import { select } from '@/state'
import { useAct, useHeldDocument } from '@/held/zen'
import { Button, Row, Words } from '@/ui'
import { stateWords } from '@/words'
import { endingWords } from '@/words/stages'
import type { ProjectChooserProps } from './chooserProps'
import { ChooserSheet } from './ChooserSheet'
import { DayChooser } from './DayChooser'

interface Shared extends Pick<ProjectChooserProps, 'of' | 'anchor' | 'onClose'> {
  readonly title: string
}

export function StateChooser({ of, onSet, ...shared }: Shared & Pick<ProjectChooserProps, 'onSet'>) {
  const [isAsking, setAsking] = useState(false)
  const { onClose } = shared
  if (isAsking)
    return (
      <DayChooser
        {...shared}
        title="Not now until"
        date={of.notUntil}
        none="no day"
        onChoose={(notUntil) => onSet({ state: 'notNow', notUntil })}
      />
    )
  return (
    <ChooserSheet {...shared}>
      <Row gap="$2" flexWrap="wrap">
        {projectStates
          .filter((state) => state !== 'template')
          .map((state) => (
            <Button
              key={state}
              label={stateWords[state]}
              chosen={state === of.state && of.ending === null}
              paddingHorizontal="$3.5"
              onPress={() => {
                onSet({ state })
                onClose()
              }}
            />
          ))}
        <Button
          label="not now until a day"
          aria-haspopup="dialog"
          paddingHorizontal="$3.5"
          onPress={() => setAsking(true)}
        />
      </Row>
    </ChooserSheet>
  )
}

export function StageChooser({ of, ...shared }: Shared) {
  const act = useAct()
  const stages = select.stagesOf(useHeldDocument(), select.stageOwnerOf(of))
  const { onClose } = shared
  const stand = (stage: Stage | null) => {
    act('standIn', { id: of.id, stageId: stage?.id ?? null }, { say: false })
    onClose()
  }
  const end = (ending: Ending) => {
    act('endProject', { id: of.id, ending }, { say: false })
    onClose()
  }
  return (
    <ChooserSheet {...shared}>
      <Row gap="$2" flexWrap="wrap" role="group" aria-label="Its stage">
        {stages.map((stage) => (
          <Button
            key={stage.id}
            label={stage.name}
            chosen={of.ending === null && stage.id === of.stageId}
            paddingHorizontal="$3.5"
            onPress={() => stand(stage)}
          />
        ))}
        <Button
          label="no stage"
          chosen={of.ending === null && of.stageId === null}
          paddingHorizontal="$3.5"
          onPress={() => stand(null)}
        />
      </Row>
      <Words size="second" tone="inkSoft">
        Or it ended:
      </Words>
      <Row gap="$2" flexWrap="wrap" role="group" aria-label="It ended">
        {endings.map((ending) => (
          <Button
            key={ending}
            label={endingWords[ending]}
            chosen={of.ending === ending}
            paddingHorizontal="$3.5"
            onPress={() => end(ending)}
          />
        ))}
      </Row>
    </ChooserSheet>
  )
}
