import type { KindWords } from './kindWords'

export const reviewStone: KindWords<'reviewStone'> = {
  singular: 'part of the review',
  plural: 'parts of the review',
  fields: { rhythm: null, question: 'question', rank: null, isOff: 'left out', letGoAtEpochMs: null },
}
