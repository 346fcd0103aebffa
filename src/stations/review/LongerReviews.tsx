// Reviews of a month, a quarter and a year: which is due is said here, and nowhere else.
import type { ReviewRhythm } from '@/core/record'
import { localMomentAt } from '@/core/time'
import { select } from '@/state'
import { firstDayOf } from '@/state/read/roundLists'
import { BandHeading, Button, Column, Row, Words } from '@/ui'
import { useAct, useHeldDocument, useZen } from '@/held/zen'
import { nearDate } from '@/words'
import { periodWords } from '@/words/reviews'
import { OpenReview } from './OpenReview'
import { PartsOfReview } from './PartsOfReview'
import { useReads } from './reads'
import { useSeen } from './useRound'

const longer: readonly Exclude<ReviewRhythm, 'week'>[] = ['month', 'quarter', 'year']
const names = { month: 'Month', quarter: 'Quarter', year: 'Year' } as const

export function LongerReviews({ onEnter }: { onEnter: (id: string | undefined) => void }) {
  const document = useHeldDocument()
  const open = select
    .reviewsOf(document)
    .filter(({ rhythm, finishedAtEpochMs }) => rhythm !== 'week' && finishedAtEpochMs === null)
  return (
    <Column render="section" aria-label="Month, quarter and year" gap="$1">
      <BandHeading title="Month, quarter and year" />
      {open.map((review) => (
        <OpenReview key={review.id} review={review} onEnter={onEnter} />
      ))}
      {longer
        .filter((rhythm) => !open.some((review) => review.rhythm === rhythm))
        .map((rhythm) => (
          <Longer key={rhythm} rhythm={rhythm} onEnter={onEnter} />
        ))}
    </Column>
  )
}

function Longer({
  rhythm,
  onEnter,
}: {
  rhythm: (typeof longer)[number]
  onEnter: (id: string | undefined) => void
}) {
  const act = useAct()
  const { store } = useZen()
  const { reviews } = useReads()
  const { today, zone } = useSeen()
  const document = useHeldDocument()
  const periodFrom = reviews.periodToReview(rhythm, today)
  const isDue = reviews.isDue(rhythm, today, select.reviewsOf(document), firstDayOf(document, zone))
  const last = reviews.lastReviewOf(document, rhythm)
  const on = last?.finishedAtEpochMs ? localMomentAt(last.finishedAtEpochMs, zone).date : null
  const state = on ? `last one ${nearDate(on, today)}` : 'none yet'
  return (
    <Row gap="$2" minHeight={60} borderBottomWidth={1} borderColor="$rule">
      <Column flex={1} minWidth={0}>
        <Words>{names[rhythm]}</Words>
        <Words size="second" tone={isDue ? 'brass' : 'inkSoft'}>
          {isDue ? `${periodWords({ rhythm, periodFrom })} is due` : state}
        </Words>
      </Column>
      <PartsOfReview rhythm={rhythm} />
      <Button
        label="Start"
        aria-label={`Start the review of ${periodWords({ rhythm, periodFrom })}`}
        onPress={() => {
          const begun = act('startReview', { rhythm }, { say: false })
          if (begun.ok) onEnter(select.reviewsOf(store.api.getState().document)[0]?.id)
        }}
      />
    </Row>
  )
}
