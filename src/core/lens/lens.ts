// What a lens asks: conditions that all must hold, bands that are tried in turn, grouping, order, and what becomes of
// the done. Plain data: it is kept, sent as a file, and said as a sentence (lensSentence.ts) that reads back equal
// (readLens.ts).
import { kindsOfWork } from '../action/worth'
import { energies, keptHorizons, levels, sides, weights } from '../record/scales'
import type { CalendarDate } from '../time'

/** How conditions are joined that stand together. */
export const joins = ['all', 'any', 'none'] as const
export type Join = (typeof joins)[number]

const state = { kind: 'state' } as const
const date = { kind: 'date' } as const
const count = { kind: 'count' } as const
/** A name of something. */
const name = { kind: 'choice', values: null } as const
const choice = <const V extends readonly string[]>(values: V) => ({ kind: 'choice', values }) as const

/**
 * Everything a lens can ask for, under the name it is kept by and in the order of its sentence: what kind of condition
 * asks for it, and out of which values. An empty value stands for nothing set.
 *
 * `ready`: neither waiting nor blocked, nor hidden, nor held for someday, nor of a project that rests. `date` is where
 * an action stands: fixed, else the day it is laid on, else due. `moved` counts times, the other counts days: since it
 * was made, since it was changed, since it was done.
 */
export const askable = {
  ready: state,
  energy: choice([...energies, '']),
  weight: choice(weights),
  side: choice([...sides, '']),
  context: name,
  minutes: { kind: 'minutes' },
  person: name,
  project: name,
  area: name,
  group: name,
  horizon: choice(['today', ...keptHorizons]),
  due: date,
  date,
  day: date,
  at: date,
  notBefore: date,
  payoff: choice([...levels, '']),
  craft: choice([...levels, '']),
  work: choice([...kindsOfWork, '']),
  carriedOver: state,
  underway: state,
  waiting: state,
  toSignOff: state,
  chase: state,
  blocked: state,
  hidden: state,
  repeating: state,
  withSteps: state,
  withNote: state,
  withFiles: state,
  moved: count,
  age: count,
  untouched: count,
  doneWithin: count,
  text: { kind: 'text' },
  many: { kind: 'many' },
} as const
type Askable = typeof askable
type AskedAs<K extends string> = {
  [F in keyof Askable]: Askable[F] extends { readonly kind: K } ? F : never
}[keyof Askable]

const askedAs = <K extends Condition['kind']>(kind: K): readonly AskedAs<K>[] =>
  (Object.keys(askable) as (keyof Askable)[]).filter(
    (field): field is AskedAs<K> => askable[field].kind === kind,
  )

/** What an action has one or several of, out of a list. */
export type ChoiceField = AskedAs<'choice'>
export const choiceFields = askedAs('choice')
/** What is one of several by name. */
export type NamedField = {
  [F in ChoiceField]: Askable[F] extends { readonly values: null } ? F : never
}[ChoiceField]
export const namedFields = choiceFields.filter((field): field is NamedField => askable[field].values === null)
export type DateField = AskedAs<'date'>
export const dateFields = askedAs('date')
/** What holds of an action or does not. */
export type LensState = AskedAs<'state'>
export const lensStates = askedAs('state')
export type CountField = AskedAs<'count'>
export const countFields = askedAs('count')

/** Days as they are seen from today. */
export type DateSpan =
  | { readonly kind: 'none' | 'any' | 'past' | 'today' | 'tomorrow' | 'week' | 'nextWeek' }
  /** From today on, so many days: 1 is today alone. */
  | { readonly kind: 'next'; readonly days: number }
  /** Fixed days, both included; null is open. */
  | { readonly kind: 'between'; readonly from: CalendarDate | null; readonly to: CalendarDate | null }

export type Condition =
  /** One of the values; an empty one stands for nothing set. */
  | {
      readonly kind: 'choice'
      readonly field: ChoiceField
      readonly values: readonly string[]
      readonly not: boolean
    }
  /** Both included; both null is without minutes. */
  | { readonly kind: 'minutes'; readonly from: number | null; readonly to: number | null }
  | { readonly kind: 'date'; readonly field: DateField; readonly span: DateSpan; readonly not: boolean }
  | { readonly kind: 'state'; readonly state: LensState; readonly not: boolean }
  /** At least so many; `atMost` turns it round. `doneWithin` is always at most. */
  | {
      readonly kind: 'count'
      readonly field: CountField
      readonly number: number
      readonly atMost: boolean
    }
  | { readonly kind: 'text'; readonly text: string; readonly not: boolean }
  | { readonly kind: 'many'; readonly joined: Join; readonly of: readonly Condition[] }

export interface LensBand {
  /** Its heading; where it is empty, the condition itself is told. */
  readonly name: string
  readonly where: Condition
}

export const groupFields = [
  'context',
  'project',
  'area',
  'group',
  'side',
  'person',
  'horizon',
  'weight',
  'energy',
  'work',
  'minutes',
  'date',
  'due',
  'day',
] as const
export type GroupField = (typeof groupFields)[number]

export const sortFields = [
  'due',
  'date',
  'day',
  'minutes',
  'weight',
  'energy',
  'horizon',
  'worth',
  'age',
  'moved',
  'shelf',
  'title',
  'done',
] as const
export type SortField = (typeof sortFields)[number]
export interface LensSort {
  readonly by: SortField
  /** From the other end: the latest, the longest, the most first. */
  readonly down: boolean
}

/** What becomes of what is done: left out, among the rest, or behind it. */
export const donePlaces = ['hidden', 'among', 'sunk'] as const
export type DonePlace = (typeof donePlaces)[number]

/** Ways a lens is shown. */
export const lensViews = ['list', 'columns', 'table', 'byDate'] as const
export type LensView = (typeof lensViews)[number]

/** What a row or a column can tell of an action besides its title. */
export const detailFields = [
  'shelf',
  'context',
  'person',
  'minutes',
  'weight',
  'energy',
  'horizon',
  'due',
  'day',
  'at',
  'notBefore',
  'waiting',
  'worth',
  'moved',
  'age',
  'steps',
  'repeat',
  'done',
] as const
export type DetailField = (typeof detailFields)[number]

export interface Lens {
  /** All of them must hold. */
  readonly conditions: readonly Condition[]
  /** Each action is in the first band that matches it; what none matches is the rest. */
  readonly bands: readonly LensBand[]
  readonly groups: readonly GroupField[]
  readonly sorts: readonly LensSort[]
  readonly done: DonePlace
}

export const emptyLens: Lens = { conditions: [], bands: [], groups: [], sorts: [], done: 'hidden' }

/** How deep conditions may stand in conditions, and how many there may be of each. */
export const lensLimits = { depth: 8, conditions: 60, values: 200, bands: 12, sorts: 6, groups: 2 } as const
