import type { KindWords } from './kindWords'

export const goal: KindWords<'goal'> = {
  singular: 'goal',
  plural: 'goals',
  fields: {
    title: 'title',
    note: 'note',
    reach: 'reach',
    state: 'state',
    everyWeeks: 'weeks between looks',
    rank: null,
    createdAtEpochMs: null,
    closedAtEpochMs: null,
  },
}
