// What is asked of every record that comes from elsewhere, built from the registry; a field of a newer version is
// carried along. Loaded when something of unknown origin is read, not at the start: the rest uses the types alone.
import * as v from 'valibot'
import { isBlobHash } from '../blob/blobName'
import { conditionCheck } from '../lens/lensSchema'
import { parseRuleText } from '../repeat/rule'
import {
  countCheck,
  dateCheck,
  epochMsCheck,
  flagCheck,
  idCheck,
  oneOfCheck,
  rankCheck,
  textCheck,
  timeCheck,
} from './checks'
import { registry, type RecordKind } from './kinds'
import type { CheckName, Field, Fields, Shape } from './kinds/field'

export type FieldSchema = v.GenericSchema<unknown, unknown>
type Entries = Record<string, FieldSchema>

const checks: Readonly<Record<CheckName, FieldSchema>> = {
  rule: v.custom<string>(
    (value) => typeof value === 'string' && value.length <= 400 && parseRuleText(value) !== null,
    'expected a rule such as "FREQ=WEEKLY;BYDAY=MO"',
  ),
  blob: v.custom(isBlobHash, 'expected the hash of a file'),
  condition: conditionCheck,
}

const entriesOf = (fields: Fields): Entries =>
  Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, checkOf(field)]))

function checkOfShape(shape: Shape): FieldSchema {
  switch (shape.type) {
    case 'text':
      return shape.max === Infinity ? v.string('expected text') : textCheck(shape.max, shape.expected)
    case 'date':
      return dateCheck
    case 'time':
      return timeCheck
    case 'epochMs':
      return epochMsCheck
    case 'rank':
      return rankCheck
    case 'flag':
      return flagCheck
    case 'count':
      return countCheck(shape.min, shape.max, shape.expected)
    case 'oneOf':
      return oneOfCheck(shape.values)
    case 'ref':
      return idCheck(shape.to)
    case 'check':
      return checks[shape.name]
    case 'object': {
      const whole = v.strictObject(entriesOf(shape.fields))
      return shape.isPartial ? v.partial(whole) : whole
    }
    case 'variant':
      return v.variant(
        shape.by,
        Object.entries(shape.of).map(([name, fields]) =>
          v.strictObject({ [shape.by]: v.literal(name), ...entriesOf(fields) }),
        ),
      )
    case 'set':
    case 'list':
      return v.array(checkOf(shape.of))
    case 'map':
      return v.record(checkOf(shape.keys) as v.GenericSchema<string, string>, checkOf(shape.of))
  }
}

function checkOf(field: Field): FieldSchema {
  const check = checkOfShape(field)
  const orNull = field.isNullable ? v.nullable(check) : check
  return field.isOptional ? v.optional(orNull) : orNull
}

const schemaOf = (kind: RecordKind) => {
  const entries: Entries = { id: idCheck([kind]), ...entriesOf(registry[kind].fields) }
  return v.object(entries)
}

/** The check of each kind of record, field by field. */
export const schemas = Object.fromEntries(
  Object.keys(registry).map((kind) => [kind, schemaOf(kind as RecordKind)]),
) as Record<RecordKind, ReturnType<typeof schemaOf>>
