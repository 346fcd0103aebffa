import type { KindWords } from './kindWords'

export const fact: KindWords<'fact'> = {
  singular: 'fact',
  plural: 'facts',
  fields: {
    ownerId: null,
    label: 'label',
    value: 'words',
    type: 'sort',
    rank: null,
  },
}
