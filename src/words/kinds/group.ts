import type { KindWords } from './kindWords'

export const group: KindWords<'group'> = {
  one: 'group',
  many: 'groups',
  fields: {
    name: 'name',
    side: 'side',
    stamp: 'seal',
    ink: 'ink of the seal',
    rank: null,
    closedAtEpochMs: null,
  },
}
