import type { KindWords } from './kindWords'

export const group: KindWords<'group'> = {
  singular: 'group',
  plural: 'groups',
  fields: {
    name: 'name',
    side: 'side',
    letters: 'seal',
    ink: 'ink of the seal',
    rank: null,
    closedAtEpochMs: null,
  },
}
