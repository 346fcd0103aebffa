import type { Review } from '@/core/record'
import { Button, EmptyPlace, Row } from '@/ui'
import { useAct } from '@/held/zen'
import { periodWords, reviewWords } from '@/words/reviews'
import { useRound } from './useRound'

/** A review that was begun: how far it is, and the way back into it. */
export function OpenReview({
  review,
  isMain = false,
  onEnter,
}: {
  readonly review: Review
  readonly isMain?: boolean
  readonly onEnter: (id: string | undefined) => void
}) {
  const act = useAct()
  const round = useRound(review)
  const here = round.find((stone) => stone.here)
  const been = round.filter(({ key }) => review.stonesDone.includes(key)).length
  const name = `${reviewWords[review.rhythm]} of ${periodWords(review)}`
  return (
    <EmptyPlace says={`${name}: ${been} of ${round.length}. Next is “${here?.label ?? 'Finish'}”.`}>
      <Row gap="$2.5" flexWrap="wrap">
        <Button kind={isMain ? 'main' : 'plain'} label="Go on" onPress={() => onEnter(review.id)} />
        <Button
          kind="quiet"
          label="Let go of this review"
          onPress={() => act('dropReview', { id: review.id }, { say: 'Review let go' })}
        />
      </Row>
    </EmptyPlace>
  )
}
