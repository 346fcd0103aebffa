import { recordIn } from '@/core/journal'
import type { FacetWords } from './facetWords'

// It stands in the head, and is not said again in the line.
export const shelfWords: FacetWords<'shelf', 'project' | 'area', 'shelf', 'projectId' | 'areaId'> = {
  settings: { shelf: { name: 'For', isOfSeveral: true } },
  clauses: {
    project: { words: ({ name }) => name.name, opens: 'shelf' },
    area: { words: ({ name }) => name.name, opens: 'shelf' },
  },
  fields: { projectId: 'project', areaId: 'area' },
  details: {
    shelf: {
      name: 'For',
      words: ({ projectId, areaId }, { document }) =>
        (projectId && recordIn(document, projectId)?.title) ||
        (areaId && recordIn(document, areaId)?.name) ||
        '',
      isSet: ({ projectId, areaId }) => projectId !== null || areaId !== null,
      sort: 'shelf',
      opens: 'shelf',
    },
  },
}
