import type { KindWords } from './kindWords'

export const review: KindWords<'review'> = {
  singular: 'review',
  plural: 'reviews',
  fields: {
    rhythm: null,
    periodFrom: 'of',
    startedAtEpochMs: null,
    finishedAtEpochMs: null,
    stone: 'step',
    stonesDone: 'steps done',
    met: null,
    spentMs: null,
    looked: null,
    firstAim: 'first aim',
    secondAim: 'second aim',
    figures: null,
  },
}
