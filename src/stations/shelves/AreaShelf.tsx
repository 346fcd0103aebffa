// One area as a shelf: its seal and sum at the left, its projects standing on the board.
import { useMedia, View } from '@tamagui/core'
import { minutesOf } from '@/core/day'
import type { Area, Project } from '@/core/record'
import { lists, select } from '@/state'
import { Column, Press, Row, Seal, Unseen, Words } from '@/ui'
import { NameLine } from '@/parts/text/NameLine'
import { useOpened } from '@/held/useOpened'
import { count, duration } from '@/words'
import { useAct, useHeld, useHeldDocument } from '@/held/zen'
import { RankButtons } from './RankButtons'
import { ProjectCard } from './ProjectCard'

interface AreaShelfProps {
  /** Null for projects that stand on no area. */
  readonly area: Area | null
  readonly areas: readonly Area[]
  readonly arranging: boolean
  readonly projects?: readonly Project[]
}

export function AreaShelf({ area, areas, arranging, projects: given }: AreaShelfProps) {
  const act = useAct()
  const { wide } = useMedia()
  const ofArea = useHeld((state) => select.projectsOfArea(state.document, area?.id ?? ''))
  const projects = given ?? ofArea
  const siblings = projects.map(({ id }) => id)
  return (
    <View flexDirection={wide ? 'row' : 'column'} gap={wide ? '$4' : '$1'} paddingTop="$2.5">
      {area ? <AreaFace area={area} projects={projects} areas={areas} arranging={arranging} /> : null}
      <Column flex={wide ? 1 : undefined} minWidth={0}>
        <View
          render="ul"
          aria-label={area ? `Projects in ${area.name}` : 'Projects on no area'}
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
          {projects.map((project) => (
            <ProjectCard key={project.id} project={project} siblings={siblings} arranging={arranging} />
          ))}
        </View>
        <View backgroundColor="$plankEdge" height={7} aria-hidden />
        {area ? (
          <NameLine
            label={`New project in ${area.name}`}
            onMake={(title) => act('addProject', { title, areaId: area.id }).ok}
          />
        ) : null}
      </Column>
    </View>
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
  const document = useHeldDocument()
  const mine = [
    ...lists.actionsOfArea(document, area.id).filter(({ projectId }) => projectId === null),
    ...projects.flatMap(({ id }) => lists.actionsOfProject(document, id)),
  ]
  const minutes = minutesOf(mine)
  return (
    <Column
      width={wide ? 150 : undefined}
      flexShrink={0}
      gap="$0.5"
      justifyContent="flex-end"
      paddingBottom={wide ? '$13' : '$0'}
    >
      <Press
        onPress={() => open(area.id)}
        flexDirection={wide ? 'column' : 'row'}
        alignItems={wide ? 'flex-start' : 'center'}
        gap={wide ? '$1.5' : '$2.5'}
      >
        <Seal stamp={area.stamp} ink={area.ink} size={36} />
        <Column flexShrink={1} minWidth={0}>
          <Words render="h3" size="large" fontFamily="$heading" fontWeight="500">
            <Unseen>Open </Unseen>
            {area.name}
          </Words>
          <Words size="small" tone="inkSoft">
            {count(projects.length, 'project')}
            {wide ? <br /> : ' · '}
            {count(mine.length, 'action')}
            {minutes > 0 ? ` · ${duration(minutes)}` : ''}
          </Words>
        </Column>
      </Press>
      {arranging ? (
        <Row>
          <RankButtons id={area.id} name={area.name} siblings={areas.map(({ id }) => id)} />
        </Row>
      ) : null}
    </Column>
  )
}
