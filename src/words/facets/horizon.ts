import { horizonOf } from '@/core/action'
import { horizonWords as wordOf } from '../action'
import { chip, type FacetWords } from './facetWords'
import { inTime } from './inTime'

export const horizonWords: FacetWords<'horizon', 'horizon', 'horizon', 'horizon'> = {
  settings: { horizon: { name: 'Horizon', isOfSeveral: true } },
  clauses: { horizon: { words: ({ horizon }) => wordOf[horizon], opens: 'horizon' } },
  fields: { horizon: 'horizon' },
  toldBy: inTime,
  chips: (of, { today }) => {
    const horizon = horizonOf(of, today)
    const isTold = of.at !== null || (of.day !== null && horizon !== 'today')
    return chip('horizon', isTold ? null : wordOf[horizon])
  },
  details: {
    horizon: {
      name: 'Horizon',
      words: (action, { today }) => wordOf[horizonOf(action, today)],
      isSet: () => true,
      foot: () => '',
      sort: 'horizon',
      opens: 'horizon',
    },
  },
}
