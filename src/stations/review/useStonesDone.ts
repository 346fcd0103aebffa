// Which parts of a review are done, as it is just now: what is left over was passed, not done.
import { aimedWeekOf, aimsOf } from '@/core/review/aimedWeek'
import type { Review, Stone } from '@/core/record'
import { lists, select } from '@/state'
import { aimsInReview } from '@/state/read/weekAims'
import { useCameBack } from '@/parts/rows/CameBack'
import { useHeld, useToday } from '@/held/zen'
import { useReviewBox } from './useReviewBox'
import { useStandingProjects } from './useStandingProjects'

export function useStonesDone(review: Review): (stone: Stone) => boolean {
  const today = useToday()
  const back = useCameBack().length
  const slips = useHeld(({ document }) => select.slipsOf(document).length)
  const laid = useReviewBox().length
  const stuck = useStandingProjects().standing.length
  const late = useHeld(
    ({ document }) =>
      lists.waitingOf(document).filter(({ waiting }) => waiting?.chaseOn && waiting.chaseOn <= today).length,
  )
  const aims = useHeld(({ document }) => {
    const first = aimedWeekOf(today, select.settingsOf(document).weekStartsOn)
    return aimsOf(aimsInReview(document, review, first)).length
  })
  const isDone: Readonly<Record<Stone, boolean>> = {
    tray: slips + back + laid === 0,
    projects: stuck === 0,
    waiting: late === 0,
    done: review.stonesDone.includes('done'),
    aims: aims > 0,
  }
  // Nothing is done before one has been there.
  return (stone) => isDone[stone] && (stone === review.stone || review.stonesDone.includes(stone))
}
