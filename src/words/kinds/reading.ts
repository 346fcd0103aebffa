import type { KindWords } from './kindWords'

export const reading: KindWords<'reading'> = {
  singular: 'thing to read',
  plural: 'things to read',
  fields: {
    title: 'title',
    note: 'note',
    link: 'link',
    projectId: 'project',
    areaId: 'area',
    state: 'state',
    minutes: 'minutes',
    createdAtEpochMs: null,
    slipId: null,
    letGoAtEpochMs: null,
  },
}
