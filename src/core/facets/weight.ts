// How much it matters.
import { weights, type Action, type Weight } from '../record'
import { weak } from '../sentence/interpretation'
import { set } from '../lens/dateHeadings'
import type { Facet } from './facet'

export interface WeightMeaning {
  readonly kind: 'weight'
  readonly weight: Weight
}

export const weightFacet: Facet<WeightMeaning, 'weight'> = {
  fields: ['weight'],
  readFirst: (phrase) =>
    (weights as readonly string[]).includes(phrase)
      ? weak({ kind: 'weight', weight: phrase as Weight })
      : null,
  clauses: {
    weight: {
      isInMiddle: 'beside',
      set: (_, { weight }) => ({ weight }),
      deny: (action, { weight }) => (action.weight === weight ? { weight: 'should' } : {}),
      isHeld: ({ weight }, fields) => fields.weight === weight,
    },
  },
  draft: ({ first }) => ({ weight: first('weight')?.weight ?? null }),
  off: [{ called: /^weight$/, patch: { weight: 'should' } }],
  again: { weight: { by: ['weight'], words: (value) => [value] } },
  lens: {
    choices: {
      weight: {
        valuesOf:
          () =>
          ({ weight }) =>
            weight,
        scale: { values: { must: 'must', should: 'should', could: 'could' } },
      },
    },
    groups: {
      weight: {
        word: 'weight',
        scale: weights,
        keyOf:
          () =>
          ({ weight }) =>
            weight,
        lay: (_, key) => set({ weight: key as Action['weight'] }),
      },
    },
    sorts: {
      weight: {
        keyOf:
          () =>
          ({ weight }) =>
            weights.indexOf(weight),
        words: ['weight', 'lightest first'],
      },
    },
  },
}
