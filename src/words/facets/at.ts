import { duration, fixedWords, shortDate } from '../dates'
import { chip, momentValue, type FacetWords } from './facetWords'
import { inTime } from './inTime'

export const atWords: FacetWords<'at', 'at', 'at', 'at'> = {
  settings: {
    at: { name: 'Fixed time', offered: 'fixed time', isOffered: ({ at }) => at === null },
  },
  clauses: {
    at: {
      words: ({ date, time, minutes }, today) =>
        [...(date ? [shortDate(date, today)] : []), time + (minutes ? ` for ${duration(minutes)}` : '')].join(
          ', ',
        ),
      opens: 'at',
    },
  },
  fields: { at: 'fixed time' },
  toldBy: inTime,
  chips: ({ at }, { today }) => chip('at', at && fixedWords(at, today)),
  details: {
    at: {
      name: 'Fixed time',
      words: ({ at }, { today }) => (at ? fixedWords(at, today) : ''),
      isSet: ({ at }) => at !== null,
      value: ({ at }) => momentValue(at),
      sort: 'date',
      opens: 'at',
    },
  },
}
