// The one or two aims of a week: as they were set on its sheet, else in the review that looked ahead to it.
import { recordIn, type Document } from '@/core/journal'
import { aimedWeekOf, thursdayOf } from '@/core/review/aimedWeek'
import { localMomentAt, type CalendarDate } from '@/core/time'
import { planIdOf, reviewsOf, settingsOf } from './selectors'

export interface WeekAims {
  readonly firstAim: string
  readonly secondAim: string
}

/** Of a review that aims at the week from `first` on: what was set on that week meanwhile goes before. */
export function aimsInReview(document: Document, review: WeekAims, first: CalendarDate): WeekAims {
  const plan = recordIn(document, planIdOf(thursdayOf(first)))
  return {
    firstAim: plan?.firstAim ?? review.firstAim,
    secondAim: plan?.secondAim ?? review.secondAim,
  }
}

/** Of the week from `first` on. */
export function weekAims(document: Document, first: CalendarDate, zone: string): WeekAims {
  const { weekStartsOn } = settingsOf(document)
  const review = reviewsOf(document).find(({ rhythm, finishedAtEpochMs }) => {
    if (rhythm !== 'week' || finishedAtEpochMs === null) return false
    return aimedWeekOf(localMomentAt(finishedAtEpochMs, zone).date, weekStartsOn) === first
  })
  return aimsInReview(document, review ?? { firstAim: '', secondAim: '' }, first)
}
