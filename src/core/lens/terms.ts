// Everything a lens can ask for, group by and sort by, under the name it is kept by: what the facets bring along, and
// what belongs to none of them. A test holds that there is a term for every name (terms.test.ts).
import { facets } from '../facets'
import type { Calendar } from '../sentence/datePhrase'
import type { Condition } from './lens'
import type { LensTerms } from './lensTerms'
import { ownTerms } from './ownTerms'

type Named = 'choices' | 'dates' | 'states' | 'counts' | 'groups' | 'sorts'
type TermsOf<K extends Named> = Required<NonNullable<LensTerms[K]>>

const all: readonly LensTerms[] = [ownTerms, ...facets.flatMap(({ lens }) => lens ?? [])]
const gathered = <K extends Named>(which: K): TermsOf<K> =>
  Object.assign({}, ...all.map((terms) => terms[which] ?? {})) as TermsOf<K>

export const choiceTerms = gathered('choices')
export const dateTerms = gathered('dates')
export const stateTerms = gathered('states')
export const countTerms = gathered('counts')
export const groupTerms = gathered('groups')
export const sortTerms = gathered('sorts')

const meanings: Readonly<Record<string, Condition>> = Object.assign(
  {},
  ...all.map(({ means }) => means ?? {}),
)
/** The condition that words mean by themselves; null where they mean none. */
export const meaningOf = (words: string): Condition | null =>
  Object.hasOwn(meanings, words) ? (meanings[words] as Condition) : null

/** The first that can tell what a phrase asks for. */
const asked =
  (which: 'askFirst' | 'ask') =>
  (phrase: string, calendar: Calendar): Condition | null => {
    for (const terms of all) {
      const found = terms[which]?.(phrase, calendar)
      if (found) return found
    }
    return null
  }
export const askFirst = asked('askFirst')
export const ask = asked('ask')

/** The texts of an action that *saying* looks through. */
export const textsAsked = all.flatMap(({ texts }) => texts ?? [])
