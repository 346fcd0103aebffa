// Random records of every kind, read off the registry: a new kind or field is in every property that uses them.
import fc from 'fast-check'
import { registry, type RecordKind } from '../record/kinds'
import type { CheckName, Field, Fields } from '../record/kinds/field'
import type { RecordOf } from '../record'

const upTo = (least: number, most: number) => fc.integer({ min: least, max: Math.min(most, 1e9) })
const two = (number: number) => String(number).padStart(2, '0')
const dates = fc
  .record({ year: upTo(2024, 2028), month: upTo(1, 12), day: upTo(1, 28) })
  .map(({ year, month, day }) => `${year}-${two(month)}-${two(day)}`)
const times = fc
  .record({ hour: upTo(0, 23), minute: upTo(0, 59) })
  .map((at) => `${two(at.hour)}:${two(at.minute)}`)

const checked: Readonly<Record<CheckName, fc.Arbitrary<unknown>>> = {
  rule: fc.constantFrom('FREQ=DAILY', 'FREQ=WEEKLY;BYDAY=MO', 'FREQ=MONTHLY;BYMONTHDAY=3;COUNT=4'),
  blob: fc.constantFrom('a', 'b').map((digit) => `sha256-${digit.repeat(64)}`),
  condition: fc.constantFrom(
    { kind: 'state', state: 'ready', not: false },
    { kind: 'minutes', from: null, to: 30 },
    { kind: 'text', text: 'felt', not: true },
  ),
}

/** No key that reaches into the objects of the language: such records are refused as they are. */
const isKey = (key: unknown): boolean => typeof key === 'string' && !(key in {})

/** The names that records have here: few, so that they point at one another. */
const names = ['a', 'b', 'c'] as const

function anyOfShape(field: Field): fc.Arbitrary<unknown> {
  switch (field.type) {
    case 'text':
      return fc.string({ maxLength: Math.min(field.max, 12) })
    case 'date':
      return dates
    case 'time':
      return times
    case 'epochMs':
      return upTo(1, 1e9)
    case 'rank':
      return fc.constantFrom('a0', 'a1', 'b00')
    case 'flag':
      return fc.boolean()
    case 'count':
      return upTo(field.min, field.max)
    case 'oneOf':
      return fc.constantFrom(...field.values)
    case 'ref':
      return fc.tuple(fc.constantFrom(...field.to), fc.constantFrom(...names)).map((id) => id.join(':'))
    case 'check':
      return checked[field.name]
    case 'object':
      return fc.record(anyIn(field.fields), {
        requiredKeys: field.isPartial ? [] : Object.keys(field.fields),
      })
    case 'variant':
      return fc.oneof(
        ...Object.entries(field.of).map(([name, fields]) =>
          fc.record({ [field.by]: fc.constant(name), ...anyIn(fields) }),
        ),
      )
    case 'set':
      return fc.uniqueArray(anyOf(field.of), { maxLength: 3 }).map((members) => [...members].sort())
    case 'list':
      return fc.array(anyOf(field.of), { maxLength: 3 })
    case 'map':
      return fc.dictionary(anyOf(field.keys).filter(isKey) as fc.Arbitrary<string>, anyOf(field.of), {
        maxKeys: 3,
        noNullPrototype: true,
      })
  }
}

const anyOf = (field: Field): fc.Arbitrary<unknown> =>
  field.isNullable ? fc.option(anyOfShape(field)) : anyOfShape(field)

const anyIn = (fields: Fields): Record<string, fc.Arbitrary<unknown>> =>
  Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, anyOf(field)]))

/** A record of a kind, sound in every field. */
export function anyRecord<K extends RecordKind>(kind: K): fc.Arbitrary<RecordOf[K]> {
  const fields: Fields = registry[kind].fields
  const requiredKeys = ['id', ...Object.keys(fields).filter((name) => !fields[name]?.isOptional)]
  const id = fc.constantFrom(...names).map((name) => `${kind}:${name}`)
  return fc.record(
    { id, ...anyIn(fields) },
    { requiredKeys: requiredKeys as 'id'[] },
  ) as unknown as fc.Arbitrary<RecordOf[K]>
}
