import { horizonOf } from '@/core/action'
import { nearDate, onDate, shortDate } from '../dates'
import { chip, type FacetWords } from './facetWords'
import { inTime } from './inTime'

export const dayWords: FacetWords<'day', 'day', 'day', 'day'> = {
  settings: {
    day: {
      name: 'Planned day',
      offered: 'planned day',
      isOffered: ({ day, at }) => day === null && at === null,
      isOfSeveral: true,
    },
  },
  clauses: { day: { words: ({ date }, today) => `on ${shortDate(date, today)}`, opens: 'day' } },
  fields: { day: 'planned day' },
  toldBy: inTime,
  chips: (of, { today }) =>
    chip(
      'day',
      of.at === null && of.day !== null && horizonOf(of, today) !== 'today' ? onDate(of.day, today) : null,
    ),
  details: {
    day: {
      name: 'Planned day',
      words: ({ day }, { today }) => (day ? nearDate(day, today) : ''),
      isSet: ({ day }) => day !== null,
      value: ({ day }) => day ?? '',
      sort: 'day',
      opens: 'day',
    },
  },
}
