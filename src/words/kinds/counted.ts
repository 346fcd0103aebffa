import type { KindWords } from './kindWords'

export const counted: KindWords<'counted'> = {
  one: 'counted date of a template',
  many: 'counted dates of templates',
  fields: {
    actionId: null,
    projectId: null,
    field: null,
    blankId: 'counted from',
    shift: 'how far',
    time: 'time',
  },
}
