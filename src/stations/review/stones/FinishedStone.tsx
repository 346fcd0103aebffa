import type { Project } from '@/core/record'
import { stoppedIn } from '@/state/read/roundLists'
import { BandHeading, Column, Press, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { useHeldDocument } from '@/held/zen'
import { count } from '@/words'
import type { FaceProps } from '../ReviewRound'
import { useReads } from '../reads'
import { useSeen } from '../useRound'
import { StoneHead } from './StoneHead'

/** The projects that were finished, and those that were given up. */
export function FinishedStone({ review: { rhythm, periodFrom } }: FaceProps) {
  const { reviews } = useReads()
  const { zone, side } = useSeen()
  const document = useHeldDocument()
  const period = reviews.periodOf(rhythm, periodFrom)
  const finished = reviews.finishedIn(document, period, zone, side).map(({ project }) => project)
  const stopped = stoppedIn(document, period, zone, side)
  return (
    <Column gap="$2.5">
      <StoneHead title={`${count(finished.length, 'project')} finished, ${stopped.length} let go`} />
      <Projects title="Finished" projects={finished} />
      <Projects title="Let go" projects={stopped} />
    </Column>
  )
}

function Projects({ title, projects }: { title: string; projects: readonly Project[] }) {
  const { open } = useOpened()
  if (projects.length === 0) return null
  return (
    <Column render="section" aria-label={title}>
      <BandHeading title={title} end={String(projects.length)} />
      <Column render="ul">
        {projects.map((project) => (
          <Column key={project.id} render="li" borderBottomWidth={1} borderColor="$rule">
            <Press minHeight={48} justifyContent="flex-start" onPress={() => open(project.id)} data-row>
              <Words>{project.title}</Words>
            </Press>
          </Column>
        ))}
      </Column>
    </Column>
  )
}
