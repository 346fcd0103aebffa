// Reading a record of unknown origin.
import * as v from 'valibot'
import { ok, refuse, type Result } from '../result'
import { hostileIn } from './hostile'
import { kindOf } from './ids'
import { idNameLimit } from './limits'
import { schemas, type FieldSchema } from './schemas'
import type { AnyRecord } from './shapes'

/** Where a value departs from its shape, and how: `due.date: expected a day such as "2026-03-01"`. */
export interface ShapeFault {
  readonly where: string
  readonly why: string
}

const anyId = new RegExp(`^[a-z][A-Za-z]{0,39}:[A-Za-z0-9_~.-]{1,${idNameLimit}}$`)

/** The schema of each known field of the kind of an id; null for a kind this version does not know. */
function fieldsOf(id: string): Readonly<Record<string, FieldSchema>> | null {
  return Object.hasOwn(schemas, kindOf(id))
    ? (schemas[kindOf(id)].entries as Record<string, FieldSchema>)
    : null
}

function idIn(unknown: unknown): Result<string, ShapeFault> {
  const hostile = hostileIn(unknown)
  if (hostile) return refuse({ where: hostile.where || 'record', why: 'expected no such key' })
  const id = typeof unknown === 'object' && unknown !== null ? (unknown as { id?: unknown }).id : undefined
  return typeof id === 'string' && anyId.test(id) ? ok(id) : refuse({ where: 'id', why: 'no kind of record' })
}

function faultOf(schema: FieldSchema, value: unknown, field: string): ShapeFault | null {
  const parsed = v.safeParse(schema, value, { abortEarly: true })
  if (parsed.success) return null
  const [issue] = parsed.issues
  return { where: [field, v.getDotPath(issue)].filter(Boolean).join('.') || 'record', why: issue.message }
}

/**
 * A record out of unknown data. Missing and wrongly typed fields are faults; kinds and fields of a newer version are
 * carried.
 */
export function parseRecord(unknown: unknown): Result<AnyRecord, ShapeFault> {
  const id = idIn(unknown)
  if (!id.ok) return id
  const fault = fieldsOf(id.value) === null ? null : faultOf(schemas[kindOf(id.value)], unknown, '')
  return fault ? refuse(fault) : ok(unknown as AnyRecord)
}

/** As `parseRecord`, for a record of which only some fields are known. */
export function parsePartialRecord(unknown: unknown): Result<Partial<AnyRecord>, ShapeFault> {
  const id = idIn(unknown)
  if (!id.ok) return id
  const fields = fieldsOf(id.value) ?? {}
  for (const [field, value] of Object.entries(unknown as Record<string, unknown>)) {
    const schema = Object.hasOwn(fields, field) ? fields[field] : undefined
    const fault = schema ? faultOf(schema, value, field) : null
    if (fault) return refuse(fault)
  }
  return ok(unknown as Partial<AnyRecord>)
}
