// The projects, one after another as cards: each gets its next action, rests, is finished, or moves on as it is.
import { useLayoutEffect, useMemo, useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Id, Project } from '@/core/record'
import { localMomentAt } from '@/core/time'
import { lists, select } from '@/state'
import { atWorkOf } from '@/state/read/roundLists'
import { lazyPart } from '@/ui/lazyPart'
import { Button, Column, Press, Row, Seal, Sheet, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { NextAction } from '@/parts/project/NextAction'
import { useResting } from '@/parts/project/useResting'
import { ActionRow } from '@/parts/rows/ActionRow'
import { RowList } from '@/parts/rows/RowList'
import { count as counted, nearDate, shortened } from '@/words'
import type { FaceProps } from '../ReviewRound'
import { useSeen } from '../useRound'
import { ProjectsInOrder } from './ProjectsInOrder'
import { StoneHead } from './StoneHead'

const PaceLine = lazyPart(() => import('@/opened/Opened').then((opened) => opened.PaceLine))

/** Those that nothing moves on come first, each in its own order. */
function useCards({ looked }: FaceProps['review']) {
  const document = useHeldDocument()
  const { side, today } = useSeen()
  return useMemo(() => {
    const atWork = atWorkOf(document, side)
    const isStuck = ({ id }: Project) => !lists.nextActionOf(document, id, today)
    const known = new Set<string>(looked)
    const left = atWork.filter(({ id }) => !known.has(id))
    const stuck = atWork.filter(isStuck)
    return { atWork, stuck, first: left.find(isStuck) ?? left[0], left: left.length }
  }, [document, side, today, looked])
}

export function ProjectsStone({ review, onWay }: FaceProps) {
  const act = useAct()
  const { atWork, stuck, first, left } = useCards(review)
  const [isListed, setListed] = useState(false)
  const [chosenId, setChosenId] = useState<Id<'project'> | null>(null)
  // The card stays while its next action is said: it is gone on from by hand.
  const shown = atWork.find(({ id }) => id === chosenId) ?? first
  const shownId = shown?.id ?? null
  if (shownId !== chosenId) setChosenId(shownId)
  const isStuck = stuck.some(({ id }) => id === shownId)
  const title = shown ? shortened(shown.title) : ''
  // Before it is painted: a press never meets the button of the card before.
  useLayoutEffect(() => {
    if (shownId === null || isListed) return onWay(null)
    const goOn = () => {
      setChosenId(null)
      act('lookedAt', { id: review.id, ofId: shownId }, { say: `Moves on: ${title}` })
    }
    onWay({ label: isStuck ? 'Leave it' : 'Moves on', go: goOn })
    return () => onWay(null)
  }, [act, onWay, review.id, shownId, isStuck, isListed, title])
  const all = counted(atWork.length, 'open project')
  const heading =
    stuck.length === 0
      ? 'Every project has its next action'
      : `${counted(stuck.length, 'project')} ${stuck.length === 1 ? 'has' : 'have'} no next action`
  const toGo = left === 0 ? `All ${atWork.length} were looked at.` : `${left} of ${all} to look at.`
  return (
    <Column gap="$2.5">
      <StoneHead title={heading} says={atWork.length === 0 ? 'There is no open project.' : toGo} />
      {isListed ? <ProjectsInOrder projects={atWork} /> : null}
      {shown && !isListed ? <Card key={shown.id} project={shown} isStuck={isStuck} /> : null}
      {atWork.length > 1 ? (
        <Button
          kind="quiet"
          alignSelf="flex-start"
          label={isListed ? 'One after another' : 'All in their order'}
          onPress={() => setListed(!isListed)}
        />
      ) : null}
    </Column>
  )
}

function Card({ project, isStuck }: { project: Project; isStuck: boolean }) {
  const act = useAct()
  const rest = useResting()
  const document = useHeldDocument()
  const { today, zone } = useSeen()
  const { open } = useOpened()
  const { id, title, outcome } = project
  const seal = select.sealOf(document, { projectId: id, areaId: project.areaId })
  const next = lists.nextActionOf(document, id, today)
  const done = lists.doneWithWhole(document, id)
  const latest = done.reduce((at, { doneAtEpochMs }) => Math.max(at, doneAtEpochMs ?? 0), 0)
  const on = localMomentAt(latest || project.createdAtEpochMs, zone).date
  const goal = project.goalIds[0] ? recordIn(document, project.goalIds[0]) : undefined
  return (
    <Sheet render="article" aria-label={title} padding="$4" gap="$2.5">
      <Press gap="$3" justifyContent="flex-start" onPress={() => open(id)}>
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
        <Column flex={1} minWidth={0}>
          <Words strong>{title}</Words>
          {outcome ? (
            <Words size="second" tone="inkSoft" className="clamped two">
              {outcome}
            </Words>
          ) : null}
        </Column>
      </Press>
      {next ? (
        <RowList items={[next]} label="Next action" render={(action) => <ActionRow action={action} />} />
      ) : (
        <NextAction id={id} label={`Next action for ${title}`} isMain={false} />
      )}
      <PaceLine project={project} />
      <Words size="second" tone={isStuck ? 'clay' : 'inkSoft'}>
        {latest > 0 ? `Last moved ${nearDate(on, today)}` : `Nothing done yet, begun ${nearDate(on, today)}`}
        {goal ? ` · toward ${goal.title}` : ''}
      </Words>
      <Row gap="$1" flexWrap="wrap" marginLeft="$-2">
        <Button
          kind="quiet"
          label="Not now"
          aria-label={`Not now: ${title}`}
          onPress={() => rest(id, title)}
        />
        <Button
          kind="quiet"
          label="Finished"
          aria-label={`Finished: ${title}`}
          onPress={() =>
            act('setProjectState', { id, state: 'finished' }, { say: `Finished: ${shortened(title)}` })
          }
        />
      </Row>
    </Sheet>
  )
}
