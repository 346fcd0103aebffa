// The last action of a project is done: what moves it on is asked at once, while it is in mind.
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { useHeld } from '@/held/zen'
import { NextAction } from '@/parts/project/NextAction'
import { WhatElse } from '@/parts/project/WhatElse'
import { Button, Column, SlideOver, Words } from '@/ui'

export function NoNextSheet({ id, onClose }: { id: Id<'project'>; onClose: () => void }) {
  const project = useHeld((state) => recordIn(state.document, id))
  if (!project) return null
  return (
    <SlideOver title="What is next?" onClose={onClose}>
      <Words>“{project.title}” has no action left. What can somebody do next?</Words>
      <NextAction id={id} label="The next action" autoFocus onAdded={onClose} />
      <WhatElse id={id} onDone={onClose} />
      <Column alignItems="flex-start">
        <Button kind="quiet" label="Decide later" marginLeft="$-2" onPress={onClose} />
      </Column>
    </SlideOver>
  )
}
