import type { KindWords } from './kindWords'

export const step: KindWords<'step'> = {
  one: 'step',
  many: 'steps',
  fields: {
    ownerId: null,
    underId: null,
    title: 'title',
    rank: null,
    doneAtEpochMs: null,
  },
}
