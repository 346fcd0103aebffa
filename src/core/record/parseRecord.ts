// Reading a record of unknown origin.
import * as v from 'valibot'
import { ok, refuse, type Result } from '../result'
import { kindOf } from './ids'
import { schemas } from './schemas'
import type { AnyRecord } from './shapes'

/** Where a value departs from its shape, and how: `due.date: expected a day such as "2026-03-01"`. */
export interface ShapeFault {
  readonly where: string
  readonly why: string
}

/** A record out of unknown data. Extra, missing and wrongly typed fields are faults. */
export function parseRecord(unknown: unknown): Result<AnyRecord, ShapeFault> {
  const id = typeof unknown === 'object' && unknown !== null ? (unknown as { id?: unknown }).id : undefined
  if (typeof id !== 'string' || !Object.hasOwn(schemas, kindOf(id))) return refuse({ where: 'id', why: 'no known kind of record' })
  const parsed = v.safeParse(schemas[kindOf(id)], unknown, { abortEarly: true })
  if (parsed.success) return ok(parsed.output as AnyRecord)
  const issue = parsed.issues[0]
  return refuse({ where: v.getDotPath(issue) ?? 'record', why: issue.message })
}
