// Reviews as they are read: their parts, what was answered, and when the last one was.
import { recordIn, recordsIn, type Document } from '@/core/journal'
import { isIdOf, type Id, type Review, type ReviewAnswer, type ReviewRhythm } from '@/core/record'
import { questionNames, stonesIn, type StoneOfRound } from '@/core/review/stones'
import { reviewsOf } from './selectors'

/** Every part of the reviews of a rhythm, those left out too. */
export const everyStoneOf = (document: Document, rhythm: ReviewRhythm): readonly StoneOfRound[] =>
  stonesIn(rhythm, recordsIn(document, 'reviewStone'))

/** The parts that are gone through. */
export const roundOf = (document: Document, rhythm: ReviewRhythm): readonly StoneOfRound[] =>
  everyStoneOf(document, rhythm).filter(({ isOff }) => !isOff)

/** One answer for each question of a review, wherever it is given. */
export const answerIdOf = (reviewId: Id<'review'>, stone: string): Id<'reviewAnswer'> =>
  `reviewAnswer:${reviewId.slice('review:'.length)}~${isIdOf('reviewStone', stone) ? stone.slice('reviewStone:'.length) : stone}`

export const answerOf = (
  document: Document,
  reviewId: Id<'review'>,
  stone: string,
): ReviewAnswer | undefined => recordIn(document, answerIdOf(reviewId, stone))

/** What was answered in a review, in the order of its parts; what is asked no longer comes last. */
export function answersOf(document: Document, { id, rhythm }: Review): readonly ReviewAnswer[] {
  const places = new Map(everyStoneOf(document, rhythm).map(({ key }, place) => [key, place]))
  return recordsIn(document, 'reviewAnswer')
    .filter(({ reviewId }) => reviewId === id)
    .sort((a, b) => (places.get(a.stone) ?? 999) - (places.get(b.stone) ?? 999))
}

/** The last finished review of a rhythm, or the one before a given one. */
export const lastReviewOf = (
  document: Document,
  rhythm: ReviewRhythm,
  before: number = Infinity,
): Review | undefined =>
  reviewsOf(document).find(
    (review) =>
      review.rhythm === rhythm && review.finishedAtEpochMs !== null && review.finishedAtEpochMs < before,
  )

/** Whether a part is a question, the program's or one's own. */
export const isAsked = (key: string): boolean =>
  isIdOf('reviewStone', key) || (questionNames as readonly string[]).includes(key)
