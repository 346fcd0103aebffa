import type { KindWords } from './kindWords'

export const blank: KindWords<'blank'> = {
  one: 'blank of a template',
  many: 'blanks of templates',
  fields: {
    projectId: null,
    name: 'name',
    kind: 'kind',
    rank: null,
  },
}
