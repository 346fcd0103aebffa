import type { KindWords } from './kindWords'

export const area: KindWords<'area'> = {
  singular: 'area',
  plural: 'areas',
  fields: {
    groupId: 'group',
    name: 'name',
    letters: 'seal',
    ink: 'ink of the seal',
    goalIds: 'goals',
    lookedOn: 'looked through',
    everyWeeks: 'weeks between looks',
    rank: null,
    closedAtEpochMs: null,
  },
}
