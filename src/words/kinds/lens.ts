import type { KindWords } from './kindWords'

export const lens: KindWords<'lens'> = {
  singular: 'lens',
  plural: 'lenses',
  fields: {
    name: 'name',
    letters: 'seal',
    ink: 'ink of the seal',
    rank: null,
    onStrip: 'on the strip',
    conditions: 'what it shows',
    bands: 'bands',
    groups: 'grouped by',
    sorts: 'sorted by',
    done: 'what is done',
    view: 'shown as',
    columnsBy: 'columns by',
    limits: 'limits of columns',
    columns: 'columns',
    shows: 'details in rows',
    createdAtEpochMs: null,
    letGoAtEpochMs: null,
  },
}
