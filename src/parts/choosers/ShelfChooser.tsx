// Choosing the shelf an action stands on: a project, the latest first, or straight on an area.
import type { Document } from '@/core/journal'
import type { Id, Project } from '@/core/record'
import { lists, select } from '@/state'
import { Button } from '@/ui'
import { useAct, useHeldDocument } from '@/held/zen'
import { chooserWords } from '@/words'
import { madeIn, type ChooserProps } from './chooserProps'
import { NameChooser, type NamedOption } from './NameChooser'

/** When something was last put on a project: the one being worked on is at hand. */
const lastUseOf = (document: Document, { id, createdAtEpochMs }: Project): number =>
  lists
    .actionsOfProject(document, id)
    .reduce((latest, action) => Math.max(latest, action.createdAtEpochMs), createdAtEpochMs)

export function ShelfChooser({ of, ...rest }: ChooserProps) {
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
  const choices: NamedOption[] = [
    ...projects.map(({ project }) => ({
      id: project.id,
      name: project.title,
      seal: select.sealOf(document, { projectId: project.id, areaId: project.areaId }) ?? null,
      isChosen: project.id === of.projectId,
    })),
    ...areas.map((area) => ({
      id: area.id,
      name: area.name,
      hint: 'area',
      seal: area,
      isChosen: area.id === of.areaId && of.projectId === null,
    })),
  ]
  return (
    <NameChooser
      title={chooserWords.shelf}
      anchor={rest.anchor}
      onClose={rest.onClose}
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
          make: (title) => put(madeIn<'project'>(act('addProject', { title }, { say: false }))),
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
