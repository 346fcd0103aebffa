// All that a lens can be told of, by the name it is kept under: what the facets bring along, and what belongs to none
// of them. A test holds that there is a term for every name (terms.test.ts).
import { facets } from '../facets'
import type { LensTerms } from './lensTerms'
import { ownTerms } from './ownTerms'

type TermsOf<K extends keyof LensTerms> = Required<NonNullable<LensTerms[K]>>

const gathered = <K extends keyof LensTerms>(which: K): TermsOf<K> =>
  Object.assign({}, ownTerms[which], ...facets.map(({ lens }) => lens?.[which] ?? {})) as TermsOf<K>

export const choiceTerms = gathered('choices')
export const dateTerms = gathered('dates')
export const stateTerms = gathered('states')
export const countTerms = gathered('counts')
export const groupTerms = gathered('groups')
export const sortTerms = gathered('sorts')
