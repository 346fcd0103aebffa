import type { KindWords } from './kindWords'

export const timeEntry: KindWords<'timeEntry'> = {
  one: 'timed hour',
  many: 'timed hours',
  fields: {
    actionId: null,
    startedAtEpochMs: null,
    minutes: 'minutes',
  },
}
