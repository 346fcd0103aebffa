// Choosing the shelf an action stands on: a project, the latest first, or straight on an area. A project that is made
// here is asked its area, where there is one to choose.
import { useRef, useState } from 'react'
import type { Document } from '@/core/journal'
import type { Id, Project } from '@/core/record'
import { lists, select } from '@/state'
import { Button } from '@/ui'
import { useAct, useHeldDocument } from '@/held/zen'
import { chooserWords } from '@/words'
import type { FacetChooserProps } from '../facets/facetChooser'
import { madeIn } from './chooserProps'
import { NameChooser, type NamedOption } from './NameChooser'

/** When something was last put on a project: the one being worked on is at hand. */
const lastUseOf = (document: Document, { id, createdAtEpochMs }: Project): number =>
  lists
    .actionsOfProject(document, id)
    .reduce((latest, action) => Math.max(latest, action.createdAtEpochMs), createdAtEpochMs)

export function ShelfChooser({ of, ...rest }: FacetChooserProps) {
  const act = useAct()
  const document = useHeldDocument()
  const projects = select
    .projectsOf(document)
    .filter(({ id, state }) => select.isHeld(state) || id === of.projectId)
    .map((project) => ({ project, usedAt: lastUseOf(document, project) }))
    .sort((a, b) => b.usedAt - a.usedAt)
  const areas = select
    .areasOf(document)
    .filter(({ closedAtEpochMs, id }) => closedAtEpochMs === null || id === of.areaId)
  const put = (id: string | null) =>
    rest.onSet({
      projectId: id?.startsWith('project:') ? (id as Id<'project'>) : null,
      areaId: id?.startsWith('area:') ? (id as Id<'area'>) : null,
    })
  // Made a moment ago: what it belongs to is asked before this closes.
  const [made, setMade] = useState<Id<'project'> | null>(null)
  const isAsking = useRef(false)
  const makeProject = (title: string) => {
    const id = madeIn<'project'>(act('addProject', { title, areaId: of.areaId }, { say: false }))
    put(id)
    if (id === null || of.areaId !== null || areas.length === 0) return
    isAsking.current = true
    setMade(id)
  }
  const inArea: NamedOption[] = areas.map((area) => ({
    id: area.id,
    name: area.name,
    seal: area,
    isChosen: area.id === of.areaId && of.projectId === null,
  }))
  const close = () => {
    if (isAsking.current) isAsking.current = false
    else rest.onClose()
  }
  if (made !== null) {
    const layOn = (areaId: Id<'area'> | null) =>
      areaId && act('editProject', { id: made, patch: { areaId } }, { say: false })
    return (
      <NameChooser
        key="area"
        title={chooserWords.area}
        anchor={rest.anchor}
        onClose={close}
        none={<Button kind="quiet" label="no area" onPress={rest.onClose} />}
        options={inArea}
        makes={[
          {
            says: (name) => `make “${name}” an area`,
            make: (name) => layOn(madeIn<'area'>(act('addArea', { name, groupId: null }, { say: false }))),
          },
        ]}
        onChoose={(id) => layOn(id as Id<'area'>)}
      />
    )
  }
  const choices: NamedOption[] = [
    ...projects.map(({ project }) => ({
      id: project.id,
      name: project.title,
      seal: select.sealOf(document, { projectId: project.id, areaId: project.areaId }) ?? null,
      isChosen: project.id === of.projectId,
    })),
    ...inArea.map((area) => ({ ...area, hint: 'area' })),
  ]
  return (
    <NameChooser
      title={rest.title}
      anchor={rest.anchor}
      onClose={close}
      none={
        of.projectId || of.areaId ? (
          <Button
            kind="quiet"
            label="no project or area"
            onPress={() => {
              put(null)
              rest.onClose()
            }}
          />
        ) : null
      }
      options={choices}
      makes={[
        {
          says: (title) => `make “${title}” a project`,
          make: makeProject,
        },
        {
          says: (name) => `make “${name}” an area`,
          make: (name) => put(madeIn<'area'>(act('addArea', { name, groupId: null }, { say: false }))),
        },
      ]}
      onChoose={put}
    />
  )
}
