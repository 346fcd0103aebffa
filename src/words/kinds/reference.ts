import type { KindWords } from './kindWords'

export const reference: KindWords<'reference'> = {
  one: 'reference',
  many: 'references',
  fields: {
    title: 'title',
    note: 'note',
    link: 'link',
    projectId: 'project',
    areaId: 'area',
    createdAtEpochMs: null,
    slipId: null,
    letGoAtEpochMs: null,
  },
}
