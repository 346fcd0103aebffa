import * as v from 'valibot'
import { dateField, epochMsField, idField, titleField } from './fields'

/** The stones of the weekly review, in order. */
export const stones = ['tray', 'projects', 'waiting', 'done', 'aims'] as const
export type Stone = (typeof stones)[number]

const count = v.pipe(v.number(), v.integer(), v.minValue(0))

/** What the round found, kept so that a finished review reads the same for ever. */
export const reviewFiguresSchema = v.strictObject({
  slipsLeft: count,
  projectsOpen: count,
  projectsWithoutNextAction: count,
  waiting: count,
  someday: count,
  done: count,
  doneMinutes: count,
  doneTitles: v.array(titleField),
})
export type ReviewFigures = v.InferOutput<typeof reviewFiguresSchema>

export const reviewSchema = v.strictObject({
  id: idField('review'),
  /** The Monday of the week looked back on. */
  weekOf: dateField,
  startedAtEpochMs: epochMsField,
  finishedAtEpochMs: v.nullable(epochMsField),
  stone: v.picklist(stones),
  stonesDone: v.array(v.picklist(stones)),
  /** One or two aims for the week to come. */
  aims: v.pipe(v.array(titleField), v.maxLength(2, 'expected at most two aims')),
  figures: v.nullable(reviewFiguresSchema),
})
export type Review = v.InferOutput<typeof reviewSchema>
