import type { KindWords } from './kindWords'

export const person: KindWords<'person'> = {
  singular: 'person',
  plural: 'people',
  fields: {
    name: 'name',
    note: 'note',
    rank: null,
    role: 'what they do',
    isFirm: 'firm',
    firmId: 'firm they belong to',
    onBoard: 'on the board',
  },
}
