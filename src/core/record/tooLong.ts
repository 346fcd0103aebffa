// How long each text may be, read off the registry: the check that every commit passes, there from the first moment on,
// before the checks of everything else have loaded.
import { kindOf } from './ids'
import { registry, type RecordKind } from './kinds'
import { someWithin, type Field, type Fields } from './kinds/field'
import type { AnyRecord } from './shapes'

export { lettersLimit } from './limits'

export interface TooLong {
  readonly field: string
  readonly limit: number
}

/** Whether there is a text with a limit in a field, or in what it holds. */
const holdsText = (field: Field): boolean =>
  someWithin(field, (each) => each.type === 'text' && each.max < Infinity)

const textsIn = (fields: Fields): readonly (readonly [string, Field])[] =>
  Object.entries(fields).filter(([, field]) => holdsText(field))

const textsOf: Partial<Record<RecordKind, ReturnType<typeof textsIn>>> = {}

function inField(name: string, field: Field, value: unknown): TooLong | null {
  if (field.type === 'text')
    return typeof value === 'string' && value.length > field.max ? { field: name, limit: field.max } : null
  if (typeof value !== 'object' || value === null) return null
  if (field.type === 'object') return inFields(textsIn(field.fields), value)
  if (field.type !== 'set' && field.type !== 'list' && field.type !== 'map') return null
  for (const member of Object.values(value)) {
    const found = inField(name, field.of, member)
    if (found) return found
  }
  return null
}

function inFields(texts: ReturnType<typeof textsIn>, value: object): TooLong | null {
  for (const [name, field] of texts) {
    const found = inField(name, field, (value as Record<string, unknown>)[name])
    if (found) return found
  }
  return null
}

/** The first text of a record that is longer than it may be, looked for in what it holds too; null where all fit. */
export function tooLongIn(record: AnyRecord): TooLong | null {
  const kind = kindOf(record.id)
  if (!Object.hasOwn(registry, kind)) return null
  return inFields((textsOf[kind] ??= textsIn(registry[kind].fields)), record)
}
