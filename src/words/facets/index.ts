// The words of every facet, in the order of the said line. What is read off them is complete or does not compile.
import type { FacetField } from '@/core/record'
import type { Clause } from '@/core/sentence'
import { afterWords } from './after'
import { atWords } from './at'
import { contextsWords } from './contexts'
import { dayWords } from './day'
import { dueWords } from './due'
import { energyWords } from './energy'
import type {
  ClauseWords,
  DetailWords,
  FacetWords,
  SaidAround,
  SaidWords,
  Sayable,
  SettingWords,
} from './facetWords'
import { horizonWords } from './horizon'
import { linkWords } from './link'
import { minutesWords } from './minutes'
import { notBeforeWords } from './notBefore'
import { peopleWords } from './people'
import { reminderFacetWords } from './reminder'
import { repeatFacetWords } from './repeat'
import { shelfWords } from './shelf'
import { waitingWords } from './waiting'
import { weightWords } from './weight'
import { worthFacetWords } from './worth'

const all = [
  dueWords,
  dayWords,
  atWords,
  horizonWords,
  minutesWords,
  contextsWords,
  peopleWords,
  shelfWords,
  energyWords,
  worthFacetWords,
  weightWords,
  notBeforeWords,
  waitingWords,
  linkWords,
  afterWords,
  repeatFacetWords,
  reminderFacetWords,
] as const
type Part = 'settings' | 'clauses' | 'details' | 'fields'
type KeysIn<T, P extends Part> = T extends { readonly [N in P]: infer X } ? keyof X : never
type Keys<P extends Part> = KeysIn<(typeof all)[number], P>

/** What a chooser of an action sets. */
export type FacetSetting = Keys<'settings'>
type AnyFacetWords = FacetWords<FacetSetting>

const facetWords = all as unknown as readonly AnyFacetWords[]
const merged = (part: Part): object => Object.assign({}, ...all.map((facet) => facet[part]))

export const settingWords = merged('settings') as Readonly<Record<FacetSetting, SettingWords>>

/** Fields of an action as the history calls them. */
export const facetLabels = merged('fields') as Readonly<Record<Keys<'fields'>, string>> satisfies Readonly<
  Record<FacetField, string>
>

type AnyClauseWords = ClauseWords<Clause, FacetSetting>
const clauseWords = merged('clauses') as Readonly<Record<Keys<'clauses'>, AnyClauseWords>> satisfies Readonly<
  Record<Exclude<Clause['kind'], 'steps' | 'question'>, AnyClauseWords>
>
/** Undefined for what sets no field. */
export const clauseWordsOf = (kind: Clause['kind']): AnyClauseWords | undefined =>
  (clauseWords as Readonly<Partial<Record<Clause['kind'], AnyClauseWords>>>)[kind]

export type FacetDetail = Keys<'details'>
export const facetDetails = merged('details') as Readonly<
  Record<FacetDetail, DetailWords & { readonly opens?: FacetSetting }>
>

/** Everything set, in the order of a sentence. The shelf stands in the head and is not said again. */
export const chipsOf = (of: Sayable, around: SaidAround): SaidWords<FacetSetting>[] =>
  facetWords.flatMap((facet) => facet.chips?.(of, around) ?? [])

/** Everything that can be set and is not, for *+*. */
export const offersOf = (of: Sayable): FacetSetting[] =>
  (Object.keys(settingWords) as FacetSetting[]).filter((field) => {
    const { offered, isOffered } = settingWords[field]
    return offered !== undefined && (isOffered?.(of) ?? true)
  })

/** The facet a field of an action is of. */
export const wordsOfFacet = (field: string): AnyFacetWords | undefined =>
  facetWords.find(({ fields }) => Object.hasOwn(fields, field))
