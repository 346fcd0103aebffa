import type { KindWords } from './kindWords'

export const repeat: KindWords<'repeat'> = {
  singular: 'repeat',
  plural: 'repeats',
  fields: {
    actionId: null,
    rule: 'repeats',
    fromDone: 'counted from when it is done',
    startsOn: 'starts',
    time: 'time',
    skips: 'days left out',
    watched: 'watched as a habit',
  },
}
