import { duration } from '../dates'
import { chip, type FacetWords } from './facetWords'

export const minutesWords: FacetWords<'minutes', 'minutes', 'minutes', 'minutes'> = {
  settings: {
    minutes: {
      name: 'Minutes',
      offered: 'minutes',
      isOffered: ({ minutes }) => minutes === null,
      isOfSeveral: true,
    },
  },
  clauses: { minutes: { words: ({ minutes }) => duration(minutes), opens: 'minutes' } },
  fields: { minutes: 'minutes' },
  chips: ({ minutes }) => chip('minutes', minutes ? duration(minutes) : null),
  details: {
    minutes: {
      name: 'Minutes',
      words: ({ minutes }) => (minutes ? duration(minutes) : ''),
      isSet: ({ minutes }) => minutes !== null && minutes !== 0,
      foot: (actions) => {
        const total = actions.reduce((sum, { minutes }) => sum + (minutes ?? 0), 0)
        return total > 0 ? duration(total) : ''
      },
      value: ({ minutes }) => (minutes === null ? '' : String(minutes)),
      sort: 'minutes',
      opens: 'minutes',
    },
  },
}
