// Groups with their areas, each area a shelf with its projects standing on it.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Area, Group, Project, Side } from '@/core/record'
import { select } from '@/state'
import { BandHeading, Button, Column, EmptyPlace, IconButton, Row } from '@/ui'
import { NameLine } from '@/parts/text/NameLine'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument } from '@/held/zen'
import { AreaShelf } from './AreaShelf'
import { Ended } from './Ended'
import { RankButtons } from './RankButtons'

/** The side of life whose groups are shown. */
export type SideChoice = Side | 'both'

const isOpenShelf = ({ closedAtEpochMs }: Area | Group) => closedAtEpochMs === null

export function AreaShelves({ side }: { side: SideChoice }) {
  const act = useAct()
  const document = useHeldDocument()
  const [arranging, setArranging] = useState(false)
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
    <Column gap="$2.5">
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
        <Button
          kind="quiet"
          label={arranging ? 'Arranged' : 'Arrange'}
          aria-pressed={arranging}
          onPress={() => setArranging(!arranging)}
        />
      </Row>
      <Ended />
    </Column>
  )
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
  const { open } = useOpened()
  return (
    <Column render="section" aria-label={group.name} gap="$1.5">
      <BandHeading title={group.name} end={group.side}>
        {arranging ? (
          <RankButtons id={group.id} name={group.name} siblings={groups.map(({ id }) => id)} />
        ) : null}
        {arranging ? (
          <IconButton label={`Open ${group.name}`} icon="settings" onPress={() => open(group.id)} />
        ) : null}
      </BandHeading>
      {areas.map((area) => (
        <AreaShelf key={area.id} area={area} areas={areas} arranging={arranging} />
      ))}
      {areas.length === 0 || arranging ? (
        <NameLine
          label={`New area in ${group.name}`}
          onMake={(name) => act('addArea', { name, groupId: group.id }).ok}
        />
      ) : null}
    </Column>
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
