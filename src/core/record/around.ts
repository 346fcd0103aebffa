// What stands around the actions: contexts, people, reference, and the settings that travel with the data.
import * as v from 'valibot'
import { epochMsField, idField, noteField, rankField, titleField } from './fields'

/** What must be at hand: a place, a tool, a site, a mood. */
export const contextSchema = v.strictObject({ id: idField('context'), name: titleField, rank: rankField })
export type Context = v.InferOutput<typeof contextSchema>

export const personSchema = v.strictObject({ id: idField('person'), name: titleField, note: noteField, rank: rankField })
export type Person = v.InferOutput<typeof personSchema>

/** A note, link or file kept, with nothing to do. */
export const referenceSchema = v.strictObject({
  id: idField('reference'),
  title: titleField,
  note: noteField,
  address: v.nullable(titleField),
  projectId: v.nullable(idField('project')),
  areaId: v.nullable(idField('area')),
  createdAtEpochMs: epochMsField,
  slipId: v.nullable(idField('slip')),
})
export type Reference = v.InferOutput<typeof referenceSchema>

const minuteOfDay = v.pipe(v.number('expected a number'), v.integer(), v.minValue(0), v.maxValue(1440))

export const settingsSchema = v.strictObject({
  id: idField('settings'),
  /** Free minutes on Monday … Sunday. */
  freeMinutes: v.pipe(v.array(minuteOfDay), v.length(7, 'expected seven numbers')),
  dayStartsAtMinute: minuteOfDay,
  underwayLimit: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(20)),
  /** Keys changed (`tick` → `y`) or switched off (null); the rest are as shipped. */
  keys: v.record(v.string(), v.nullable(v.pipe(v.string(), v.maxLength(20)))),
})
export type Settings = v.InferOutput<typeof settingsSchema>

export const defaultSettings: Settings = {
  id: 'settings:main',
  freeMinutes: [300, 300, 300, 300, 300, 120, 60],
  dayStartsAtMinute: 480,
  underwayLimit: 3,
  keys: {},
}
