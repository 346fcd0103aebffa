// How much of one's energy it takes.
import { energies, type Action, type Energy } from '../record'
import { strong, weak } from '../sentence/interpretation'
import { choice } from '../lens/asking'
import { set } from '../lens/dateHeadings'
import type { Facet } from './facet'

export interface EnergyMeaning {
  readonly kind: 'energy'
  readonly energy: Energy
}

/** How much of it there is, as people say it. */
const amounts: Readonly<Record<string, Energy>> = {
  low: 'light',
  medium: 'plain',
  normal: 'plain',
  high: 'deep',
}

export const energyFacet: Facet<EnergyMeaning, 'energy'> = {
  fields: ['energy'],
  readFirst: (phrase) => {
    if ((energies as readonly string[]).includes(phrase))
      return weak({ kind: 'energy', energy: phrase as Energy })
    const amount = /^(low|medium|normal|high) energy$/.exec(phrase)?.[1]
    return amount ? strong({ kind: 'energy', energy: amounts[amount] as Energy }) : null
  },
  clauses: {
    energy: {
      isInMiddle: true,
      set: (_, { energy }) => ({ energy }),
      deny: (action, { energy }) => (action.energy === energy ? { energy: null } : {}),
      isHeld: ({ energy }, fields) => fields.energy === energy,
    },
  },
  draft: ({ first }) => ({ energy: first('energy')?.energy ?? null }),
  off: [{ called: /^energy$/, patch: { energy: null } }],
  again: { energy: { by: ['energy'], words: (value) => [value] } },
  lens: {
    means: {
      easy: choice('energy', 'light'),
      'deep work': choice('energy', 'deep'),
      'light work': choice('energy', 'light'),
    },
    choices: {
      energy: {
        valuesOf:
          () =>
          ({ energy }) =>
            energy,
        scale: { values: { deep: 'deep', plain: 'plain', light: 'light', '': 'no energy' } },
      },
    },
    groups: {
      energy: {
        word: 'energy',
        scale: energies,
        keyOf:
          () =>
          ({ energy }) =>
            energy ?? '',
        lay: (_, key) => set({ energy: (key || null) as Action['energy'] }),
      },
    },
    sorts: {
      energy: {
        keyOf:
          () =>
          ({ energy }) =>
            energy ? energies.indexOf(energy) : null,
        words: ['energy', 'lightest first'],
      },
    },
  },
}
