// The texts by which people know a record, read off the registry: what it is called, and what search reads of it.
import { kindOf } from './ids'
import { registry } from './kinds'
import type { Field, Fields } from './kinds/field'
import type { AnyRecord } from './shapes'

const isText = (field: Field): boolean =>
  field.type === 'text' && (field.isTitle === true || field.isSearched === true)

/** The texts of a record, by their fields; empty ones are left out. */
export function textsOf(record: AnyRecord): readonly (readonly [field: string, text: string])[] {
  const fields: Fields = Object.hasOwn(registry, kindOf(record.id)) ? registry[kindOf(record.id)].fields : {}
  const values = record as unknown as Readonly<Record<string, unknown>>
  return Object.entries(fields).flatMap(([name, field]) => {
    const text = isText(field) ? values[name] : ''
    return typeof text === 'string' && text !== '' ? [[name, text] as const] : []
  })
}

/** A record with each of its texts told otherwise. */
export const withTexts = <R extends AnyRecord>(
  record: R,
  told: (text: string, field: string) => string,
): R => ({
  ...record,
  ...Object.fromEntries(textsOf(record).map(([field, text]) => [field, told(text, field)])),
})
