import type { KindWords } from './kindWords'

export const stage: KindWords<'stage'> = {
  singular: 'stage',
  plural: 'stages',
  fields: {
    areaId: null,
    projectId: null,
    name: 'name',
    limit: 'limit',
    rank: null,
  },
}
