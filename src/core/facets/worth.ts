// What it brings in, and how much of it only this person can do.
import { kindOfWork, kindsOfWork } from '../action/worth'
import { levels, type Action, type Level } from '../record'
import { strong, weak } from '../sentence/interpretation'
import { set } from '../lens/dateHeadings'
import type { LaidUnder } from '../lens/lensTerms'
import type { ClauseRules, Facet, SaidClauses } from './facet'

interface Of<K extends 'payoff' | 'craft'> {
  readonly kind: K
  readonly level: Level
}
export type WorthMeaning = Of<'payoff'> | Of<'craft'>

const levelWords: Readonly<Record<string, Level>> = {
  little: 'little',
  low: 'little',
  small: 'little',
  some: 'some',
  fair: 'some',
  much: 'much',
  high: 'much',
  big: 'much',
}
const form = new RegExp(`^(${Object.keys(levelWords).join('|')}) (payoff|craft)$`)

const rulesOf = <K extends 'payoff' | 'craft'>(field: K): ClauseRules<Of<K>> => ({
  set: (_, { level }) => ({ [field]: level }),
  deny: (action, { level }) => (action[field] === level ? { [field]: null } : {}),
  isHeld: ({ level }, fields) => fields[field] === level,
})
const levelIn = ({ first }: SaidClauses, field: 'payoff' | 'craft'): Level | null =>
  first(field)?.level ?? null

const atLeast = (level: Level | null): Level => (level === null || level === 'little' ? 'some' : level)

function laidAs(key: string, { payoff, craft }: Action): LaidUnder {
  switch (key) {
    case 'first':
      return set({ payoff: atLeast(payoff), craft: atLeast(craft) })
    case 'handOver':
      return set({ payoff: atLeast(payoff), craft: 'little' })
    case 'pleasure':
      return set({ payoff: 'little', craft: atLeast(craft) })
    case 'drop':
      return set({ payoff: 'little', craft: 'little' })
    default:
      return set(kindOfWork(payoff, craft) === null ? {} : { payoff: null, craft: null })
  }
}

export const worthFacet: Facet<WorthMeaning, 'payoff' | 'craft'> = {
  fields: ['payoff', 'craft'],
  readFirst: (phrase) => {
    if (phrase === 'only me') return weak({ kind: 'craft', level: 'much' })
    const parts = form.exec(phrase)
    return (
      parts &&
      strong({ kind: parts[2] as 'payoff' | 'craft', level: levelWords[parts[1] as string] as Level })
    )
  },
  clauses: { payoff: rulesOf('payoff'), craft: rulesOf('craft') },
  draft: (said) => ({ payoff: levelIn(said, 'payoff'), craft: levelIn(said, 'craft') }),
  off: [
    { called: /^payoff$/, patch: { payoff: null } },
    { called: /^craft$/, patch: { craft: null } },
  ],
  again: {
    payoff: { by: ['payoff'], words: (value) => [`${value} payoff`] },
    craft: { by: ['craft'], words: (value) => [`${value} craft`] },
  },
  lens: {
    choices: {
      payoff: {
        valuesOf:
          () =>
          ({ payoff }) =>
            payoff,
        scale: { tail: 'payoff', values: { little: 'little', some: 'some', much: 'much', '': 'no' } },
      },
      craft: {
        valuesOf:
          () =>
          ({ craft }) =>
            craft,
        scale: {
          lead: 'only me',
          values: { little: 'little', some: 'some', much: 'much', '': 'not said' },
        },
      },
      work: {
        valuesOf:
          () =>
          ({ payoff, craft }) =>
            kindOfWork(payoff, craft),
        scale: {
          values: {
            first: 'to do first',
            handOver: 'to hand over',
            pleasure: 'for pleasure',
            drop: 'to let go',
            '': 'not weighed',
          },
        },
      },
    },
    groups: {
      work: {
        word: 'worth',
        scale: kindsOfWork,
        keyOf:
          () =>
          ({ payoff, craft }) =>
            kindOfWork(payoff, craft) ?? '',
        lay: (action, key) => laidAs(key, action),
      },
    },
    sorts: {
      worth: {
        keyOf:
          () =>
          ({ payoff, craft }) =>
            payoff === null ? null : -(levels.indexOf(payoff) * 4 + (craft ? levels.indexOf(craft) + 1 : 0)),
        words: ['worth', 'least first'],
      },
    },
  },
}
