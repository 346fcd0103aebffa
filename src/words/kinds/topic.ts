import type { KindWords } from './kindWords'

export const topic: KindWords<'topic'> = {
  singular: 'thing to raise',
  plural: 'things to raise',
  fields: {
    ownerId: null,
    text: 'words',
    aboutId: null,
    createdAtEpochMs: null,
    raisedAtEpochMs: 'raised',
    raisedInId: 'raised in',
    rank: null,
  },
}
