// One area as a shelf: its seal and sums at the left, its projects standing on the board, or going through its
// stages. The board is drawn while it is near what is looked at.
import { useMedia, View } from '@tamagui/core'
import { memo, useState } from 'react'
import type { Area, Id, Project } from '@/core/record'
import { select } from '@/state'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { NameLine } from '@/parts/text/NameLine'
import { ProjectLine, StageBoard } from '@/parts/shelves/lazyParts'
import { FromTemplate } from '@/parts/template/lazyTemplate'
import { areaPlace } from '@/parts/shelves/shelfPlaces'
import { useDense } from '@/held/useRemembered'
import { useAct, useHeld } from '@/held/zen'
import { Button, Column, Row } from '@/ui'
import { WhenNear } from '@/ui/WhenNear'
import { count } from '@/words'
import { AreaFace } from './AreaFace'
import { useFolded } from './FoldButton'
import { ProjectCard } from './ProjectCard'

interface AreaShelfProps {
  /** Null for projects that stand on no area. */
  readonly area: Area | null
  /** The areas it stands among, where they are being arranged. */
  readonly siblings: readonly Id<'area'>[] | null
  readonly arranging: boolean
  /** Instead of those of the area. */
  readonly projects?: readonly Project[]
  /** It is drawn with the page, not only when it is near. */
  readonly isFirst: boolean
  /** There is so little on the shelves that all of it is drawn. */
  readonly isSmall: boolean
}

/** So many projects of one area stand on its board; the rest when they are asked for. */
const fewProjects = 24

/** About how high a board is, before it has been drawn. */
const heightOf = (projects: number, isDense: boolean, wide: boolean): number => {
  const shown = Math.min(projects, fewProjects)
  if (isDense) return Math.ceil(shown / (wide ? 2 : 1)) * 45 + 60
  return wide ? Math.ceil(shown / 3) * 150 + 90 : shown * 140 + 60
}

export const AreaShelf = memo(function AreaShelf({
  area,
  siblings,
  arranging,
  projects: given,
  isFirst,
  isSmall,
}: AreaShelfProps) {
  const { wide } = useMedia()
  const ofArea = useHeld((state) => select.projectsOfArea(state.document, area?.id ?? null))
  const projects = given ?? ofArea
  const [isFolded] = useFolded(area?.id ?? 'none')
  const [isDense] = useDense()
  const isBeside = wide && !isDense
  return (
    <View
      flexDirection={isBeside ? 'row' : 'column'}
      gap={isBeside ? '$4' : '$1'}
      paddingTop={isBeside ? '$2.5' : '$1'}
    >
      {area ? <AreaFace area={area} projects={projects} siblings={siblings} isBeside={isBeside} /> : null}
      <Column flex={isBeside ? 1 : undefined} minWidth={0} justifyContent="flex-end">
        {isFolded ? (
          <Plank />
        ) : (
          <WhenNear height={heightOf(projects.length, isDense, wide)} isFirst={isFirst} always={isSmall}>
            <Board area={area} projects={projects} arranging={arranging} isDense={isDense} />
          </WhenNear>
        )}
      </Column>
    </View>
  )
})

const Plank = () => <View backgroundColor="$plankEdge" height={7} aria-hidden />

function Board({
  area,
  projects,
  arranging,
  isDense,
}: Pick<AreaShelfProps, 'area' | 'arranging'> & {
  readonly projects: readonly Project[]
  readonly isDense: boolean
}) {
  const act = useAct()
  const stages = useHeld((state) => select.stagesOf(state.document, area?.id ?? null))
  return (
    <>
      <DropPlace place={{ kind: 'in', in: areaPlace(area?.id ?? null) }}>
        {area && stages.length > 0 ? (
          <StageBoard owner={area} stages={stages} projects={projects} />
        ) : (
          <Standing area={area} projects={projects} arranging={arranging} isDense={isDense} />
        )}
      </DropPlace>
      <Plank />
      {area ? (
        <Row gap="$2" flexWrap="wrap">
          <NameLine
            label={`New project in ${area.name}`}
            onMake={(title) => act('addProject', { title, areaId: area.id }).ok}
          />
          <FromTemplate
            label="From a template"
            named={`New in ${area.name} from a template`}
            areaId={area.id}
          />
        </Row>
      ) : null}
    </>
  )
}

/** Its projects side by side, or a line each where they stand denser. */
function Standing({ area, projects, arranging, isDense }: Parameters<typeof Board>[0]) {
  const [isWhole, setWhole] = useState(false)
  const siblings = arranging ? projects.map(({ id }) => id) : null
  const shown = isWhole ? projects : projects.slice(0, fewProjects)
  return (
    <>
      <ul
        aria-label={area ? `Projects in ${area.name}` : 'Projects on no area'}
        className={isDense ? 'shelf-lines' : 'project-cards'}
      >
        {shown.map((project) =>
          isDense ? (
            <ProjectLine key={project.id} project={project} />
          ) : (
            <ProjectCard key={project.id} project={project} siblings={siblings} />
          ),
        )}
      </ul>
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
