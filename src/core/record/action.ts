// An action and the scales it is measured on.
import * as v from 'valibot'
import { dateField, epochMsField, idField, minutesField, noteField, rankField, titleField, whenField } from './fields'

/** How near a thing is held, nearest first. *Today* is not kept: it is an action whose `day` is today. */
export const keptHorizons = ['week', 'soon', 'shelf', 'someday'] as const
export type KeptHorizon = (typeof keptHorizons)[number]
export type Horizon = 'today' | KeptHorizon

export const weights = ['must', 'should', 'could'] as const
export type Weight = (typeof weights)[number]

export const energies = ['deep', 'plain', 'light'] as const
export type Energy = (typeof energies)[number]

export const waitingSchema = v.strictObject({
  personId: v.nullable(idField('person')),
  /** Whom or what, in words, where no known person is meant. */
  whom: titleField,
  since: dateField,
  chaseOn: v.nullable(dateField),
})
export type Waiting = v.InferOutput<typeof waitingSchema>

export const actionSchema = v.strictObject({
  id: idField('action'),
  title: titleField,
  note: noteField,
  address: v.nullable(titleField),
  projectId: v.nullable(idField('project')),
  areaId: v.nullable(idField('area')),
  contextIds: v.array(idField('context')),
  personIds: v.array(idField('person')),
  horizon: v.picklist(keptHorizons),
  weight: v.picklist(weights),
  energy: v.nullable(v.picklist(energies)),
  minutes: v.nullable(minutesField),
  due: v.nullable(whenField),
  notBefore: v.nullable(dateField),
  /** Fixed on the clock. Its length is `minutes`. */
  at: v.nullable(whenField),
  /** The day it was picked for or moved to. */
  day: v.nullable(dateField),
  /** How often it was re-dated after its day had been set. */
  moves: v.pipe(v.number(), v.integer(), v.minValue(0)),
  /** Set while underway. */
  startedAtEpochMs: v.nullable(epochMsField),
  waiting: v.nullable(waitingSchema),
  rank: rankField,
  createdAtEpochMs: epochMsField,
  /** The slip it was sorted from: its history begins there. */
  slipId: v.nullable(idField('slip')),
  doneAtEpochMs: v.nullable(epochMsField),
  letGoAtEpochMs: v.nullable(epochMsField),
})
export type Action = v.InferOutput<typeof actionSchema>

export const isOpen = (action: Action): boolean => action.doneAtEpochMs === null && action.letGoAtEpochMs === null
