// The weekly review: begun, left, taken up again, finished and kept.
import { recordIn, recordsIn } from '@/core/journal'
import { blankOf, stones, titleLimit, type Id, type ReviewFigures, type Stone } from '@/core/record'
import { refuse } from '@/core/result'
import { aimedWeekOf, thursdayOf } from '@/core/review/aimedWeek'
import { weekStartOf, type CalendarDate } from '@/core/time'
import { planIdOf } from '../../read/selectors'
import { settingsIn } from '../../read/settingsIn'
import { aimsInReview } from '../../read/weekAims'
import { added, change, diffOf, removed, together, type Command, type Outcome } from '../command'
import { planWith } from './days'

/** Begins a review, unless one is open already. */
export const startReview: Command<Record<string, never>> = (context) => {
  if (recordsIn(context.document, 'review').some(({ finishedAtEpochMs }) => finishedAtEpochMs === null))
    return refuse({ kind: 'nothingToDo' })
  return diffOf(
    added({
      ...blankOf('review'),
      id: context.newId('review'),
      weekOf: weekStartOf(context.moment.date),
      startedAtEpochMs: context.nowEpochMs,
      stone: 'tray',
    }),
  )
}

/** Goes to a stone; with `done`, the one stood on counts as finished. */
export const stepTo: Command<{ id: Id<'review'>; stone: Stone; done: boolean }> = (
  context,
  { id, stone, done },
) =>
  change(context, id, (review) => ({
    stone,
    stonesDone: done
      ? stones.filter((each) => review.stonesDone.includes(each) || each === review.stone)
      : review.stonesDone,
  }))

/** One or two aims for the week to come, each in its place: the first may be empty while the second is written. */
export const setAims: Command<{ id: Id<'review'>; firstAim?: string; secondAim?: string }> = (
  context,
  { id, ...aims },
) => {
  const { weekStartsOn } = settingsIn(context.document)
  const first = aimedWeekOf(context.moment.date, weekStartsOn)
  const ofWeek = recordIn(context.document, planIdOf(thursdayOf(first)))
  // What was set on the week itself is set anew with it.
  const isOwn = ofWeek !== undefined && (ofWeek.firstAim !== null || ofWeek.secondAim !== null)
  const inReview = () => aimsSet(aims, (lines) => change(context, id, () => lines))
  return together(isOwn ? [inReview, () => setWeekAims(context, { first, ...aims })] : [inReview], (set) =>
    set(),
  )
}

type Aims = { readonly firstAim?: string; readonly secondAim?: string }

function aimsSet(aims: Aims, set: (lines: Aims) => Outcome): Outcome {
  const lines = Object.entries(aims).map(([field, aim]) => [field, aim.replace(/\s+/g, ' ').trim()] as const)
  const isTooLong = lines.some(([, line]) => line.length > titleLimit)
  if (isTooLong) return refuse({ kind: 'tooLong', field: 'aim', limit: titleLimit })
  return set(Object.fromEntries(lines))
}

/** The aims of the week from `first` on, whatever a review said of them. */
export const setWeekAims: Command<{ first: CalendarDate } & Aims> = (context, { first, ...aims }) =>
  aimsSet(aims, (lines) => diffOf(planWith(context, thursdayOf(first), lines)))

export const finishReview: Command<{ id: Id<'review'>; figures: ReviewFigures }> = (
  context,
  { id, figures },
) =>
  change(context, id, (review) => ({
    finishedAtEpochMs: context.nowEpochMs,
    stonesDone: [...stones],
    figures,
    // What it aimed at in the end is kept with it.
    ...aimsInReview(
      context.document,
      { firstAim: review.firstAim, secondAim: review.secondAim },
      aimedWeekOf(context.moment.date, settingsIn(context.document).weekStartsOn),
    ),
  }))

/** Drops a review that was begun and is not wanted. */
export const dropReview: Command<{ id: Id<'review'> }> = (context, { id }) => {
  const review = recordIn(context.document, id)
  return review ? diffOf(removed(review)) : refuse({ kind: 'notFound' })
}
