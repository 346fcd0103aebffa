// What is true of a project that has no next action, where it is not the next one: it waits for somebody, rests, or
// is over.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { ChosenField } from '@/parts/choosers/useChooser'
import { useAct, useHeld, useToday } from '@/held/zen'
import { Button, Row } from '@/ui'
import { sayableOf } from '@/parts/said/sayableOf'
import { shortened } from '@/words'
import { useResting } from './useResting'

export function WhatElse({ id, onDone }: { readonly id: Id<'project'>; readonly onDone?: () => void }) {
  const act = useAct()
  const rest = useResting()
  const today = useToday()
  const project = useHeld(({ document }) => recordIn(document, id))
  const [isAsking, setAsking] = useState(false)
  if (!project) return null
  const title = shortened(project.title)
  const finish = () => {
    if (act('setProjectState', { id, state: 'finished' }, { say: `Finished: ${title}` }).ok) onDone?.()
  }
  const restNow = () => {
    if (rest(id, project.title)) onDone?.()
  }
  return (
    <Row gap="$2" flexWrap="wrap" role="group" aria-label="Or what is true of it">
      <Button label="It waits for somebody" aria-haspopup="dialog" onPress={() => setAsking(true)} />
      <Button label="Not now" onPress={restNow} />
      <Button label="It is finished" onPress={finish} />
      {isAsking ? (
        <ChosenField
          field="waiting"
          title={`“${title}” waits for`}
          of={sayableOf({ title: '', projectId: id, areaId: null }, today)}
          onClose={() => setAsking(false)}
          onSet={({ waiting, personIds }) => {
            if (!waiting) return
            const added = act(
              'addAction',
              { title: `Hear about ${project.title}`, projectId: id, waiting, personIds: personIds ?? [] },
              { say: `Waiting: ${title}` },
            )
            if (added.ok) onDone?.()
          }}
        />
      ) : null}
    </Row>
  )
}
