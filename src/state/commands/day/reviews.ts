// Reviews: begun, left, taken up again, finished and kept.
import { recordIn, recordsIn, updateOf } from '@/core/journal'
import {
  blankOf,
  noteLimit,
  titleLimit,
  type Id,
  type Review,
  type ReviewFigures,
  type ReviewRhythm,
} from '@/core/record'
import { refuse } from '@/core/result'
import { aimedWeekOf, thursdayOf } from '@/core/review/aimedWeek'
import { periodToReview } from '@/core/review/periods'
import { stonesOf } from '@/core/review/stones'
import type { CalendarDate } from '@/core/time'
import { answerIdOf, roundOf } from '../../read/reviews'
import { planIdOf } from '../../read/selectors'
import { settingsIn } from '../../read/settingsIn'
import { aimsInReview } from '../../read/weekAims'
import { added, change, diffOf, removed, together, type Command, type Outcome } from '../command'
import { planWith } from './days'

/** Begins a review of a rhythm, unless one of that rhythm is open already. */
export const startReview: Command<{ rhythm?: ReviewRhythm }> = (context, { rhythm = 'week' }) => {
  const isOpen = (review: Review) => review.rhythm === rhythm && review.finishedAtEpochMs === null
  if (recordsIn(context.document, 'review').some(isOpen)) return refuse({ kind: 'nothingToDo' })
  const first = roundOf(context.document, rhythm)[0]
  return diffOf(
    added({
      ...blankOf('review'),
      id: context.newId('review'),
      rhythm,
      periodFrom: periodToReview(rhythm, context.moment.date),
      startedAtEpochMs: context.nowEpochMs,
      stone: first?.key ?? stonesOf[rhythm][0],
    }),
  )
}

/** What a round tells of the stone that is left: how many it had to look at, and for how long one was there. */
interface Leaving {
  readonly met?: number
  readonly spentMs?: number
}
/** So much at most is counted of one stay: who was away longer was not reviewing. */
const longestStayMs = 30 * 60_000

const leftBehind = ({ stone, met, spentMs }: Review, leaving: Leaving): Partial<Review> => ({
  ...(leaving.met === undefined || stone in met ? {} : { met: { ...met, [stone]: leaving.met } }),
  ...(leaving.spentMs === undefined
    ? {}
    : {
        spentMs: {
          ...spentMs,
          [stone]: (spentMs[stone] ?? 0) + Math.min(longestStayMs, Math.max(0, Math.round(leaving.spentMs))),
        },
      }),
})

/** Goes to a stone; with `done`, the one stood on counts as finished. */
export const stepTo: Command<{ id: Id<'review'>; stone: string; done: boolean } & Leaving> = (
  context,
  { id, stone, done, ...leaving },
) =>
  change(context, id, (review) => ({
    ...leftBehind(review, leaving),
    stone,
    stonesDone: done ? [...new Set([...review.stonesDone, review.stone])].sort() : review.stonesDone,
  }))

/** Of something that was looked at in a review: it stays as it is. */
export const lookedAt: Command<{ id: Id<'review'>; ofId: Id<'action'> | Id<'project'> }> = (
  context,
  { id, ofId },
) => change(context, id, ({ looked }) => ({ looked: [...new Set([...looked, ofId])].sort() }))

/** What is answered to a question of a review; an empty answer takes it away. */
export const editAnswer: Command<{
  id: Id<'review'>
  stone: string
  question: string
  answer: string
}> = (context, { id, stone, question, answer }) => {
  if (!recordIn(context.document, id)) return refuse({ kind: 'notFound' })
  if (answer.length > noteLimit) return refuse({ kind: 'tooLong', field: 'answer', limit: noteLimit })
  const answerId = answerIdOf(id, stone)
  const before = recordIn(context.document, answerId)
  if (answer.trim() === '') return before ? diffOf(removed(before)) : refuse({ kind: 'nothingToDo' })
  if (before) return diffOf(updateOf(before, { question, answer }))
  return diffOf(added({ id: answerId, reviewId: id, stone, question, answer }))
}

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

export const finishReview: Command<{ id: Id<'review'>; figures: ReviewFigures } & Leaving> = (
  context,
  { id, figures, ...leaving },
) =>
  change(context, id, (review) => ({
    ...leftBehind(review, leaving),
    finishedAtEpochMs: context.nowEpochMs,
    stonesDone: [...new Set([...review.stonesDone, review.stone])].sort(),
    figures,
    // What it aimed at in the end is kept with it.
    ...(review.rhythm === 'week'
      ? aimsInReview(
          context.document,
          { firstAim: review.firstAim, secondAim: review.secondAim },
          aimedWeekOf(context.moment.date, settingsIn(context.document).weekStartsOn),
        )
      : {}),
  }))

/** Drops a review that was begun and is not wanted, with what was answered in it. */
export const dropReview: Command<{ id: Id<'review'> }> = (context, { id }) => {
  const review = recordIn(context.document, id)
  if (!review) return refuse({ kind: 'notFound' })
  const answers = recordsIn(context.document, 'reviewAnswer').filter(({ reviewId }) => reviewId === id)
  return diffOf(removed(review), ...answers.map(removed))
}
