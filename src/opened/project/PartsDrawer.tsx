// The parts of a project: a line each, carried beside one another and out of it, or going through its stages.
import type { Project } from '@/core/record'
import { select } from '@/state'
import { partsOfProject } from '@/state/read/projectParts'
import { Carrying } from '@/parts/carrying/Carrying'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { ProjectLine, StageBoard } from '@/parts/shelves/lazyParts'
import type { ShelfId } from '@/parts/shelves/shelfActs'
import { useShelfLaying } from '@/parts/shelves/useShelfLaying'
import { NameLine } from '@/parts/text/NameLine'
import { useAct, useHeld, useHeldDocument } from '@/held/zen'
import { nameOfRecord } from '@/words'
import { OwnStages } from '../OwnStages'
import { Drawer } from './Drawer'

export function PartsDrawer({
  project,
  isAsked,
  hasStages,
}: {
  readonly project: Project
  readonly isAsked: boolean
  /** Stages are asked for. */
  readonly hasStages: boolean
}) {
  const act = useAct()
  const document = useHeldDocument()
  const laying = useShelfLaying()
  const { id, title } = project
  const parts = partsOfProject(document, id)
  const stages = select.stagesOf(document, id)
  const held = parts.filter(({ state }) => select.isHeld(state))
  const over = parts.filter(({ state }) => !select.isHeld(state))
  if (parts.length === 0 && stages.length === 0 && !isAsked && !hasStages) return null
  return (
    <Drawer
      name="parts"
      title="Parts"
      says={[held.length > 0 ? String(held.length) : '', over.length > 0 ? `${over.length} over` : '']
        .filter(Boolean)
        .join(' · ')}
      opensItself
      isAsked={isAsked || hasStages}
    >
      <Carrying lay={laying} among="shelves" lifted={(carried) => <Lifted id={carried} />}>
        <DropPlace place={{ kind: 'in', in: id }}>
          {stages.length > 0 ? (
            <StageBoard owner={{ id, name: title }} stages={stages} projects={held} />
          ) : (
            <ul aria-label={`Parts of ${title}`} className="shelf-lines">
              {held.map((part) => (
                <ProjectLine key={part.id} project={part} />
              ))}
            </ul>
          )}
        </DropPlace>
      </Carrying>
      {over.length > 0 ? (
        <ul aria-label="Parts that are over" className="shelf-lines">
          {over.map((part) => (
            <ProjectLine key={part.id} project={part} />
          ))}
        </ul>
      ) : null}
      <NameLine
        label="New part"
        begins={isAsked}
        onMake={(name) => act('addProject', { title: name, parentId: id }).ok}
      />
      {stages.length > 0 || hasStages ? (
        <OwnStages
          id={id}
          name={title}
          says="Where its parts all go the same way: name the stages, and they stand side by side here."
        />
      ) : null}
    </Drawer>
  )
}

function Lifted({ id }: { readonly id: ShelfId }) {
  return <div className="lens-lifted">{useHeld((state) => nameOfRecord(state.document, id))}</div>
}
