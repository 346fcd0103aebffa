import type { KindWords } from './kindWords'

export const goal: KindWords<'goal'> = {
  one: 'goal',
  many: 'goals',
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
