// Every facet of an action, in the order of a sentence; and what all of them together say of a clause or a field. A new
// field is a file here, its name in this list, its words (words/facets) and its chooser (parts/facets).
import type { Clause, Meaning } from '../sentence/clause'
import { afterFacet } from './after'
import type { FacetField } from './amendable'
import { atFacet, type AtMeaning } from './at'
import { contextsFacet, type ContextMeaning } from './contexts'
import { dayFacet, type DayMeaning } from './day'
import { dueFacet, type DueMeaning } from './due'
import { energyFacet, type EnergyMeaning } from './energy'
import type { AnyFacet, ClauseRules, SayingAgain } from './facet'
import { horizonFacet, type HorizonMeaning } from './horizon'
import { linkFacet, type LinkMeaning } from './link'
import { minutesFacet, type MinutesMeaning } from './minutes'
import { notBeforeFacet, type NotBeforeMeaning } from './notBefore'
import { peopleFacet, type PersonMeaning } from './people'
import { reminderFacet, type ReminderMeaning } from './reminder'
import { repeatFacet, type RepeatMeaning } from './repeat'
import { shelfFacet, type ShelfMeaning } from './shelf'
import { waitingFacet, type WaitingMeaning } from './waiting'
import { weightFacet, type WeightMeaning } from './weight'
import { worthFacet, type WorthMeaning } from './worth'

export const facets: readonly AnyFacet[] = [
  dueFacet,
  atFacet,
  dayFacet,
  notBeforeFacet,
  horizonFacet,
  minutesFacet,
  contextsFacet,
  peopleFacet,
  shelfFacet,
  energyFacet,
  weightFacet,
  worthFacet,
  waitingFacet,
  linkFacet,
  afterFacet,
  repeatFacet,
  reminderFacet,
]

/** What a clause can mean that sets a field. */
export type FacetMeaning =
  | DueMeaning
  | AtMeaning
  | DayMeaning
  | NotBeforeMeaning
  | HorizonMeaning
  | MinutesMeaning
  | ContextMeaning
  | PersonMeaning
  | ShelfMeaning
  | EnergyMeaning
  | WeightMeaning
  | WorthMeaning
  | WaitingMeaning
  | LinkMeaning
  | RepeatMeaning
  | ReminderMeaning

/** The rules of a kind of clause, whichever it is: they are given a clause of that kind. */
export type AnyRules = ClauseRules<Clause>

const rules: Readonly<Record<string, AnyRules>> = Object.assign({}, ...facets.map(({ clauses }) => clauses))
/** Undefined for what sets no field: a question, a list of steps. */
export const rulesOf = (kind: Meaning['kind']): AnyRules | undefined => rules[kind]
/** Every kind of clause with its rules. */
export const allRules = Object.entries(rules) as readonly (readonly [Meaning['kind'], AnyRules])[]

const again: Readonly<Partial<Record<FacetField, SayingAgain<never>>>> = Object.assign(
  {},
  ...facets.map((facet) => facet.again ?? {}),
)
export const sayingAgainOf = (field: FacetField): SayingAgain<never> | undefined => again[field]

/** Undefined for what is no field of a facet. */
export const facetOf = (field: string): AnyFacet | undefined =>
  facets.find(({ fields }) => (fields as readonly string[]).includes(field))
