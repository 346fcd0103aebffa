import type { KindWords } from './kindWords'

export const context: KindWords<'context'> = {
  singular: 'context',
  plural: 'contexts',
  fields: {
    name: 'name',
    parentId: 'within',
    hours: 'at hand',
    minutesToGetThere: 'minutes to get there',
    retiredAtEpochMs: null,
    rank: null,
  },
}
