// One round of the weekly review.
import { stones } from '../scales'
import { count, date, epochMs, kind, line, listOf, nullable, object, oneOf, setOf } from './field'

/** What a finished round found, kept so that it reads the same for ever. */
const figures = object({
  slipsLeft: count(),
  projectsOpen: count(),
  projectsWithoutNextAction: count(),
  waiting: count(),
  someday: count(),
  done: count(),
  doneMinutes: count(),
  doneTitles: listOf(line()),
})

export const review = kind({
  /** The Monday of the week looked back on. */
  weekOf: date,
  startedAtEpochMs: epochMs,
  finishedAtEpochMs: nullable(epochMs),
  stone: oneOf(stones),
  stonesDone: setOf(oneOf(stones)),
  /** One or two aims for the week to come; empty where there is none. */
  firstAim: line(),
  secondAim: line(),
  figures: nullable(figures),
})
