import { chip, type FacetWords } from './facetWords'
import { nameIn, namesIn } from './namesIn'

export const peopleWords: FacetWords<'personIds', 'person', 'person', 'personIds'> = {
  settings: { personIds: { name: 'People', offered: 'people', isOfSeveral: true } },
  clauses: { person: { words: ({ name }) => name.name, opens: 'personIds' } },
  fields: { personIds: 'people' },
  // Whom it waits for is told by that.
  chips: ({ personIds, waiting }, { document }) =>
    personIds
      .filter((id) => id !== waiting?.personId)
      .flatMap((id) => chip('personIds', nameIn(document, id) && `with ${nameIn(document, id)}`)),
  details: {
    person: {
      name: 'People',
      words: ({ personIds }, { document }) => namesIn(document, personIds),
      onRow: (words) => `with ${words}`,
      isSet: ({ personIds }) => personIds.length > 0,
      opens: 'personIds',
    },
  },
}
