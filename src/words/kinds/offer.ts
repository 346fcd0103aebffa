import type { KindWords } from './kindWords'

export const offer: KindWords<'offer'> = {
  singular: 'offer of times',
  plural: 'offers of times',
  fields: { title: 'title', minutes: 'minutes', personId: 'person', zone: 'time zone', madeAtEpochMs: null },
}
