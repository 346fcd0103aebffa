import type { KindWords } from './kindWords'

export const aside: KindWords<'aside'> = {
  singular: 'thing kept for the review',
  plural: 'things kept for the review',
  fields: {
    ofId: null,
    laidAtEpochMs: null,
  },
}
