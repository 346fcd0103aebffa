// The round itself: the stones, what the one stood on asks, and the way on.
import { useEffect, useRef, useState, type ComponentType, type KeyboardEvent } from 'react'
import { reviewFiguresOf } from '@/core/review'
import type { Action, Id, Review } from '@/core/record'
import { localMomentAt } from '@/core/time'
import { owned, select } from '@/state'
import { Button, Column, IconButton, MainBar, Row, Words } from '@/ui'
import { Stones } from '@/ui/Stones'
import { StationHead } from '@/frame/StationHead'
import { useAct, useToday, useZen } from '@/held/zen'
import { lastTimeWords, periodWords, questionWords, reviewWords } from '@/words/reviews'
import { useReads } from './reads'
import { faces } from './stones/faces'
import { QuestionStone } from './stones/QuestionStone'
import { useRound, useSeen, type StoneNow } from './useRound'

export interface FaceProps {
  readonly review: Review
  /** How many it has to look at. */
  readonly count: number
  /** What the main button does instead of going on, while there is a next thing to look at here. */
  readonly onWay: (way: Way | null) => void
}

export interface Way {
  readonly label: string
  readonly go: () => void
}

interface RoundProps {
  readonly review: Review
  readonly onLeave: () => void
  readonly onFinished: (id: Id<'review'>) => void
}

/** How long one was at a part that was left, in ms, until it is come back to. */
const staysLeft = new Map<string, number>()

export function ReviewRound({ review, onLeave, onFinished }: RoundProps) {
  const act = useAct()
  const { clock } = useZen()
  const body = useRef<HTMLDivElement>(null)
  const { id, rhythm } = review
  const round = useRound(review)
  const figuresNow = useFigures(review)
  const at = round.findIndex(({ here }) => here)
  const here = round[at]
  const [before, next] = [round[at - 1], round[at + 1]]
  const stay = `${id} ${here?.key}`
  const entered = useRef(clock.nowEpochMs())
  useEffect(() => {
    entered.current = clock.nowEpochMs() - (staysLeft.get(stay) ?? 0)
    staysLeft.delete(stay)
    body.current?.focus({ preventScroll: true })
    window.scrollTo({ top: 0 })
  }, [stay, clock])
  const spentMs = () => clock.nowEpochMs() - entered.current
  const leaving = () => ({
    spentMs: spentMs(),
    ...(here ? { met: here.count } : {}),
  })
  const step = (key: string, done: boolean) =>
    act('stepTo', { id, stone: key, done, ...leaving() }, { say: false })
  const leave = () => {
    // No act: to leave is nothing that could be undone.
    staysLeft.set(stay, spentMs())
    onLeave()
  }
  const finish = () => {
    const finished = act(
      'finishReview',
      { id, figures: figuresNow(), ...leaving() },
      { say: 'The review is finished and kept' },
    )
    if (finished.ok) onFinished(id)
  }
  const [way, setWay] = useState<Way | null>(null)
  const goOn = way?.go ?? (() => (next ? step(next.key, true) : finish()))
  /** Enter goes on where nothing else has it, and with Control from anywhere. */
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' || event.nativeEvent.isComposing) return
    if (event.target !== body.current && !event.ctrlKey && !event.metaKey) return
    event.preventDefault()
    event.stopPropagation()
    // What is being written is kept first; and what is gone with its card leaves the focus nowhere.
    body.current?.focus({ preventScroll: true })
    goOn()
  }
  return (
    <Column gap="$3">
      <StationHead
        label={reviewWords[rhythm]}
        title={periodWords(review)}
        tools={<IconButton label="Leave the review; it waits here" icon="close" onPress={leave} />}
      />
      <Stones label="Parts of the review" onStep={(key) => step(key, false)} stones={round} />
      <div
        ref={body}
        tabIndex={-1}
        role="group"
        aria-label={here?.label ?? 'Review'}
        data-quiet-focus
        onKeyDownCapture={onKeyDown}
      >
        {here ? <Face key={here.key} review={review} stone={here} onWay={setWay} /> : null}
      </div>
      <MainBar>
        <Row gap="$1">
          {before ? (
            <Button kind="quiet" label="Back" onPress={() => step(before.key, false)} />
          ) : (
            <Words size="second" tone="inkSoft">
              Left off? It waits here.
            </Words>
          )}
        </Row>
        <Button
          kind="main"
          label={way?.label ?? (next ? 'Next' : 'Finish the review')}
          aria-keyshortcuts="Control+Enter"
          onPress={goOn}
        />
      </MainBar>
    </Column>
  )
}

function Face({ review, stone, onWay }: Omit<FaceProps, 'count'> & { stone: StoneNow }) {
  const { reviews } = useReads()
  const { clock, store } = useZen()
  const today = useToday()
  const { document } = store.api.getState()
  const last = reviews.lastReviewOf(document, review.rhythm, review.startedAtEpochMs)
  const on = last?.finishedAtEpochMs ? localMomentAt(last.finishedAtEpochMs, clock.zone()).date : null
  const asked = stone.question ?? questionWords(review.rhythm, stone.key)
  const lastTime = lastTimeWords(stone.key, last, on, today)
  const Part: ComponentType<FaceProps> | undefined = Object.hasOwn(faces, stone.key)
    ? faces[stone.key as keyof typeof faces]
    : undefined
  return (
    <Column gap="$2.5">
      {asked === null && Part ? <Part review={review} count={stone.count} onWay={onWay} /> : null}
      {asked === null ? null : (
        <QuestionStone review={review} stone={stone.key} question={asked} last={last} lastOn={on} />
      )}
      {lastTime ? (
        <Words size="second" tone="inkSoft">
          {lastTime}
        </Words>
      ) : null}
    </Column>
  )
}

/** What is kept of the day a round is finished. */
function useFigures({ rhythm, periodFrom }: Review) {
  const { store, clock } = useZen()
  const { today, zone, side } = useSeen()
  const { reviews } = useReads()
  return () => {
    const { document } = store.api.getState()
    const held = {
      slipCount: select.slipsOf(document).length,
      projects: select.projectsOf(document),
      actions: select.actionsOf(document),
      minutesDone: (done: readonly Action[]) => owned.minutesDoneIn(document, done),
    }
    if (rhythm === 'week') return reviewFiguresOf(held, today, clock.zone())
    const period = reviews.periodOf(rhythm, periodFrom)
    // Thousands of actions would be no reading: of a long time the projects are told.
    const titles = reviews.finishedIn(document, period, zone, side).map(({ project }) => project.title)
    return { ...reviewFiguresOf(held, today, zone, period), doneTitles: titles }
  }
}
