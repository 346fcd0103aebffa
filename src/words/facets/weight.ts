import { chip, type FacetWords } from './facetWords'

// The ink says the middle one.
const said = (weight: string): string => (weight === 'should' ? '' : weight)

export const weightWords: FacetWords<'weight', 'weight', 'weight', 'weight'> = {
  settings: {
    weight: {
      name: 'Weight',
      offered: 'weight',
      isOffered: ({ weight }) => weight === 'should',
      isOfSeveral: true,
    },
  },
  clauses: { weight: { words: ({ weight }) => weight, opens: 'weight' } },
  fields: { weight: 'weight' },
  none: 'should',
  chips: ({ weight }) => chip('weight', said(weight)),
  details: {
    weight: {
      name: 'Weight',
      words: ({ weight }) => weight,
      onRow: said,
      isSet: () => true,
      foot: (actions) => `${actions.filter(({ weight }) => weight === 'must').length} must`,
      sort: 'weight',
      opens: 'weight',
    },
  },
}
