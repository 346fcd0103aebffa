// Groups with their areas, each area a shelf with its projects standing on it.
import { lazy, Suspense, useMemo } from 'react'
import { recordIn } from '@/core/journal'
import type { Area, Group, Project } from '@/core/record'
import { select } from '@/state'
import type { SideChoice } from '@/state/read/sides'
import { BandHeading, Column, EmptyPlace, IconButton, Row, Seal, Words } from '@/ui'
import { Carrying } from '@/parts/carrying/Carrying'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { NameLine } from '@/parts/text/NameLine'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument } from '@/held/zen'
import { nameOfRecord } from '@/words'
import { AreaShelf } from './AreaShelf'
import { Ended } from './Ended'
import { WhenNear } from '@/ui/WhenNear'
import { GoalsBoard } from './GoalsBoard'
import { FoldButton, useFolded } from './FoldButton'
import { RankButtons } from './RankButtons'
import type { TimeLineProps } from './timeline/TimeLine'
import { useDesk } from '@/held/desk'
import { useRemembered } from '@/held/useRemembered'
import type { ShelfId } from '@/parts/shelves/shelfActs'
import { useShelfLaying } from '@/parts/shelves/useShelfLaying'

const TimeLine = lazy(() => import('./timeline/TimeLine').then((part) => ({ default: part.TimeLine })))

/** Up to so many projects, all shelves are drawn, wherever one looks. */
const wholeUpTo = 120

const isOpenShelf = ({ closedAtEpochMs }: Area | Group) => closedAtEpochMs === null

export function AreaShelves({ side }: { side: SideChoice }) {
  const act = useAct()
  const document = useHeldDocument()
  const arranging = useDesk((state) => state.arranging)
  const [isOnLine] = useRemembered('shelves-on-line')
  const laying = useShelfLaying()
  const groups = useHeld((state) => select.groupsOf(state.document)).filter(
    (group) => isOpenShelf(group) && (side === 'both' || group.side === side),
  )
  const areas = useHeld((state) => select.areasOf(state.document)).filter(isOpenShelf)
  const loose = areas.filter(({ groupId }) => groupId === null || recordIn(document, groupId) === undefined)
  const unshelved = select.projectsOnNoArea(document)
  const isSmall = useHeld((state) => select.projectsOf(state.document).length) <= wholeUpTo
  if (groups.length === 0 && areas.length === 0 && unshelved.length === 0) return <NoShelves />
  if (isOnLine) {
    const areasOfSide = areas.filter(
      ({ groupId }) => side === 'both' || groups.some(({ id }) => id === groupId),
    )
    return (
      <TimeLineShelves
        areas={areasOfSide}
        projects={[
          ...areasOfSide.flatMap(({ id }) => select.projectsOfArea(document, id)),
          ...(side === 'both' ? unshelved : []),
        ]}
      />
    )
  }
  return (
    <Carrying lay={laying} among="shelves" lifted={(carried) => <Lifted id={carried} />}>
      <Column gap="$2.5">
        {side === 'both' ? <GoalsBoard /> : null}
        {groups.map((group, at) => (
          <GroupShelves
            key={group.id}
            isFirst={at === 0}
            isSmall={isSmall}
            group={group}
            groups={groups}
            areas={areas.filter(({ groupId }) => groupId === group.id)}
            arranging={arranging}
          />
        ))}
        {side === 'both' && (loose.length > 0 || unshelved.length > 0) ? (
          <Unshelved
            isSmall={isSmall}
            isAlone={groups.length === 0}
            areas={loose}
            projects={unshelved}
            arranging={arranging}
          />
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

function TimeLineShelves(props: TimeLineProps) {
  return (
    <Suspense fallback={null}>
      <TimeLine {...props} />
    </Suspense>
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

/** About as high as an area with a few projects, in px. */
const usualHeight = 320

function GroupShelves({
  group,
  groups,
  areas,
  arranging,
  isFirst,
  isSmall,
}: {
  group: Group
  groups: readonly Group[]
  areas: readonly Area[]
  arranging: boolean
  isFirst: boolean
  isSmall: boolean
}) {
  const siblings = useMemo(() => (arranging ? areas.map(({ id }) => id) : null), [arranging, areas])
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
          <WhenNear height={areas.length * usualHeight} isFirst={isFirst} always={isSmall}>
            <Column gap="$1.5">
              {areas.map((area, at) => (
                <AreaShelf
                  key={area.id}
                  area={area}
                  siblings={siblings}
                  arranging={arranging}
                  isFirst={isFirst && at === 0}
                  isSmall={isSmall}
                />
              ))}
            </Column>
          </WhenNear>
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
        before={group.letters ? <Seal letters={group.letters} ink={group.ink} size={22} /> : undefined}
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
  isAlone,
  isSmall,
}: {
  isAlone: boolean
  isSmall: boolean
  areas: readonly Area[]
  projects: readonly Project[]
  arranging: boolean
}) {
  const siblings = useMemo(() => (arranging ? areas.map(({ id }) => id) : null), [arranging, areas])
  return (
    <Column render="section" aria-label="No area yet" gap="$1.5">
      <BandHeading title="No area yet" />
      {areas.map((area) => (
        <AreaShelf
          key={area.id}
          area={area}
          siblings={siblings}
          arranging={arranging}
          isFirst={false}
          isSmall={isSmall}
        />
      ))}
      {projects.length > 0 ? (
        <AreaShelf
          area={null}
          siblings={null}
          arranging={arranging}
          projects={projects}
          isFirst={isAlone}
          isSmall={isSmall}
        />
      ) : null}
    </Column>
  )
}
