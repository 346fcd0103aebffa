// The project it is for, or the area where it is for none.
import { set } from '../lens/dateHeadings'
import type { Action, Id } from '../record'
import type { Name } from '../sentence/clause'
import type { Facet } from './facet'

interface Of<K extends 'project' | 'area'> {
  readonly kind: K
  readonly name: Name
}
export type ShelfMeaning = Of<'project'> | Of<'area'>

const words = (id: string, { nameOf }: { readonly nameOf: (id: string) => string }) => [`for ${nameOf(id)}`]

export const shelfFacet: Facet<ShelfMeaning, 'projectId' | 'areaId'> = {
  fields: ['projectId', 'areaId'],
  clauses: {
    project: {
      isInMiddle: 'beside',
      lead: /^(?:for|in|on|under) /,
      set: (_, { name }) => ({ projectId: name.id as Id<'project'>, areaId: null }),
      deny: (action, { name }) => (action.projectId === name.id ? { projectId: null } : {}),
      isHeld: ({ name }, fields) => fields.projectId === name.id,
    },
    area: {
      isInMiddle: 'beside',
      lead: /^(?:for|in|under) /,
      set: (_, { name }) => ({ areaId: name.id as Id<'area'>, projectId: null }),
      deny: (action, { name }) => (action.areaId === name.id ? { areaId: null } : {}),
      isHeld: ({ name }, fields) => fields.areaId === name.id,
    },
  },
  draft: ({ first }) => ({
    projectId: (first('project')?.name.id ?? null) as Id<'project'> | null,
    areaId: (first('area')?.name.id ?? null) as Id<'area'> | null,
  }),
  off: [{ called: /^(?:project|area|shelf)$/, patch: { projectId: null, areaId: null } }],
  again: { projectId: { by: ['project', 'area'], words }, areaId: { by: ['area', 'project'], words } },
  lens: {
    choices: {
      project: {
        valuesOf:
          () =>
          ({ projectId }) =>
            projectId,
        named: { lead: 'for', none: 'no project', some: 'with a project' },
      },
      area: {
        valuesOf:
          ({ shelfOf }) =>
          (action) =>
            shelfOf(action).areaId,
        named: { lead: 'in', none: 'no area', some: 'with an area' },
        isCostly: true,
      },
    },
    groups: {
      project: {
        word: 'project',
        keyOf:
          () =>
          ({ projectId }) =>
            projectId ?? '',
        lay: (action, key, _, { shelfOf }) =>
          key === ''
            ? set({ projectId: null, areaId: shelfOf(action).areaId as Action['areaId'] })
            : set({ projectId: key as Action['projectId'], areaId: null }),
      },
      area: {
        word: 'area',
        keyOf:
          ({ shelfOf }) =>
          (action) =>
            shelfOf(action).areaId ?? '',
        lay: (_, key) => set({ areaId: (key || null) as Action['areaId'], projectId: null }),
      },
    },
    sorts: {
      shelf: {
        keyOf:
          ({ shelfOf }) =>
          (action) =>
            shelfOf(action).place,
        words: ['project', 'last first'],
      },
    },
  },
}
