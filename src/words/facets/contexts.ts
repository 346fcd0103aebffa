import { chip, type FacetWords } from './facetWords'
import { nameIn, namesIn } from './namesIn'

export const contextsWords: FacetWords<'contextIds', 'context', 'context', 'contextIds'> = {
  settings: { contextIds: { name: 'Contexts', offered: 'context', isOfSeveral: true } },
  clauses: { context: { words: ({ name }) => name.name, opens: 'contextIds' } },
  fields: { contextIds: 'contexts' },
  chips: ({ contextIds }, { document }) =>
    contextIds.flatMap((id) => chip('contextIds', nameIn(document, id))),
  details: {
    context: {
      name: 'Context',
      words: ({ contextIds }, { document }) => namesIn(document, contextIds),
      isSet: ({ contextIds }) => contextIds.length > 0,
      opens: 'contextIds',
    },
  },
}
