import type { FacetWords } from './facetWords'

export const afterWords: FacetWords<'after'> = {
  settings: {
    after: { name: 'After which action', offered: 'after another action', isOffered: () => false },
  },
  clauses: {},
  fields: {},
  details: {},
}
