// The open projects in their own order, carried or moved by their buttons.
import type { Id, Project } from '@/core/record'
import { select } from '@/state'
import { useAct, useHeldDocument } from '@/held/zen'
import { Carrying, type Laying } from '@/parts/carrying/Carrying'
import { RowList } from '@/parts/rows/RowList'
import { placeWords, shortened } from '@/words'
import { OrderedLine } from './OrderedLine'

export function ProjectsInOrder({ projects }: { projects: readonly Project[] }) {
  const act = useAct()
  const document = useHeldDocument()
  const siblings = projects.map(({ id }) => id)
  const move = (id: Id<'project'>, places: number) => {
    const at = siblings.indexOf(id)
    const title = projects[at]?.title ?? ''
    const to = Math.min(siblings.length - 1, Math.max(0, at + places))
    if (at < 0 || to === at) return
    act(
      'rankBy',
      { id, siblings, places: to - at },
      { say: placeWords(shortened(title), to, siblings.length) },
    )
  }
  const lay: Laying<Id<'project'>> = {
    into: (id, place) => {
      if (place.kind === 'row') move(id, siblings.indexOf(place.id) - siblings.indexOf(id))
    },
    by: move,
  }
  return (
    <Carrying lay={lay}>
      <div data-place="in projects">
        <RowList
          items={projects}
          label="Open projects in their order"
          render={({ id, title, areaId }) => (
            <OrderedLine
              id={id}
              title={title}
              seal={select.sealOf(document, { projectId: id, areaId }) ?? null}
              earlier={id === siblings[0] ? null : () => move(id, -1)}
              later={id === siblings.at(-1) ? null : () => move(id, 1)}
            />
          )}
        />
      </div>
    </Carrying>
  )
}
