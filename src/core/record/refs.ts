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

type Test = (value: unknown, ids: ReadonlySet<string>) => boolean

/** Whether one of some ids stands in a field; null where none of these kinds can, in this way. */
function testOf(field: Field, kinds: ReadonlySet<string>, ways: readonly OnDelete[]): Test | null {
  switch (field.type) {
    case 'ref':
      return ways.includes(field.onDelete) && field.to.some((kind) => kinds.has(kind))
        ? (value, ids) => value !== null && ids.has(value as string)
        : null
    case 'check':
      // A condition can ask for anything.
      return isCondition(field) && ways.includes('keep') ? () => true : null
    case 'object': {
      const tests = testsOf(field.fields, kinds, ways)
      return tests.length === 0
        ? null
        : (value, ids) => isObject(value) && tests.some(([name, test]) => test(value[name] as unknown, ids))
    }
    case 'set':
    case 'list': {
      const test = testOf(field.of, kinds, ways)
      return (
        test &&
        ((value, ids) => {
          const members = value as readonly unknown[] | undefined
          if (!members || members.length === 0) return false
          for (let at = 0; at < members.length; at++) if (test(members[at], ids)) return true
          return false
        })
      )
    }
    case 'map': {
      const [keys, values] = [testOf(field.keys, kinds, ways), testOf(field.of, kinds, ways)]
      return keys || values
        ? (value, ids) =>
            isObject(value) &&
            Object.entries(value).some(([key, each]) => keys?.(key, ids) || values?.(each, ids))
        : null
    }
    default:
      return null
  }
}

type NamedTests = readonly (readonly [name: string, test: Test])[]
/** A plain loop: it is gone through for every record there is. */
function someOf(tests: NamedTests, values: object, ids: ReadonlySet<string>): boolean {
  for (let at = 0; at < tests.length; at++) {
    const each = tests[at] as NamedTests[number]
    if (each[1]((values as Record<string, unknown>)[each[0]], ids)) return true
  }
  return false
}

const testsOf = (fields: Fields, kinds: ReadonlySet<string>, ways: readonly OnDelete[]) =>
  Object.entries(fields).flatMap(([name, field]): [string, Test][] => {
    const test = testOf(field, kinds, ways)
    return test ? [[name, test]] : []
  })

export interface Mentions {
  readonly kind: RecordKind
  /** Whether a record of that kind may hold one of the ids: quick, to be asked of every record there is. */
  readonly mayHold: (record: AnyRecord, ids: ReadonlySet<string>) => boolean
}

/** The kinds whose records can point at records of some kinds, in one of some ways. */
export const mentionsOf = (
  kinds: ReadonlySet<string>,
  ways: readonly OnDelete[] = ['clear', 'delete', 'keep'],
): readonly Mentions[] =>
  (Object.keys(registry) as RecordKind[]).flatMap((kind) => {
    const tests = testsOf(registry[kind].fields, kinds, ways)
    const mayHold: Mentions['mayHold'] = (record, ids) => someOf(tests, record, ids)
    return tests.length === 0 ? [] : [{ kind, mayHold }]
  })
