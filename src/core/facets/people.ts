// With whom it is done. Whom it waits for counts among them.
import { set } from '../lens/dateHeadings'
import { firstOf, withNameInstead } from '../lens/namedHeadings'
import type { LensAround } from '../lens/lensTerms'
import type { Action, Id } from '../record'
import type { Name } from '../sentence/clause'
import type { Facet } from './facet'

export interface PersonMeaning {
  readonly kind: 'person'
  readonly name: Name
}

const keyOf =
  ({ placeOf }: LensAround) =>
  ({ personIds, waiting }: Action): string =>
    waiting?.personId ?? firstOf(personIds, placeOf)

export const peopleFacet: Facet<PersonMeaning, 'personIds'> = {
  fields: ['personIds'],
  clauses: {
    person: {
      isMany: true,
      lead: /^(?:with|for|to|from|ask) /,
      set: (action, { name }) => ({
        personIds: [...new Set([...action.personIds, name.id as Id<'person'>])],
      }),
      deny: (action, { name }) => ({ personIds: action.personIds.filter((id) => id !== name.id) }),
      isHeld: ({ name }, fields) => (fields.personIds as readonly string[]).includes(name.id),
    },
  },
  draft: ({ all, first }) => {
    const whom = first('waiting')?.name
    const ids = [...all('person').map(({ name }) => name.id), ...(whom ? [whom.id] : [])]
    return { personIds: [...new Set(ids)] as Id<'person'>[] }
  },
  off: [{ called: /^(?:people|person|one|body)$/, patch: { personIds: [] } }],
  again: {
    personIds: { by: ['person'], words: (ids, { nameOf }) => ids.map((id) => `with ${nameOf(id)}`) },
  },
  lens: {
    choices: {
      person: {
        valuesOf:
          () =>
          ({ personIds, waiting }) =>
            waiting?.personId && !personIds.includes(waiting.personId)
              ? [...personIds, waiting.personId]
              : personIds,
        named: { lead: 'with', none: 'nobody', some: 'with somebody' },
      },
    },
    groups: {
      person: {
        word: 'person',
        keyOf,
        lay: (action, key, from, around) => {
          const id = (key || null) as Id<'person'> | null
          const { waiting } = action
          if (waiting && (id !== null || waiting.personId === from))
            return set({
              waiting: { ...waiting, personId: id, whom: id ? '' : waiting.whom },
              ...(id === null ? { personIds: [] } : {}),
            })
          return set({
            personIds: withNameInstead(action, 'personIds', { key, from, keyOf: keyOf(around) }),
          })
        },
      },
    },
  },
}
