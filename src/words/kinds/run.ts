import type { KindWords } from './kindWords'

export const run: KindWords<'run'> = {
  singular: 'time through a checklist',
  plural: 'times through a checklist',
  fields: {
    checklistId: null,
    endedAtEpochMs: null,
    done: null,
    of: null,
  },
}
