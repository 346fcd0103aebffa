// A question about one's own past, as it is understood.
import type { DaySpan } from '../lookBack'

export const questionKinds = [
  'lastTime',
  'howLong',
  'done',
  'howMuch',
  'howMany',
  'waiting',
  'untouched',
] as const
/**
 * `lastTime`: when it was last done. `howLong`: what it took, from beginning to end and in minutes. `done`: what was
 * done. `howMuch`: minutes, `howMany`: how many. `waiting`: who is waited for. `untouched`: projects in which nothing
 * was done for so long.
 */
export type QuestionKind = (typeof questionKinds)[number]

export interface PastQuestion {
  readonly kind: QuestionKind
  /** Words of what it is about; empty for everything. */
  readonly about: string
  /** A name as it was said: of a person, a project, an area or a context; null where none was. */
  readonly named: string | null
  readonly span: DaySpan | null
  /** Of `untouched`: for how many days at least. */
  readonly days: number | null
  /** Of `howLong` and `howMany`: projects are meant, and not actions. */
  readonly ofProjects: boolean
}

/** How many days a project has been still where nobody says it. */
export const usualStillDays = 42
