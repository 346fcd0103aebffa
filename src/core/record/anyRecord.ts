// Every kind of record under one roof: the schema of each, and reading one of unknown origin.
import * as v from 'valibot'
import { refuse, ok, type Result } from '../result'
import { actionSchema, type Action } from './action'
import { contextSchema, personSchema, referenceSchema, settingsSchema, type Context, type Person, type Reference, type Settings } from './around'
import { kindOf, type RecordKind } from './fields'
import { reviewSchema, type Review } from './reviewRecord'
import { areaSchema, groupSchema, projectSchema, type Area, type Group, type Project } from './shelf'
import { slipSchema, type Slip } from './slip'

export interface RecordOf {
  slip: Slip
  action: Action
  project: Project
  area: Area
  group: Group
  context: Context
  person: Person
  reference: Reference
  review: Review
  settings: Settings
}
export type AnyRecord = RecordOf[RecordKind]

export const schemas = {
  slip: slipSchema, action: actionSchema, project: projectSchema, area: areaSchema, group: groupSchema,
  context: contextSchema, person: personSchema, reference: referenceSchema, review: reviewSchema, settings: settingsSchema,
} as const

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
