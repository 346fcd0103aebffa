import { nearDate, shortDate, when } from '../dates'
import { chip, clockWords, momentValue, type FacetWords } from './facetWords'

export const dueWords: FacetWords<'due', 'due', 'due', 'due'> = {
  settings: {
    due: { name: 'Due date', offered: 'due date', isOffered: ({ due }) => due === null, isOfSeveral: true },
  },
  clauses: {
    due: {
      words: ({ date, time }, today) => `due ${shortDate(date, today)}${clockWords(time)}`,
      opens: 'due',
    },
  },
  fields: { due: 'due' },
  chips: ({ due }, { today }) =>
    chip('due', due && `due ${nearDate(due.date, today)}${clockWords(due.time)}`),
  details: {
    due: {
      name: 'Due',
      words: ({ due }, { today }) => (due ? when(due, today) : ''),
      onRow: (words) => `due ${words}`,
      isSet: ({ due }) => due !== null,
      value: ({ due }) => momentValue(due),
      sort: 'due',
      opens: 'due',
    },
  },
}
