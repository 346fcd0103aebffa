import type { KindWords } from './kindWords'

export const context: KindWords<'context'> = {
  singular: 'context',
  plural: 'contexts',
  fields: {
    name: 'name',
    parentId: 'within',
    hours: 'at hand',
    retiredAtEpochMs: null,
    rank: null,
  },
}
