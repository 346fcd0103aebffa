// What fields are made of, as plain data: each kind of record says its fields once (see goal.ts), and the types, the
// checks of what is read, the limits, what merges member by member and what points where are read off them.
import type { CalendarDate, ClockTime } from '../../time'
import { noteLimit, titleLimit, type IdOf } from '../limits'

/** What becomes of a record when the one it points at is deleted. */
export type OnDelete =
  /** The reference is taken out; the record stays. */
  | 'clear'
  /** The record is part of the other, and is deleted with it. */
  | 'delete'
  /** The reference stays: it tells of something that was. */
  | 'keep'

/** What only a check of its own can tell, by the name of that check (see checks.ts). */
export type CheckName = 'rule' | 'blob' | 'condition'

export type Shape =
  | {
      readonly type: 'text'
      readonly max: number
      /** What was expected of a text that is too long, where it is not said by its length. */
      readonly expected?: string
      /** What the record is called. */
      readonly isTitle?: true
      /** Found by search, after the title. */
      readonly isSearched?: true
    }
  | { readonly type: 'date' | 'time' | 'epochMs' | 'rank' | 'flag' }
  | { readonly type: 'count'; readonly min: number; readonly max: number; readonly expected?: string }
  | { readonly type: 'oneOf'; readonly values: readonly string[] }
  | { readonly type: 'ref'; readonly to: readonly string[]; readonly onDelete: OnDelete }
  | { readonly type: 'check'; readonly name: CheckName }
  | { readonly type: 'object'; readonly fields: Fields; readonly isPartial?: true }
  /** One of several objects, told apart by the one text that stands in the field `by`. */
  | { readonly type: 'variant'; readonly by: string; readonly of: Readonly<Record<string, Fields>> }
  /** Each member once, written and merged on its own where it is a field of a record. */
  | { readonly type: 'set'; readonly of: Field }
  | { readonly type: 'map'; readonly keys: Field; readonly of: Field }
  | { readonly type: 'list'; readonly of: Field }

/** A field whose values are of type `V`. */
export type Field<V = unknown> = Shape & {
  readonly isNullable?: true
  readonly isOptional?: true
  /** What stands in a new record where nothing is said, where that is not told by the shape (see blankOf.ts). */
  readonly blank?: unknown
  /** The version of what is saved that it came with; left out: it was there before they were counted. */
  readonly since?: number
  /** Never set: it only carries the type. */
  readonly valueType?: () => V
}
export type Fields = Readonly<Record<string, Field>>
/** Marks fields that a new record need not be given. Never set: it is only for the types. */
export interface Blankable {
  readonly hasBlank?: () => true
}
type WithBlank<V> = Field<V> & Required<Blankable>
const asBlankable = <V>(field: Field<V>): WithBlank<V> => field as WithBlank<V>
/** A field with what stands in it where nothing is said. */
export const withBlank = <V>(field: Field<V>, blank: V): WithBlank<V> => asBlankable({ ...field, blank })

/**
 * A field that came with a version: its blank is in the records that an earlier one wrote (see migrations). The next
 * version is one more than the present one.
 */
export const since = <V>(version: number, field: WithBlank<V>): WithBlank<V> => ({ ...field, since: version })

export type ValueOf<F> = F extends Field<infer V> ? V : never
type OptionalIn<F> = { [N in keyof F]: undefined extends ValueOf<F[N]> ? N : never }[keyof F]
/** The values of some fields. */
export type ValuesOf<F> = { [N in Exclude<keyof F, OptionalIn<F>>]: ValueOf<F[N]> } & {
  [N in OptionalIn<F>]?: ValueOf<F[N]>
}
type SomeOf<F> = { [N in keyof F]?: ValueOf<F[N]> | undefined }

interface TextTraits {
  readonly expected?: string
  readonly isSearched?: true
}
export const text = (max: number, traits: TextTraits = {}): WithBlank<string> =>
  asBlankable<string>({ type: 'text', max, ...traits })
/** What its record is called: it is always said. */
export const title = (max: number = titleLimit): Field<string> => ({ type: 'text', max, isTitle: true })
/** A line of text. */
export const line = (traits: TextTraits = {}): WithBlank<string> => text(titleLimit, traits)
/** Text of any length, in Markdown where it is a note. */
export const note = (): WithBlank<string> => text(noteLimit, { isSearched: true })

export const date: Field<CalendarDate> = { type: 'date' }
export const time: Field<ClockTime> = { type: 'time' }
/** Milliseconds since 1970 in UTC, to the end of the year 9999. */
export const epochMs: Field<number> = { type: 'epochMs' }
/** A text between those of the neighbours: see rank.ts. */
export const rank: Field<string> = { type: 'rank' }
export const flag: WithBlank<boolean> = asBlankable({ type: 'flag' })

interface Bounds {
  readonly min?: number
  readonly max?: number
  readonly expected?: string
}
export const count = ({ min = 0, max = Infinity, expected }: Bounds = {}): Field<number> => ({
  type: 'count',
  min,
  max,
  ...(expected === undefined ? {} : { expected }),
})
/** One minute to thirty days. */
export const minutes = count({ min: 1, max: 43_200 })
export const minuteOfDay = count({ max: 1440 })

export const oneOf = <const V extends readonly string[]>(values: V): Field<V[number]> => ({
  type: 'oneOf',
  values,
})
/** The id of a record of one of these kinds. */
export const ref = <const K extends readonly string[]>(
  to: K,
  onDelete: OnDelete,
): Field<IdOf<K[number]>> => ({
  type: 'ref',
  to,
  onDelete,
})
export const check = <V>(name: CheckName): Field<V> => ({ type: 'check', name })

export const object = <F extends Fields>(fields: F): Field<ValuesOf<F>> => ({ type: 'object', fields })
/** Any of the fields, and no other. */
export const partial = <F extends Fields>(fields: F): WithBlank<SomeOf<F>> =>
  asBlankable({ type: 'object', fields, isPartial: true })
type Variants<B extends string, O> = { [N in keyof O]: { [T in B]: N } & ValuesOf<O[N]> }[keyof O]
export const variant = <const B extends string, const O extends Readonly<Record<string, Fields>>>(
  by: B,
  of: O,
): Field<Variants<B, O>> => ({ type: 'variant', by, of })
/** A day, and a time on it where one is fixed. */
export const when = () => object({ date, time: nullable(time) })

export const nullable = <V>(field: Field<V>): WithBlank<V | null> =>
  ({ ...field, isNullable: true }) as unknown as WithBlank<V | null>
export const optional = <V>(field: Field<V>): Field<V | undefined> =>
  ({ ...field, isOptional: true }) as Field<V | undefined>
export const setOf = <V>(of: Field<V>): WithBlank<V[]> => asBlankable({ type: 'set', of })
export const listOf = <V>(of: Field<V>): Field<V[]> => ({ type: 'list', of })
/** Of names that are counted up, any may be missing; of others there may be any. */
type MapOf<K extends string, V> = [string] extends [K]
  ? Record<string, V>
  : [K] extends [`${string}:${string}`]
    ? Record<K, V>
    : { [N in K]?: V }
export const mapOf = <K extends string, V>(keys: Field<K>, of: Field<V>): WithBlank<MapOf<K, V>> =>
  ({ type: 'map', keys, of }) as unknown as WithBlank<MapOf<K, V>>

/** Whether something holds of a field or of one within it. */
export function someWithin(field: Field, holds: (field: Field) => boolean): boolean {
  const within = (each: Field) => someWithin(each, holds)
  switch (field.type) {
    case 'object':
      return Object.values(field.fields).some(within)
    case 'variant':
      return Object.values(field.of).some((fields) => Object.values(fields).some(within))
    case 'set':
    case 'list':
      return within(field.of)
    case 'map':
      return within(field.keys) || within(field.of)
    default:
      return holds(field)
  }
}

interface KindTraits {
  /** It opens by itself, and search finds it; what does not is found with what it belongs to. */
  readonly opens?: true
}
export interface Kind<F extends Fields = Fields> extends KindTraits {
  readonly fields: F
}
/** A kind of record, by its fields. */
export const kind = <const F extends Fields, const T extends KindTraits = object>(
  fields: F,
  traits?: T,
): Kind<F> & T => ({ fields, ...traits }) as Kind<F> & T
