// How projects pass through the stages of an area: how long each has stood where it stands, how many got through a
// stage and how long that took. Read off the passages, which say when each came to stand where.
import { median } from '../median'
import type { Id, Passage, Project, Stage } from '../record'
import { daysBetween, localMomentAt, type CalendarDate } from '../time'

export interface StageFigures {
  readonly stageId: Id<'stage'>
  /** How many stand there now. */
  readonly standing: number
  /** How many went on from it, to a later stage or to the end as won. */
  readonly through: number
  /** The days that half of those took at most; null where none went on. */
  readonly medianDays: number | null
}

export interface WayFigures {
  readonly stages: readonly StageFigures[]
  readonly won: number
  readonly notWon: number
  readonly parked: number
  /** From the first stage to the end, in days, of those that were won; null where none was. */
  readonly medianDays: number | null
}

interface Way {
  /** The stages of one area, in their order. */
  readonly stages: readonly Stage[]
  /** The projects of that area, those that are over too. */
  readonly projects: readonly Project[]
  readonly passagesOf: (id: Id<'project'>) => readonly Passage[]
  readonly zone: string
}

/** Whole days by the calendar of a zone, never fewer than none: clocks of two copies may disagree. */
export const daysFrom = (fromEpochMs: number, toEpochMs: number, zone: string): number =>
  Math.max(0, daysBetween(localMomentAt(fromEpochMs, zone).date, localMomentAt(toEpochMs, zone).date))

/** A project's passages, the earliest first. */
export const inTime = (passages: readonly Passage[]): Passage[] =>
  [...passages].sort((a, b) => a.enteredAtEpochMs - b.enteredAtEpochMs || (a.id < b.id ? -1 : 1))

/** Since when a project has stood in its stage without a break; null where nothing says it. */
export function enteredAt(project: Pick<Project, 'stageId'>, passages: readonly Passage[]): number | null {
  const way = inTime(passages)
  let entered: number | null = null
  for (let at = way.length - 1; way[at]?.stageId === project.stageId; at--)
    entered = way[at]?.enteredAtEpochMs ?? null
  return entered
}

/** For how many days a project has stood in its stage; null where nothing says it. */
export function daysIn(
  project: Pick<Project, 'stageId'>,
  passages: readonly Passage[],
  today: CalendarDate,
  zone: string,
): number | null {
  const since = enteredAt(project, passages)
  return since === null ? null : Math.max(0, daysBetween(localMomentAt(since, zone).date, today))
}

export function howTheyPass({ stages, projects, passagesOf, zone }: Way): WayFigures {
  const order = new Map(stages.map(({ id }, at) => [id, at]))
  const took = new Map<Id<'stage'>, number[]>(stages.map(({ id }) => [id, []]))
  const whole: number[] = []
  for (const project of projects) {
    const way = inTime(passagesOf(project.id)).filter(({ stageId }) => order.has(stageId))
    const endedAt = project.ending === 'won' ? project.closedAtEpochMs : null
    way.forEach(({ stageId, enteredAtEpochMs }, at) => {
      const next = way[at + 1]
      const isOn = next
        ? (order.get(next.stageId) as number) > (order.get(stageId) as number)
        : endedAt !== null
      const leftAt = next?.enteredAtEpochMs ?? endedAt
      if (isOn && leftAt !== null) took.get(stageId)?.push(daysFrom(enteredAtEpochMs, leftAt, zone))
    })
    const [first] = way
    if (first && endedAt !== null) whole.push(daysFrom(first.enteredAtEpochMs, endedAt, zone))
  }
  const ended = (ending: Project['ending']) => projects.filter((project) => project.ending === ending).length
  return {
    stages: stages.map(({ id }) => ({
      stageId: id,
      standing: projects.filter(({ stageId, state }) => stageId === id && state === 'open').length,
      through: took.get(id)?.length ?? 0,
      medianDays: median(took.get(id) ?? []),
    })),
    won: ended('won'),
    notWon: ended('notWon'),
    parked: ended('parked'),
    medianDays: median(whole),
  }
}
