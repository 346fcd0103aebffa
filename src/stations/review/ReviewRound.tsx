// The round itself: the stones, what the one stood on asks, and the way on.
import { useEffect, useRef } from 'react'
import { reviewFiguresOf } from '@/core/review'
import { stones, type Action, type Id, type Review, type Stone } from '@/core/record'
import { isoWeekOf } from '@/core/time'
import { owned, select } from '@/state'
import { Button, Column, IconButton, MainBar, Row, Words } from '@/ui'
import { Stones } from '@/ui/Stones'
import { StationHead } from '@/frame/StationHead'
import { stoneWords } from '@/words'
import { useAct, useToday, useZen } from '@/held/zen'
import { AimsStone } from './AimsStone'
import { DoneStone } from './DoneStone'
import { ProjectsStone } from './ProjectsStone'
import { TrayStone } from './TrayStone'
import { useStonesDone } from './useStonesDone'
import { WaitingStone } from './WaitingStone'

const faces: Readonly<Record<Stone, (props: { review: Review }) => React.ReactNode>> = {
  tray: TrayStone,
  projects: ProjectsStone,
  waiting: WaitingStone,
  done: DoneStone,
  aims: AimsStone,
}

export function ReviewRound({
  review,
  onLeave,
  onFinished,
}: {
  review: Review
  onLeave: () => void
  onFinished: (id: Id<'review'>) => void
}) {
  const act = useAct()
  const { store, clock } = useZen()
  const today = useToday()
  const body = useRef<HTMLDivElement>(null)
  const { id, stone } = review
  const Face = faces[stone]
  const isDone = useStonesDone(review)
  const next = stones[stones.indexOf(stone) + 1]
  const before = stones[stones.indexOf(stone) - 1]
  useEffect(() => {
    body.current?.focus({ preventScroll: true })
    window.scrollTo({ top: 0 })
  }, [stone])
  const finish = () => {
    const { document } = store.api.getState()
    const held = {
      slipCount: select.slipsOf(document).length,
      projects: select.projectsOf(document),
      actions: select.actionsOf(document),
      minutesDone: (done: readonly Action[]) => owned.minutesDoneIn(document, done),
    }
    const figures = reviewFiguresOf(held, today, clock.zone())
    if (act('finishReview', { id, figures }, { say: 'The review is finished and kept' }).ok) onFinished(id)
  }
  return (
    <Column gap="$3">
      <StationHead
        label="Weekly review"
        title={`Week ${isoWeekOf(review.weekOf)}`}
        tools={<IconButton label="Leave the review; it waits here" icon="close" onPress={onLeave} />}
      />
      <Stones
        label="Parts of the review"
        onStep={(key) => act('stepTo', { id, stone: key as Stone, done: false }, { say: false })}
        stones={stones.map((key) => ({
          key,
          label: stoneWords[key],
          done: isDone(key),
          passed: review.stonesDone.includes(key) && !isDone(key),
          here: key === stone,
        }))}
      />
      <div ref={body} tabIndex={-1} role="group" aria-label={stoneWords[stone]} data-quiet-focus>
        <Face review={review} />
      </div>
      <MainBar>
        <Row gap="$1">
          {before ? (
            <Button
              kind="quiet"
              label="Back"
              onPress={() => act('stepTo', { id, stone: before, done: false }, { say: false })}
            />
          ) : (
            <Words size="second" tone="inkSoft">
              Left off? It waits here.
            </Words>
          )}
        </Row>
        {next ? (
          <Button
            kind="main"
            label="Next"
            onPress={() => act('stepTo', { id, stone: next, done: true }, { say: false })}
          />
        ) : (
          <Button kind="main" label="Finish the review" onPress={finish} />
        )}
      </MainBar>
    </Column>
  )
}
