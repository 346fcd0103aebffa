import type { KindWords } from './kindWords'

export const reference: KindWords<'reference'> = {
  singular: 'reference',
  plural: 'references',
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
