import { chip, type FacetWords } from './facetWords'

export const energyWords: FacetWords<'energy', 'energy', 'energy', 'energy'> = {
  settings: {
    energy: {
      name: 'Energy',
      offered: 'energy',
      isOffered: ({ energy }) => energy === null,
      isOfSeveral: true,
    },
  },
  clauses: { energy: { words: ({ energy }) => energy, opens: 'energy' } },
  fields: { energy: 'energy' },
  chips: ({ energy }) => chip('energy', energy),
  details: {
    energy: {
      name: 'Energy',
      words: ({ energy }) => energy ?? '',
      isSet: ({ energy }) => energy !== null,
      sort: 'energy',
      opens: 'energy',
    },
  },
}
