import type { KindWords } from './kindWords'

export const reading: KindWords<'reading'> = {
  one: 'thing to read',
  many: 'things to read',
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
