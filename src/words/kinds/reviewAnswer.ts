import type { KindWords } from './kindWords'

export const reviewAnswer: KindWords<'reviewAnswer'> = {
  singular: 'answer in a review',
  plural: 'answers in reviews',
  fields: { reviewId: 'review', stone: null, question: 'question', answer: 'answer' },
}
