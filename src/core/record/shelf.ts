// Groups hold areas, areas hold projects: together they are the shelves.
import * as v from 'valibot'
import { dateField, epochMsField, idField, noteField, rankField, titleField } from './fields'

export const sides = ['work', 'private'] as const
export type Side = (typeof sides)[number]

/** Several areas side by side, on one side of life. */
export const groupSchema = v.strictObject({
  id: idField('group'),
  name: titleField,
  side: v.picklist(sides),
  rank: rankField,
  closedAtEpochMs: v.nullable(epochMsField),
})
export type Group = v.InferOutput<typeof groupSchema>

/** Number of area inks; an area's `ink` is an index into them. */
export const inkCount = 12

/** A part of life or work that is never over. */
export const areaSchema = v.strictObject({
  id: idField('area'),
  groupId: v.nullable(idField('group')),
  name: titleField,
  /** One or two letters or an emoji, for the seal. */
  stamp: v.pipe(v.string(), v.maxLength(16)),
  ink: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(inkCount - 1)),
  rank: rankField,
  closedAtEpochMs: v.nullable(epochMsField),
})
export type Area = v.InferOutput<typeof areaSchema>

export const projectStates = ['open', 'notNow', 'finished', 'letGo'] as const
export type ProjectState = (typeof projectStates)[number]

/** An outcome that takes more than one action and will be over one day. */
export const projectSchema = v.strictObject({
  id: idField('project'),
  areaId: v.nullable(idField('area')),
  title: titleField,
  /** What will be true, by when, so that what. */
  outcome: noteField,
  note: noteField,
  due: v.nullable(dateField),
  state: v.picklist(projectStates),
  rank: rankField,
  createdAtEpochMs: epochMsField,
  closedAtEpochMs: v.nullable(epochMsField),
})
export type Project = v.InferOutput<typeof projectSchema>
