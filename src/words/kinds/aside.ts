import type { KindWords } from './kindWords'

export const aside: KindWords<'aside'> = {
  one: 'thing kept for the review',
  many: 'things kept for the review',
  fields: {
    ofId: null,
    laidAtEpochMs: null,
  },
}
