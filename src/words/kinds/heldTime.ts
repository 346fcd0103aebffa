import type { KindWords } from './kindWords'

export const heldTime: KindWords<'heldTime'> = {
  singular: 'held time',
  plural: 'held times',
  fields: { offerId: null, fromEpochMs: 'begins', toEpochMs: 'ends' },
}
