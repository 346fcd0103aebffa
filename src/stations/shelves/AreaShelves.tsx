// Groups with their areas, each area a shelf with its projects standing on it.
import { useState, type ReactNode } from 'react'
import { recordIn } from '@/core/journal'
import type { Area, Group, Project, Side } from '@/core/record'
import { select } from '@/state'
import { BandHeading, Button, Column, EmptyPlace, IconButton, Row, Seal, Words } from '@/ui'
import { Carrying } from '@/parts/carrying/Carrying'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { NameLine } from '@/parts/text/NameLine'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument } from '@/held/zen'
import { nameOfRecord } from '@/words'
import { AreaShelf } from './AreaShelf'
import { Ended } from './Ended'
import { GoalsBoard } from './GoalsBoard'
import { FoldButton, useFolded } from './FoldButton'
import { RankButtons } from './RankButtons'
import { useDense } from './useRemembered'
import { useShelfLaying, type ShelfId } from './useShelfLaying'

/** The side of life whose groups are shown. */
export type SideChoice = Side | 'both'

const isOpenShelf = ({ closedAtEpochMs }: Area | Group) => closedAtEpochMs === null

export function AreaShelves({ side, choice }: { side: SideChoice; choice: ReactNode }) {
  const act = useAct()
  const document = useHeldDocument()
  const [arranging, setArranging] = useState(false)
  const [isDense, setDense] = useDense()
  const laying = useShelfLaying()
  const groups = useHeld((state) => select.groupsOf(state.document)).filter(
    (group) => isOpenShelf(group) && (side === 'both' || group.side === side),
  )
  const areas = useHeld((state) => select.areasOf(state.document)).filter(isOpenShelf)
  const loose = areas.filter(({ groupId }) => groupId === null || recordIn(document, groupId) === undefined)
  const unshelved = useHeld((state) => select.projectsOf(state.document)).filter(
    (project) =>
      select.isHeld(project.state) &&
      (project.areaId === null || !areas.some(({ id }) => id === project.areaId)),
  )
  if (groups.length === 0 && areas.length === 0 && unshelved.length === 0) return <NoShelves />
  return (
    <Carrying lay={laying} lifted={(carried) => <Lifted id={carried} />}>
      <Column gap="$2.5">
        <Row gap="$2" flexWrap="wrap" justifyContent="space-between">
          <Row marginLeft="$-2">
            <Button kind="quiet" label={isDense ? 'Roomier' : 'Denser'} onPress={() => setDense(!isDense)} />
            <Button
              kind="quiet"
              label={arranging ? 'Arranged' : 'Arrange'}
              aria-pressed={arranging}
              onPress={() => setArranging(!arranging)}
            />
          </Row>
          {choice}
        </Row>
        {side === 'both' ? <GoalsBoard /> : null}
        {groups.map((group) => (
          <GroupShelves
            key={group.id}
            group={group}
            groups={groups}
            areas={areas.filter(({ groupId }) => groupId === group.id)}
            arranging={arranging}
          />
        ))}
        {side === 'both' && (loose.length > 0 || unshelved.length > 0) ? (
          <Unshelved areas={loose} projects={unshelved} arranging={arranging} />
        ) : null}
        <Row gap="$2" flexWrap="wrap" paddingTop="$2.5">
          <NameLine
            label="New group"
            onMake={(name) => act('addGroup', { name, side: side === 'both' ? 'work' : side }).ok}
          />
        </Row>
        <Ended />
      </Column>
    </Carrying>
  )
}

/** What is in the hand. */
function Lifted({ id }: { readonly id: ShelfId }) {
  return <div className="lens-lifted">{useHeld((state) => nameOfRecord(state.document, id))}</div>
}

function NoShelves() {
  const act = useAct()
  return (
    <EmptyPlace says="Shelves hold what your days are made of: groups such as Practice or Home, areas in them that are never over, and on those your projects.">
      <NameLine label="New group" onMake={(name) => act('addGroup', { name, side: 'work' }).ok} />
    </EmptyPlace>
  )
}

function GroupShelves({
  group,
  groups,
  areas,
  arranging,
}: {
  group: Group
  groups: readonly Group[]
  areas: readonly Area[]
  arranging: boolean
}) {
  const act = useAct()
  const [isFolded] = useFolded(group.id)
  return (
    <Column render="section" aria-label={group.name} gap="$1.5">
      <GroupHead group={group} groups={groups} arranging={arranging} />
      {isFolded ? (
        <Words size="second" tone="inkSoft">
          {areas.map(({ name }) => name).join(', ') || 'No area yet'}
        </Words>
      ) : (
        <DropPlace place={{ kind: 'in', in: group.id }}>
          <Column gap="$1.5">
            {areas.map((area) => (
              <AreaShelf key={area.id} area={area} areas={areas} arranging={arranging} />
            ))}
          </Column>
        </DropPlace>
      )}
      {(areas.length === 0 || arranging) && !isFolded ? (
        <NameLine
          label={`New area in ${group.name}`}
          onMake={(name) => act('addArea', { name, groupId: group.id }).ok}
        />
      ) : null}
    </Column>
  )
}

/** A group's name with its seal; it is carried by it, and opened. */
function GroupHead({
  group,
  groups,
  arranging,
}: {
  group: Group
  groups: readonly Group[]
  arranging: boolean
}) {
  const { open } = useOpened()
  return (
    <div className="shelf-card group-head" data-of={group.id}>
      <BandHeading
        title={group.name}
        end={group.side}
        before={group.stamp ? <Seal stamp={group.stamp} ink={group.ink} size={22} /> : undefined}
      >
        {arranging ? (
          <RankButtons id={group.id} name={group.name} siblings={groups.map(({ id }) => id)} />
        ) : null}
        <IconButton
          data-row
          label={`Open ${group.name}`}
          icon="settings"
          tone="inkSoft"
          onPress={() => open(group.id)}
        />
        <FoldButton id={group.id} name={group.name} />
      </BandHeading>
    </div>
  )
}

function Unshelved({
  areas,
  projects,
  arranging,
}: {
  areas: readonly Area[]
  projects: readonly Project[]
  arranging: boolean
}) {
  return (
    <Column render="section" aria-label="On no shelf yet" gap="$1.5">
      <BandHeading title="On no shelf yet" />
      {areas.map((area) => (
        <AreaShelf key={area.id} area={area} areas={areas} arranging={arranging} />
      ))}
      {projects.length > 0 ? (
        <AreaShelf area={null} areas={[]} arranging={arranging} projects={projects} />
      ) : null}
    </Column>
  )
}
