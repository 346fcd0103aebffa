// The shape of a lens as it is kept and as it comes in a file. Loaded when something of unknown origin is read.
import * as v from 'valibot'
import { countCheck, dateCheck, flagCheck, oneOfCheck, textCheck } from '../record/checks'
import { titleLimit } from '../record/limits'
import {
  askable,
  choiceFields,
  countFields,
  dateFields,
  joins,
  lensLimits,
  lensStates,
  type ChoiceField,
  type Condition,
} from './lens'

const minutes = v.nullable(countCheck(1, 43_200))
const listOf = <const S extends v.GenericSchema>(item: S, least: number, most: number) =>
  v.pipe(
    v.array(item, 'expected a list'),
    v.minLength(least, `expected at least ${least}`),
    v.maxLength(most, `expected at most ${most}`),
  )

const idShape = /^[a-z]+:[A-Za-z0-9_~-]{1,128}$/

function isValueOf(field: ChoiceField, value: string): boolean {
  const values: readonly string[] | null = askable[field].values
  return values
    ? values.includes(value)
    : value === '' || (value.startsWith(`${field}:`) && idShape.test(value))
}

const choice = v.pipe(
  v.strictObject({
    kind: v.literal('choice'),
    field: oneOfCheck(choiceFields),
    values: listOf(v.string('expected text'), 1, lensLimits.values),
    not: flagCheck,
  }),
  v.check(
    ({ field, values }) =>
      values.every((value) => isValueOf(field, value)) && new Set(values).size === values.length,
    'expected values of that field, each once',
  ),
)

const span = v.variant('kind', [
  v.strictObject({
    kind: v.picklist(['none', 'any', 'past', 'today', 'tomorrow', 'week', 'nextWeek'] as const),
  }),
  v.strictObject({ kind: v.literal('next'), days: countCheck(1, 9999) }),
  v.pipe(
    v.strictObject({
      kind: v.literal('between'),
      from: v.nullable(dateCheck),
      to: v.nullable(dateCheck),
    }),
    v.check(({ from, to }) => from !== null || to !== null, 'expected a day'),
  ),
])

const leaf = [
  choice,
  v.strictObject({ kind: v.literal('minutes'), from: minutes, to: minutes }),
  v.pipe(
    v.strictObject({ kind: v.literal('date'), field: oneOfCheck(dateFields), span, not: flagCheck }),
    v.check(
      ({ span: { kind }, not }) => !not || (kind !== 'none' && kind !== 'any'),
      'expected the contrary span instead of a denial',
    ),
  ),
  v.strictObject({ kind: v.literal('state'), state: oneOfCheck(lensStates), not: flagCheck }),
  v.pipe(
    v.strictObject({
      kind: v.literal('count'),
      field: oneOfCheck(countFields),
      number: countCheck(0, 99_999),
      atMost: flagCheck,
    }),
    v.check(({ field, atMost }) => atMost || field !== 'doneWithin', 'expected at most'),
  ),
  v.strictObject({
    kind: v.literal('text'),
    text: v.pipe(textCheck(titleLimit), v.minLength(1, 'expected text')),
    not: flagCheck,
  }),
] as const

/** Whether conditions stand in one another no deeper than they may: looked at before anything walks through them. */
export function isShallow(value: unknown, depth: number = lensLimits.depth): boolean {
  if (typeof value !== 'object' || value === null) return true
  if (depth < 0) return false
  const of: unknown = (value as { of?: unknown }).of
  return !Array.isArray(of) || of.every((each) => isShallow(each, depth - 1))
}

const anyCondition: v.GenericSchema<Condition> = v.lazy(() => v.union([...leaf, many]))
const many = v.strictObject({
  kind: v.literal('many'),
  joined: oneOfCheck(joins),
  of: listOf(anyCondition, 1, lensLimits.conditions),
})

/** A condition, with others in it no deeper than `lensLimits.depth`. */
export const conditionCheck: v.GenericSchema<Condition> = v.pipe(
  v.custom<Condition>((value) => isShallow(value), 'expected conditions less deep in one another'),
  anyCondition,
)
