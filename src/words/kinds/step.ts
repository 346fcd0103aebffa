import type { KindWords } from './kindWords'

export const step: KindWords<'step'> = {
  singular: 'step',
  plural: 'steps',
  fields: {
    ownerId: null,
    underId: null,
    title: 'title',
    rank: null,
    doneAtEpochMs: null,
  },
}
