import type { KindWords } from './kindWords'

export const run: KindWords<'run'> = {
  one: 'time through a checklist',
  many: 'times through a checklist',
  fields: {
    checklistId: null,
    endedAtEpochMs: null,
    done: null,
    of: null,
  },
}
