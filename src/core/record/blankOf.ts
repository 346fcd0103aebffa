// New records where nothing is said of them: read off the registry.
import type { RecordKind } from './ids'
import { registry } from './kinds'
import type { Blankable, Field, Fields, ValueOf } from './kinds/field'

type FieldsOf<K extends RecordKind> = (typeof registry)[K]['fields']
/** What a new record need not be given: texts are empty, what can be null is, sets and maps hold nothing. */
export type BlankOf<K extends RecordKind> = {
  -readonly [N in keyof FieldsOf<K> as FieldsOf<K>[N] extends Required<Blankable> ? N : never]: ValueOf<
    FieldsOf<K>[N]
  >
}

/** What stands in a field where nothing is said; undefined where something must be. */
export function blankIn(field: Field): unknown {
  if (field.blank !== undefined) return field.blank
  if (field.isNullable) return null
  switch (field.type) {
    // What names a record is always said.
    case 'text':
      return field.isTitle ? undefined : ''
    case 'flag':
      return false
    case 'set':
      return []
    case 'map':
      return {}
    case 'object':
      return field.isPartial ? {} : undefined
    default:
      return undefined
  }
}

/** The fields of a new record of a kind, but for those that must be said. Every record has values of its own. */
export const blankOf = <K extends RecordKind>(kind: K): BlankOf<K> =>
  Object.fromEntries(
    Object.entries(registry[kind].fields as Fields).flatMap(([name, field]) => {
      const blank = field.isOptional ? undefined : blankIn(field)
      return blank === undefined ? [] : [[name, blank]]
    }),
  ) as BlankOf<K>
