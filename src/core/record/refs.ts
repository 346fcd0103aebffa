// Where records point, read off the registry: every id that a record holds, wherever in it, and the record with other
// ids in their places.
import { isObject } from '../json'
import { kindOf } from './ids'
import { registry, type RecordKind } from './kinds'
import { someWithin, type Field, type Fields, type OnDelete } from './kinds/field'
import type { AnyRecord } from './shapes'

export interface Ref {
  readonly id: string
  /** The field of the record that it stands in, or within. */
  readonly field: string
  /** What becomes of the record when what it points at is deleted. */
  readonly onDelete: OnDelete
}

/** What is put in the place of an id: another, the same, or null to take it out. */
export type Replace = (ref: Ref) => string | null

/** A condition of a lens can ask for anything by its id. */
const isCondition = (field: Field): boolean => field.type === 'check' && field.name === 'condition'
/** Whether there is an id in a field, or in what it holds. */
const holdsRef = (field: Field): boolean =>
  someWithin(field, (each) => each.type === 'ref' || isCondition(each))

const fieldsWithRefs: Partial<Record<RecordKind, readonly (readonly [string, Field])[]>> = {}
const refFieldsOf = (kind: RecordKind): readonly (readonly [string, Field])[] =>
  Object.hasOwn(registry, kind)
    ? (fieldsWithRefs[kind] ??= Object.entries(registry[kind].fields as Fields).filter(([, field]) =>
        holdsRef(field),
      ))
    : []

const idShape = /^[a-z][A-Za-z]*:./

/** A condition of a lens asks for things by their ids; what is gone is asked for in vain. */
function inCondition(value: unknown, replace: (id: string) => string): unknown {
  if (Array.isArray(value))
    return same(
      value,
      value.map((each) => inCondition(each, replace)),
    )
  if (typeof value === 'string' && idShape.test(value)) return replace(value)
  if (!isObject(value)) return value
  return { ...value, ...inEach(value, ['values', 'of'], (each) => inCondition(each, replace)) }
}

const inEach = (value: Record<string, unknown>, names: readonly string[], tell: (each: unknown) => unknown) =>
  Object.fromEntries(names.flatMap((name) => (name in value ? [[name, tell(value[name])]] : [])))

/** The value before, where nothing in it differs. */
const same = (before: readonly unknown[], after: readonly unknown[]): readonly unknown[] =>
  before.length === after.length && before.every((each, at) => each === after[at]) ? before : after

/** A value of a field with its ids replaced; the value itself where none was. */
function inField(
  field: Field,
  value: unknown,
  replace: (id: string, onDelete: OnDelete) => string | null,
): unknown {
  if (value === null || value === undefined) return value
  switch (field.type) {
    case 'ref':
      return typeof value === 'string' ? replace(value, field.onDelete) : value
    case 'check': {
      const after = inCondition(value, (id) => replace(id, 'keep') ?? id)
      return JSON.stringify(after) === JSON.stringify(value) ? value : after
    }
    case 'object': {
      if (!isObject(value)) return value
      const inside = Object.entries(field.fields).filter(([name, each]) => name in value && holdsRef(each))
      const after = inside.map(([name, each]) => [name, inField(each, value[name], replace)] as const)
      return after.some(([name, each]) => each !== value[name])
        ? { ...value, ...Object.fromEntries(after) }
        : value
    }
    case 'set':
    case 'list': {
      if (!Array.isArray(value)) return value
      const after = value.map((each) => inField(field.of, each, replace)).filter((each) => each !== null)
      return same(value, field.type === 'set' ? [...new Set(after)] : after)
    }
    case 'map': {
      if (!isObject(value)) return value
      const before = Object.entries(value)
      const after = before.flatMap(([key, each]) => {
        const name = field.keys.type === 'ref' ? inField(field.keys, key, replace) : key
        return name === null ? [] : [[name as string, inField(field.of, each, replace)] as const]
      })
      const isSame =
        after.length === before.length &&
        after.every(([key, each], at) => key === before[at]?.[0] && each === before[at]?.[1])
      return isSame ? value : Object.fromEntries(after)
    }
    default:
      return value
  }
}

/** The fields of a record that differ once its ids are replaced; none where nothing does. */
export function withRefs(record: AnyRecord, replace: Replace): Partial<AnyRecord> {
  const values = record as unknown as Record<string, unknown>
  const patch: Record<string, unknown> = {}
  for (const [name, field] of refFieldsOf(kindOf(record.id))) {
    const after = inField(field, values[name], (id, onDelete) => replace({ id, field: name, onDelete }))
    if (after !== values[name]) patch[name] = after
  }
  return patch as Partial<AnyRecord>
}

/** Everything a record points at. */
export function refsIn(record: AnyRecord): readonly Ref[] {
  const refs: Ref[] = []
  withRefs(record, (ref) => {
    refs.push(ref)
    return ref.id
  })
  return refs
}

/** The kinds whose records can point at one of some kinds. */
export function kindsPointingAt(kinds: ReadonlySet<string>): readonly RecordKind[] {
  const pointsAt = (field: Field): boolean =>
    someWithin(field, (each) =>
      each.type === 'ref' ? each.to.some((kind) => kinds.has(kind)) : isCondition(each),
    )
  return (Object.keys(registry) as RecordKind[]).filter((kind) =>
    refFieldsOf(kind).some(([, field]) => pointsAt(field)),
  )
}
