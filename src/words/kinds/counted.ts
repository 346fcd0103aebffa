import type { KindWords } from './kindWords'

export const counted: KindWords<'counted'> = {
  singular: 'counted date of a template',
  plural: 'counted dates of templates',
  fields: {
    actionId: null,
    projectId: null,
    field: null,
    blankId: 'counted from',
    shift: 'how far',
    time: 'time',
  },
}
