import type { KindWords } from './kindWords'

export const blank: KindWords<'blank'> = {
  singular: 'blank of a template',
  plural: 'blanks of templates',
  fields: {
    projectId: null,
    name: 'name',
    kind: 'kind',
    rank: null,
  },
}
