// Makes what is opened a step of another action, chosen by its title.
import { useState } from 'react'
import type { Action } from '@/core/record'
import { lists } from '@/state'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { OpenedAfterChooser } from '@/parts/choosers/useChooser'
import { Button } from '@/ui'
import { nameOfRecord, shortened } from '@/words'

export function StepOfAnother({ action: { id } }: { action: Action }) {
  const act = useAct()
  const document = useHeldDocument()
  const { open } = useOpened()
  const [isAsked, setAsked] = useState(false)
  return (
    <>
      <Button
        kind="quiet"
        label="Make it a step of another action"
        aria-haspopup="dialog"
        alignSelf="flex-start"
        onPress={() => setAsked(true)}
      />
      {isAsked ? (
        <OpenedAfterChooser
          of={id}
          title="Which action is it a step of?"
          standing={null}
          options={lists.openActionsOf(document)}
          onChoose={(ofId) => {
            const say = `Made a step of: ${shortened(nameOfRecord(document, ofId))}`
            if (act('pushIntoSteps', { id, ofId }, { say }).ok) open(ofId)
          }}
          onTakeOff={() => {}}
          onClose={() => setAsked(false)}
        />
      ) : null}
    </>
  )
}
