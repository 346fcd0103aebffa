import type { KindWords } from './kindWords'

export const stage: KindWords<'stage'> = {
  one: 'stage',
  many: 'stages',
  fields: {
    areaId: null,
    projectId: null,
    name: 'name',
    limit: 'limit',
    rank: null,
  },
}
