import { kindOfWork, type KindOfWork } from '@/core/action/worth'
import type { Level } from '@/core/record'
import { chip, type FacetWords } from './facetWords'

/** What follows from the worth of a thing. */
export const workWords: Readonly<Record<KindOfWork, string>> = {
  first: 'do it first',
  handOver: 'hand it over',
  pleasure: 'for pleasure',
  drop: 'let it go',
}

/** "payoff much, only me little: hand it over" */
export function worthWords(payoff: Level | null, craft: Level | null): string | null {
  const told = [payoff && `payoff ${payoff}`, craft && `only me ${craft}`].filter(Boolean).join(', ')
  const kind = kindOfWork(payoff, craft)
  if (told === '') return null
  return kind ? `${told}: ${workWords[kind]}` : told
}

export const worthFacetWords: FacetWords<'payoff', 'payoff' | 'craft', 'worth', 'payoff' | 'craft'> = {
  settings: {
    payoff: {
      name: 'Worth',
      offered: 'worth',
      isOffered: ({ payoff, craft }) => payoff === null && craft === null,
      isOfSeveral: true,
    },
  },
  clauses: {
    payoff: { words: ({ level }) => `payoff ${level}`, opens: 'payoff' },
    craft: { words: ({ level }) => `only me ${level}`, opens: 'payoff' },
  },
  fields: { payoff: 'payoff', craft: 'only me' },
  none: 'no worth',
  chips: ({ payoff, craft }) => chip('payoff', worthWords(payoff, craft)),
  details: {
    worth: {
      name: 'Worth',
      words: ({ payoff, craft }) => worthWords(payoff, craft) ?? '',
      isSet: ({ payoff, craft }) => payoff !== null || craft !== null,
      sort: 'worth',
      opens: 'payoff',
    },
  },
}
