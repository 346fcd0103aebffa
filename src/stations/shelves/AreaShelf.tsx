// One area as a shelf: its seal and sums at the left, its projects standing on the board, or going through its stages.
import { useMedia, View } from '@tamagui/core'
import { useState } from 'react'
import type { Area, Project } from '@/core/record'
import { addDays, weekStartOf } from '@/core/time'
import { select } from '@/state'
import { lookThroughOn, shelfSumsOf } from '@/state/shelfSums'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { Button, Column, Press, Row, Seal, Unseen, Words } from '@/ui'
import { NameLine } from '@/parts/text/NameLine'
import { useOpened } from '@/held/useOpened'
import { count, duration, nearDate } from '@/words'
import { useAct, useHeld, useHeldDocument, useToday } from '@/held/zen'
import { FromPattern } from './FromPattern'
import { FoldButton, useFolded } from './FoldButton'
import { RankButtons } from './RankButtons'
import { ProjectCard } from './ProjectCard'
import { ProjectLine } from './ProjectLine'
import { StageBoard } from './StageBoard'
import { useDense } from './useRemembered'
import { areaPlace } from './useShelfLaying'

interface AreaShelfProps {
  /** Null for projects that stand on no area. */
  readonly area: Area | null
  readonly areas: readonly Area[]
  readonly arranging: boolean
  readonly projects?: readonly Project[]
}

/** So many projects of one area stand on its board; the rest when they are asked for. */
const fewProjects = 24

export function AreaShelf({ area, areas, arranging, projects: given }: AreaShelfProps) {
  const act = useAct()
  const { wide } = useMedia()
  const ofArea = useHeld((state) => select.projectsOfArea(state.document, area?.id ?? ''))
  const stages = select.stagesOfArea(useHeldDocument(), area?.id ?? null)
  const projects = given ?? ofArea
  const [isFolded] = useFolded(area?.id ?? 'none')
  const [isDense] = useDense()
  const isAside = wide && !isDense
  return (
    <View flexDirection={isAside ? 'row' : 'column'} gap={isAside ? '$4' : '$1'} paddingTop="$2.5">
      {area ? <AreaFace area={area} projects={projects} areas={areas} arranging={arranging} /> : null}
      <Column flex={isAside ? 1 : undefined} minWidth={0} justifyContent="flex-end">
        {isFolded ? null : (
          <DropPlace place={{ kind: 'in', in: areaPlace(area?.id ?? null) }}>
            {area && stages.length > 0 ? (
              <StageBoard area={area} stages={stages} projects={projects} />
            ) : (
              <Standing area={area} projects={projects} arranging={arranging} />
            )}
          </DropPlace>
        )}
        <View backgroundColor="$plankEdge" height={7} aria-hidden />
        {area && !isFolded ? (
          <Row gap="$2" flexWrap="wrap">
            <NameLine
              label={`New project in ${area.name}`}
              onMake={(title) => act('addProject', { title, areaId: area.id }).ok}
            />
            <FromPattern areaId={area.id} name={area.name} />
          </Row>
        ) : null}
      </Column>
    </View>
  )
}

/** Its projects side by side, or a line each where they stand denser. */
function Standing({
  area,
  projects,
  arranging,
}: Pick<AreaShelfProps, 'area' | 'arranging'> & { readonly projects: readonly Project[] }) {
  const { wide } = useMedia()
  const [isDense] = useDense()
  const [isWhole, setWhole] = useState(false)
  const siblings = projects.map(({ id }) => id)
  const shown = isWhole ? projects : projects.slice(0, fewProjects)
  const label = area ? `Projects in ${area.name}` : 'Projects on no area'
  return (
    <>
      {isDense ? (
        <ul aria-label={label} className="shelf-lines">
          {shown.map((project) => (
            <ProjectLine key={project.id} project={project} />
          ))}
        </ul>
      ) : (
        <View
          render="ul"
          aria-label={label}
          flexDirection="row"
          flexWrap="wrap"
          gap="$2.5"
          rowGap={wide ? '$5' : '$2'}
          alignItems="flex-end"
          paddingTop="$2"
          minHeight={wide ? 84 : 0}
          overflow="hidden"
          paddingBottom={wide ? '$2' : '$0'}
          marginBottom={wide ? '$-2' : '$0'}
        >
          {shown.map((project) => (
            <ProjectCard key={project.id} project={project} siblings={siblings} arranging={arranging} />
          ))}
        </View>
      )}
      {shown.length < projects.length ? (
        <Row paddingVertical="$1">
          <Button
            kind="quiet"
            label={`See all ${count(projects.length, 'project')}`}
            onPress={() => setWhole(true)}
          />
        </Row>
      ) : null}
    </>
  )
}

function AreaFace({
  area,
  projects,
  areas,
  arranging,
}: {
  area: Area
  projects: readonly Project[]
  areas: readonly Area[]
  arranging: boolean
}) {
  const { open } = useOpened()
  const { wide } = useMedia()
  const [isDense] = useDense()
  const [isFolded] = useFolded(area.id)
  // Beside its board, or as its heading where there is no room beside it.
  const isAside = wide && !isDense
  return (
    <Column
      className="shelf-card area-face"
      data-of={area.id}
      width={isAside ? 158 : undefined}
      flexShrink={0}
      gap="$0.5"
      justifyContent="flex-end"
      paddingBottom={isAside && !isFolded ? '$13' : '$0'}
    >
      <Row alignItems={isAside ? 'flex-start' : 'center'}>
        <Press
          data-row
          flex={1}
          onPress={() => open(area.id)}
          flexDirection={isAside ? 'column' : 'row'}
          alignItems={isAside ? 'flex-start' : 'center'}
          gap={isAside ? '$1.5' : '$2.5'}
        >
          <Seal stamp={area.stamp} ink={area.ink} size={isDense ? 28 : 36} />
          <Column flexShrink={1} minWidth={0}>
            <Words render="h3" size="large" fontFamily="$heading" fontWeight="500">
              <Unseen>Open </Unseen>
              {area.name}
            </Words>
            <Sums area={area} projects={projects} isAside={isAside} />
          </Column>
        </Press>
        <FoldButton id={area.id} name={area.name} />
      </Row>
      {arranging ? (
        <Row>
          <RankButtons id={area.id} name={area.name} siblings={areas.map(({ id }) => id)} />
        </Row>
      ) : null}
    </Column>
  )
}

/** How much is open on it, what has no next action, and whether it is time to look it through. */
function Sums({ area, projects, isAside }: { area: Area; projects: readonly Project[]; isAside: boolean }) {
  const document = useHeldDocument()
  const today = useToday()
  const { weekStartsOn } = select.settingsOf(document)
  const weekEnd = addDays(weekStartOf(today, weekStartsOn), 6)
  const sums = shelfSumsOf(document, area, projects, today, weekEnd)
  const lookOn = lookThroughOn(area, today)
  const told = [
    count(projects.length, 'project'),
    count(sums.actions, 'action'),
    sums.minutes > 0 ? duration(sums.minutes) : null,
    sums.weekMinutes > 0 ? `${duration(sums.weekMinutes)} this week` : null,
  ].filter(Boolean)
  const clay = [
    sums.withoutNext > 0 ? `${sums.withoutNext} without a next action` : null,
    lookOn !== null && lookOn <= today
      ? `to be looked through${area.lookedOn ? ` since ${nearDate(lookOn, today)}` : ''}`
      : null,
  ].filter((words) => words !== null)
  return (
    <>
      <Words size="small" tone="inkSoft">
        {isAside
          ? told.map((words, at) => (
              <span key={words}>
                {at > 0 ? <br /> : null}
                {words}
              </span>
            ))
          : told.join(' · ')}
      </Words>
      {clay.map((words) => (
        <Words key={words} size="small" tone="clay">
          {words}
        </Words>
      ))}
    </>
  )
}
