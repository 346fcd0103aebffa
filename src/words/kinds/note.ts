import type { KindWords } from './kindWords'

export const note: KindWords<'note'> = {
  singular: 'note',
  plural: 'notes',
  fields: {
    title: 'title',
    note: 'note',
    date: 'day',
    personIds: 'people',
    projectId: 'project',
    areaId: 'area',
    createdAtEpochMs: null,
    letGoAtEpochMs: null,
  },
}
