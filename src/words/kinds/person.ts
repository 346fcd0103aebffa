import type { KindWords } from './kindWords'

export const person: KindWords<'person'> = {
  one: 'person',
  many: 'people',
  fields: {
    name: 'name',
    note: 'note',
    rank: null,
  },
}
