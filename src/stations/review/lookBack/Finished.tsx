// The projects finished in a span: what each took against what it was meant to take, and how long it was there.
import { useMemo, useState } from 'react'
import type { DaySpan } from '@/core/lookBack'
import { daysBetween } from '@/core/time'
import type { SideChoice } from '@/state/read/sides'
import { select } from '@/state'
import { BandHeading, Button, Column, Seal, Words } from '@/ui'
import { useHeldDocument, useToday } from '@/held/zen'
import { useSurroundings } from '@/parts/rows/surroundings'
import { count, shortDate } from '@/words'
import { endedSaid } from '@/words/lookBack'
import { useReads } from '../reads'

const few = 12

export function Finished({ span, zone, side }: { span: DaySpan; zone: string; side: SideChoice }) {
  const { reviews } = useReads()
  const document = useHeldDocument()
  const today = useToday()
  const { open } = useSurroundings()
  const [isWhole, setWhole] = useState(false)
  const { from, to } = span
  const projects = useMemo(
    () => reviews.finishedIn(document, { from, to }, zone, side),
    [reviews, document, from, to, zone, side],
  )
  const shown = isWhole ? projects : projects.slice(0, few)
  return (
    <Column render="section" aria-label="Finished projects">
      <BandHeading title="Finished" end={count(projects.length, 'project')} />
      {projects.length === 0 ? (
        <Words size="second" tone="inkSoft">
          No project was finished in these days.
        </Words>
      ) : null}
      <ul>
        {shown.map(({ project, closedOn }) => {
          const seal = select.sealOf(document, { projectId: project.id, areaId: project.areaId })
          const ended = reviews.howItEnded(document, project, zone)
          return (
            <li key={project.id} className="group-line">
              <button type="button" className="group-open" data-row onClick={() => open(project.id)}>
                <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
                <span className="group-name">
                  <span className="group-title">{project.title}</span>
                  <span className="group-count">
                    {`${shortDate(closedOn, today)} · ${endedSaid(ended, daysBetween(ended.begunOn, closedOn))}`}
                  </span>
                </span>
              </button>
            </li>
          )
        })}
      </ul>
      {shown.length < projects.length ? (
        <Button kind="quiet" label={`See all ${projects.length}`} onPress={() => setWhole(true)} />
      ) : null}
    </Column>
  )
}
