import { shortDate } from '../dates'
import { chip, type FacetWords } from './facetWords'

export const notBeforeWords: FacetWords<'notBefore', 'notBefore', 'notBefore', 'notBefore'> = {
  settings: {
    notBefore: {
      name: 'Not before',
      offered: 'not before',
      isOffered: ({ notBefore }) => notBefore === null,
      isOfSeveral: true,
    },
  },
  clauses: {
    notBefore: { words: ({ date }, today) => `not before ${shortDate(date, today)}`, opens: 'notBefore' },
  },
  fields: { notBefore: 'not before' },
  chips: ({ notBefore }, { today }) =>
    chip('notBefore', notBefore && `not before ${shortDate(notBefore, today)}`),
  details: {
    notBefore: {
      name: 'Not before',
      words: ({ notBefore }, { today }) => (notBefore ? shortDate(notBefore, today) : ''),
      onRow: (words) => `not before ${words}`,
      isSet: ({ notBefore }) => notBefore !== null,
      value: ({ notBefore }) => notBefore ?? '',
      opens: 'notBefore',
    },
  },
}
