import type { KindWords } from './kindWords'

export const checklist: KindWords<'checklist'> = {
  singular: 'checklist',
  plural: 'checklists',
  fields: {
    name: 'name',
    ownerId: null,
    rank: null,
    createdAtEpochMs: null,
    letGoAtEpochMs: null,
  },
}
