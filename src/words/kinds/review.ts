import type { KindWords } from './kindWords'

export const review: KindWords<'review'> = {
  singular: 'review',
  plural: 'reviews',
  fields: {
    weekOf: 'week',
    startedAtEpochMs: null,
    finishedAtEpochMs: null,
    stone: 'step',
    stonesDone: 'steps done',
    firstAim: 'first aim',
    secondAim: 'second aim',
    figures: null,
  },
}
