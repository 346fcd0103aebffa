import type { KindWords } from './kindWords'

export const checklist: KindWords<'checklist'> = {
  one: 'checklist',
  many: 'checklists',
  fields: {
    name: 'name',
    ownerId: null,
    rank: null,
    createdAtEpochMs: null,
    letGoAtEpochMs: null,
  },
}
