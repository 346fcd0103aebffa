// The weekly review: begun, left, taken up again, finished and kept.
import { recordIn, recordsIn } from '@/core/journal'
import { blankOf, stones, titleLimit, type Id, type ReviewFigures, type Stone } from '@/core/record'
import { refuse } from '@/core/result'
import { weekStartOf } from '@/core/time'
import { added, change, diffOf, removed, type Command } from '../command'

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
  const lines = Object.entries(aims).map(([field, aim]) => [field, aim.replace(/\s+/g, ' ').trim()] as const)
  const isTooLong = lines.some(([, line]) => line.length > titleLimit)
  if (isTooLong) return refuse({ kind: 'tooLong', field: 'aim', limit: titleLimit })
  return change(context, id, () => Object.fromEntries(lines))
}

export const finishReview: Command<{ id: Id<'review'>; figures: ReviewFigures }> = (
  context,
  { id, figures },
) => change(context, id, () => ({ finishedAtEpochMs: context.nowEpochMs, stonesDone: [...stones], figures }))

/** Drops a review that was begun and is not wanted. */
export const dropReview: Command<{ id: Id<'review'> }> = (context, { id }) => {
  const review = recordIn(context.document, id)
  return review ? diffOf(removed(review)) : refuse({ kind: 'notFound' })
}
