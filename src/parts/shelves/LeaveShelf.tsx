// Leaving a group, an area or a project: what is inside is said, and each way out says what becomes of it.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import { kindOf, type Area, type Group, type Id, type Project } from '@/core/record'
import { select, type OnDemand } from '@/state'
import { OpenedNameChooser } from '@/parts/choosers/useChooser'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument } from '@/held/zen'
import { Button, Column, SlideOver, Words } from '@/ui'
import { shortened } from '@/words'
import { insideWords, leaveWords } from '@/words/leaving'

type EndsAs = NonNullable<Parameters<OnDemand['commands']['leaveShelf']>[1]['as']>
type Leavable = Area | Group | Project
type Way = Parameters<OnDemand['commands']['leaveShelf']>[1]['way']

interface LeaveShelfProps {
  readonly shelf: Leavable
  /** Of a project: how it ends. Let go, where it is not said. */
  readonly as?: EndsAs
  readonly onClose: () => void
}

export function LeaveShelf(props: LeaveShelfProps) {
  const later = useOnDemand()
  return later ? <Leave {...props} later={later} /> : null
}

/** A project that ends while something in it is open. */
export function LeaveProject({ id, as, onClose }: { id: Id<'project'>; as: EndsAs; onClose: () => void }) {
  const project = useHeld(({ document }) => recordIn(document, id))
  return project ? <LeaveShelf shelf={project} as={as} onClose={onClose} /> : null
}

function Leave({ shelf, as, later, onClose }: LeaveShelfProps & { readonly later: OnDemand }) {
  const act = useAct()
  const document = useHeldDocument()
  const { close } = useOpened()
  const [isAsking, setAsking] = useState(false)
  const kind = kindOf(shelf.id) as 'group' | 'area' | 'project'
  const name = shortened('title' in shelf ? shelf.title : shelf.name)
  const inside = later.shelves.insideOf(document, shelf.id)
  const isEmpty = inside.areas + inside.projects + inside.actions === 0
  const words = leaveWords[as?.state === 'finished' ? 'finished' : kind]
  const leave = (way: Way) => {
    onClose()
    close()
    const done = way.kind === 'rest' && kind === 'project' ? 'Not now' : words.done
    act('leaveShelf', { id: shelf.id, way, ...(as ? { as } : {}) }, { say: `${done}: ${name}` })
  }
  return (
    <SlideOver title={words.title(name)} onClose={onClose}>
      <Words>{insideWords(kind, inside)}</Words>
      <Column gap="$2" alignItems="flex-start">
        {isEmpty ? (
          <Button kind="main" autoFocus label={words.leave} onPress={() => leave({ kind: 'letGo' })} />
        ) : (
          <>
            <Button label={words.move} aria-haspopup="dialog" onPress={() => setAsking(true)} />
            <Button label={words.rest} onPress={() => leave({ kind: 'rest' })} />
            <Button label={words.letGo} onPress={() => leave({ kind: 'letGo' })} />
          </>
        )}
        <Button kind="quiet" label="Cancel" marginLeft="$-2" onPress={onClose} />
      </Column>
      {isAsking ? (
        <MoveTo
          shelf={shelf}
          title={words.move}
          onChoose={(toId) => leave({ kind: 'move', toId })}
          onClose={() => setAsking(false)}
        />
      ) : null}
    </SlideOver>
  )
}

/** Where it all goes: another of the same kind, and for a project its area too. */
function MoveTo({
  shelf,
  title,
  onChoose,
  onClose,
}: {
  readonly shelf: Leavable
  readonly title: string
  readonly onChoose: (id: Id<'group'> | Id<'area'> | Id<'project'>) => void
  readonly onClose: () => void
}) {
  const document = useHeldDocument()
  const isOther = ({ id }: { readonly id: string }) => id !== shelf.id
  const isOpen = ({ closedAtEpochMs }: { readonly closedAtEpochMs: number | null }) =>
    closedAtEpochMs === null
  const groups = select.groupsOf(document).filter(isOpen)
  const areas = select.areasOf(document).filter(isOpen)
  const projects = select.projectsOf(document).filter(({ state }) => select.isHeld(state))
  const named = <R extends { readonly id: string; readonly name: string }>(records: readonly R[]) =>
    records.filter(isOther).map(({ id, name }) => ({ id, name }))
  const options = {
    group: () => named(groups),
    area: () => named(areas),
    project: () => [
      ...named(areas),
      ...projects.filter(isOther).map(({ id, title: name }) => ({ id, name })),
    ],
  }[kindOf(shelf.id) as 'group' | 'area' | 'project']()
  return (
    <OpenedNameChooser
      title={title}
      options={options}
      makes={[]}
      onChoose={(id) => onChoose(id as Id<'area'>)}
      onClose={onClose}
    />
  )
}
