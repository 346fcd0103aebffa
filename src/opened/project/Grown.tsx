// What a project can become: the one action it holds, a part of another project, or of its area.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Id, Project } from '@/core/record'
import { lists, select } from '@/state'
import { allPartsOf } from '@/state/read/projectParts'
import { OpenedNameChooser } from '@/parts/choosers/useChooser'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { Button } from '@/ui'
import { shortened } from '@/words'

export function Grown({ project }: { readonly project: Project }) {
  const act = useAct()
  const { open } = useOpened()
  const document = useHeldDocument()
  const [isJoining, setJoining] = useState(false)
  const { id, title, areaId, state } = project
  const [only, second] = lists.actionsOfProject(document, id)
  const parts = allPartsOf(document, id)
  const area = areaId ? recordIn(document, areaId) : undefined
  const name = shortened(title)
  const canShrink = only && !second && parts.length === 0 && state === 'open'
  return (
    <>
      {canShrink ? (
        <Button
          kind="quiet"
          label="Shrink to its one action"
          onPress={() => {
            if (act('shrinkToAction', { id }, { say: `Shrunk to its action: ${name}` }).ok) open(only.id)
          }}
        />
      ) : null}
      <Button
        kind="quiet"
        label="Merge with another project"
        aria-haspopup="dialog"
        onPress={() => setJoining(true)}
      />
      {area ? (
        <Button
          kind="quiet"
          label={`Make it part of ${shortened(area.name)}`}
          onPress={() => {
            if (act('partOfArea', { id }, { say: `Made part of ${area.name}: ${name}` }).ok) open(area.id)
          }}
        />
      ) : null}
      {isJoining ? (
        <OpenedNameChooser
          title={`Merge “${name}” into`}
          options={select
            .projectsOf(document)
            .filter((other) => other.id !== id && select.isHeld(other.state) && !parts.includes(other))
            .map((other) => ({ id: other.id, name: other.title }))}
          makes={[]}
          onChoose={(chosen) => {
            const intoId = chosen as Id<'project'>
            if (act('joinProjects', { id, intoId }, { say: `Merged: ${name}` }).ok) open(intoId)
          }}
          onClose={() => setJoining(false)}
        />
      ) : null}
    </>
  )
}
