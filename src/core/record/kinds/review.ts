// One round of a review: of a week, a month, a quarter or a year.
import { reviewRhythms } from '../scales'
import {
  count,
  date,
  epochMs,
  kind,
  line,
  listOf,
  mapOf,
  nullable,
  object,
  oneOf,
  ref,
  setOf,
  since,
  text,
  withBlank,
} from './field'

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

/** One that comes with the program by its name, an own question by its id (see core/review/stones). */
const stoneKey = text(160, { expected: 'expected the name of a part of the review' })

export const review = kind({
  rhythm: since(17, withBlank(oneOf(reviewRhythms), 'week')),
  /** The first day of what is looked back on; of a week its Monday. */
  periodFrom: date,
  startedAtEpochMs: epochMs,
  finishedAtEpochMs: nullable(epochMs),
  /** Where one is. */
  stone: withBlank(stoneKey, 'tray'),
  stonesDone: setOf(stoneKey),
  /** How many each had to look at when it was first come to, and the milliseconds spent there. */
  met: since(17, mapOf(stoneKey, count())),
  spentMs: since(17, mapOf(stoneKey, count())),
  /** What was looked at one by one, and left as it is. */
  looked: since(17, setOf(ref(['action', 'project'], 'keep'))),
  /** One or two aims for the week to come; empty where there is none. */
  firstAim: line(),
  secondAim: line(),
  figures: nullable(figures),
})
