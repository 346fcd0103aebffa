// The words of a lens's sentence: what writes it (lensSentence) and what reads it (readLens) look here, so that they
// agree.
import {
  choiceFields,
  namedFields,
  type ChoiceField,
  type CountField,
  type DateField,
  type DateSpan,
  type Join,
  type NamedField,
} from './lens'
import type { CountTerm, DateTerm, NamedWords, ScaleWords } from './lensTerms'
import { choiceTerms, countTerms, dateTerms, groupTerms, sortTerms, stateTerms } from './terms'

export { namedFields, type NamedField }

/** Names that a lens may mean, and what they are the names of. */
export interface LensNames {
  /** Null where it is gone. */
  readonly nameOf: (id: string) => string | null
  /** Every id of a kind that is called so, in whatever case. */
  readonly idsCalled: (kind: NamedField, name: string) => readonly string[]
}

const mapped = <K extends string, T, W>(terms: Readonly<Record<K, T>>, words: (term: T) => W): Record<K, W> =>
  Object.fromEntries(Object.entries<T>(terms).map(([field, term]) => [field, words(term)])) as Record<K, W>

type ScaleField = Exclude<ChoiceField, NamedField>
const isNamed = (field: ChoiceField): field is NamedField => choiceTerms[field].named !== undefined
const wordsOf = <F extends ChoiceField, W>(fields: readonly F[], words: (field: F) => W | undefined) =>
  Object.fromEntries(fields.map((field) => [field, words(field)])) as Record<F, W>

/** What leads to a name, what says that there is none, and what says that there is one, whichever. */
export const namedWords: Readonly<Record<NamedField, NamedWords>> = wordsOf(
  namedFields,
  (field) => choiceTerms[field].named,
)
/** What is one of a few steps. */
export const scaleFields = choiceFields.filter((field): field is ScaleField => !isNamed(field))
/** The word of each of its steps, and of none. */
export const scaleWords: Readonly<Record<ScaleField, ScaleWords>> = wordsOf(
  scaleFields,
  (field) => choiceTerms[field].scale,
)

/** What leads to a day, and what it is called where it is there or not. */
export const dateWords: Readonly<Record<DateField, Pick<DateTerm, 'lead' | 'noun'>>> = dateTerms

export const spanWords: Readonly<
  Record<Exclude<DateSpan['kind'], 'none' | 'any' | 'next' | 'between'>, string>
> = {
  past: 'in the past',
  today: 'today',
  tomorrow: 'tomorrow',
  week: 'this week',
  nextWeek: 'next week',
}

/** How it is said, and how its contrary. */
export const stateWords = mapped(stateTerms, ({ words }) => words)

/** How at least so many is said, and at most; `#` is the number with its noun. */
export const countWords: Readonly<Record<CountField, Pick<CountTerm, 'atLeast' | 'atMost' | 'noun'>>> =
  countTerms

export const joinWords: Readonly<Record<Join, string>> = { all: 'all of', any: 'any of', none: 'none of' }

export const groupWords = mapped(groupTerms, ({ word }) => word)

/** What is sorted by, and how the other way round is said. */
export const sortWords = mapped(sortTerms, ({ words }) => words)

export const doneWords = { among: 'done ones among the rest', sunk: 'done ones at the end' } as const
