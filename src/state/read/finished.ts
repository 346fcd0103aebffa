// The projects that came to their end: when, and what they took.
import type { Document } from '@/core/journal'
import type { DaySpan } from '@/core/lookBack'
import type { Project } from '@/core/record'
import { localMomentAt, type CalendarDate } from '@/core/time'
import { doneWithWhole } from './actionIndexes'
import { minutesDoneIn } from './ownedIndexes'
import { projectsOf } from './selectors'
import { isOfSide, type SideChoice } from './sides'

export interface FinishedProject {
  readonly project: Project
  readonly closedOn: CalendarDate
  readonly doneMinutes: number
  /** What its done actions had been estimated to take; null where nothing was. */
  readonly meantMinutes: number | null
  readonly begunOn: CalendarDate
}

/** The projects finished in a span, the latest first. */
export function finishedIn(
  document: Document,
  { from, to }: DaySpan,
  zone: string,
  side: SideChoice,
): readonly Pick<FinishedProject, 'project' | 'closedOn'>[] {
  return projectsOf(document)
    .filter(
      ({ id, areaId, state, closedAtEpochMs }) =>
        state === 'finished' &&
        closedAtEpochMs !== null &&
        isOfSide(document, side, { projectId: id, areaId }),
    )
    .map((project) => ({ project, closedOn: localMomentAt(project.closedAtEpochMs as number, zone).date }))
    .filter(({ closedOn }) => closedOn >= from && closedOn <= to)
    .sort((a, b) => (b.project.closedAtEpochMs ?? 0) - (a.project.closedAtEpochMs ?? 0))
}

/** What a finished project took against what it was meant to take, and from when on it was there. */
export function howItEnded(
  document: Document,
  project: Project,
  zone: string,
): Pick<FinishedProject, 'doneMinutes' | 'meantMinutes' | 'begunOn'> {
  const done = doneWithWhole(document, project.id)
  const meant = done.flatMap(({ minutes }) => minutes ?? [])
  return {
    doneMinutes: minutesDoneIn(document, done),
    meantMinutes: meant.length === 0 ? null : meant.reduce((sum, minutes) => sum + minutes, 0),
    begunOn: project.begins ?? localMomentAt(project.createdAtEpochMs, zone).date,
  }
}
