// Where, or with what at hand, it can be done.
import type { Name } from '../sentence/clause'
import { set } from '../lens/dateHeadings'
import { firstOf, withNameInstead } from '../lens/namedHeadings'
import type { LensAround } from '../lens/lensTerms'
import type { Action, Id } from '../record'
import type { Facet } from './facet'

export interface ContextMeaning {
  readonly kind: 'context'
  readonly name: Name
}

const keyOf =
  ({ placeOf }: LensAround) =>
  ({ contextIds }: Action): string =>
    firstOf(contextIds, placeOf)

export const contextsFacet: Facet<ContextMeaning, 'contextIds'> = {
  fields: ['contextIds'],
  clauses: {
    context: {
      isMany: true,
      isInMiddle: 'beside',
      lead: /^(?:at|on|in|with) /,
      set: (action, { name }) => ({
        contextIds: [...new Set([...action.contextIds, name.id as Id<'context'>])],
      }),
      deny: (action, { name }) => ({ contextIds: action.contextIds.filter((id) => id !== name.id) }),
      isHeld: ({ name }, fields) => (fields.contextIds as readonly string[]).includes(name.id),
    },
  },
  draft: ({ all }) => ({ contextIds: all('context').map(({ name }) => name.id as Id<'context'>) }),
  off: [{ called: /^(?:contexts?|place)$/, patch: { contextIds: [] } }],
  again: { contextIds: { by: ['context'], words: (ids, { nameOf }) => ids.map(nameOf) } },
  lens: {
    choices: {
      context: {
        valuesOf:
          () =>
          ({ contextIds }) =>
            contextIds,
        named: { lead: 'at', none: 'no context', some: 'with a context' },
      },
    },
    groups: {
      context: {
        word: 'context',
        keyOf,
        lay: (action, key, from, around) =>
          set({ contextIds: withNameInstead(action, 'contextIds', { key, from, keyOf: keyOf(around) }) }),
      },
    },
  },
}
