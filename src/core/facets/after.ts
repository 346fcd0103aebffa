// What must be done before it: until then it is blocked.
import { state } from '../lens/asking'
import type { Facet } from './facet'

export const afterFacet: Facet = {
  fields: [],
  clauses: {},
  partsOf: (part, { after = [] }, { actionCalled }) => {
    const title = /^after (.+)$/i.exec(part)?.[1]
    const id = title === undefined ? null : (actionCalled?.(title) ?? null)
    return id === null ? null : { after: [...after, id] }
  },
  off: [{ called: /^(?:after|after another|held back|holding back)$/, parts: { noAfter: true } }],
  onOccurrence: () => ({ afterIds: [] }),
  lens: {
    means: { 'held back': state('blocked') },
    states: {
      blocked: {
        matches:
          () =>
          ({ afterIds }) =>
            afterIds.length > 0,
        words: ['blocked', 'not blocked'],
      },
    },
  },
}
