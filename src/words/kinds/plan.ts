import type { KindWords } from './kindWords'

export const plan: KindWords<'plan'> = {
  singular: 'planned day',
  plural: 'planned days',
  fields: {
    date: 'day',
    availableMinutes: 'available minutes',
    plannedAtEpochMs: null,
    planned: null,
    endedAtEpochMs: null,
    line: 'the line of the day',
    placed: 'planned times',
    away: 'away',
    firstAim: 'first aim of the week',
    secondAim: 'second aim of the week',
  },
}
