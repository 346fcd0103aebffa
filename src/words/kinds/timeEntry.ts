import type { KindWords } from './kindWords'

export const timeEntry: KindWords<'timeEntry'> = {
  singular: 'timed hour',
  plural: 'timed hours',
  fields: {
    actionId: null,
    startedAtEpochMs: null,
    minutes: 'minutes',
  },
}
