import type { KindWords } from './kindWords'

export const context: KindWords<'context'> = {
  one: 'context',
  many: 'contexts',
  fields: {
    name: 'name',
    parentId: 'within',
    hours: 'at hand',
    retiredAtEpochMs: null,
    rank: null,
  },
}
