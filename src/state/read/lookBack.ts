// The look back: what was done in a span of days, counted under areas, projects, contexts, people or goals. Of each day
// that has not changed, what is counted is kept.
import { seriesNameOf } from '@/core/action'
import { recordIn, type Document } from '@/core/journal'
import {
  daysOf,
  lookBackOn,
  stretchesOf,
  type DayOfParts,
  type DaySpan,
  type LookBack,
  type Part,
} from '@/core/lookBack'
import type { Action, Id, Project } from '@/core/record'
import { epochMsAt, localMomentAt, type CalendarDate } from '@/core/time'
import { doneByUtcDay, doneWithWhole } from './actionIndexes'
import { minutesDoneIn, minutesDoneOf, minutesTakenOf } from './ownedIndexes'
import { areaOf, planIdOf, projectsOf } from './selectors'
import { isOfSide, type SideChoice } from './sides'

export const groupings = ['area', 'project', 'context', 'person', 'goal'] as const
export type Grouping = (typeof groupings)[number]

/** The goals that a project or its area points at; of what is in no project, those of its area. */
function goalIdsOf(document: Document, action: Action): readonly Id<'goal'>[] {
  const project = action.projectId ? recordIn(document, action.projectId) : undefined
  const area = areaOf(document, action)
  return [...(project?.goalIds ?? []), ...(area?.goalIds ?? [])]
}

const idsOf: Readonly<Record<Grouping, (document: Document, action: Action) => readonly (string | null)[]>> =
  {
    area: (document, action) => [areaOf(document, action)?.id ?? null],
    project: (_, { projectId }) => [projectId],
    context: (_, { contextIds }) => contextIds,
    person: (_, { personIds, waiting }) => [...personIds, waiting?.personId ?? null],
    goal: goalIdsOf,
  }

/** What it is counted under: all of them together, so that no minute is counted twice. */
const keyOf = (grouping: Grouping, document: Document, action: Action): string =>
  [...new Set(idsOf[grouping](document, action).filter((id) => id !== null))].sort().join(' ')

/** The ids that a key is made of. */
export const idsOfKey = (key: string): readonly Id[] => (key === '' ? [] : (key.split(' ') as Id[]))

interface Counted {
  readonly tables: readonly unknown[]
  readonly byDate: ReadonlyMap<CalendarDate, readonly Part[]>
}
const counted = new WeakMap<readonly Action[], Map<string, Counted>>()

interface Asked {
  readonly zone: string
  readonly side: SideChoice
  readonly grouping: Grouping
}

/** What was done on a day of UTC, by the days of the wall clock it lies on. */
function partsOn(document: Document, utcDay: number, { zone, side, grouping }: Asked): Counted['byDate'] {
  const done = doneByUtcDay(document, utcDay)
  const tables = [document.timeEntry, document.project, document.area, document.group]
  const name = `${zone} ${side} ${grouping}`
  const known = counted.get(done)?.get(name)
  if (known && tables.every((table, at) => table === known.tables[at])) return known.byDate
  const byDate = new Map<CalendarDate, Part[]>()
  const inOrder = [...done].sort((a, b) => (a.doneAtEpochMs ?? 0) - (b.doneAtEpochMs ?? 0))
  for (const action of inOrder) {
    if (!isOfSide(document, side, action)) continue
    const { date } = localMomentAt(action.doneAtEpochMs as number, zone)
    const parts = byDate.get(date) ?? []
    byDate.set(date, parts)
    parts.push({
      id: action.id,
      series: seriesNameOf(action.id),
      minutes: minutesDoneOf(document, action),
      isEstimated: minutesTakenOf(document, action) === null,
      key: keyOf(grouping, document, action),
    })
  }
  const of = counted.get(done) ?? new Map<string, Counted>()
  counted.set(done, of.set(name, { tables, byDate }))
  return byDate
}

const dayMs = 86_400_000
const nothing: readonly Part[] = []

interface SpanAsked extends Asked {
  /** 0 is Monday. */
  readonly weekStartsOn: number
  /** Only what it matches is counted, done or planned. */
  readonly matches?: ((action: Action) => boolean) | null
}

/** Every figure of a span. */
export function lookBackOf(
  document: Document,
  span: DaySpan,
  { weekStartsOn, matches, ...asked }: SpanAsked,
): LookBack & { readonly stretches: readonly DaySpan[] } {
  const dates = daysOf(span)
  const stretches = stretchesOf(span, weekStartsOn)
  const partsOfDate = new Map<CalendarDate, readonly Part[]>()
  if (dates.length > 0) {
    const first = Math.floor(epochMsAt({ date: span.from, minute: 0 }, asked.zone) / dayMs)
    // A day and a half behind the last midnight: no zone and no clock change reaches further.
    const last = Math.floor(epochMsAt({ date: span.to, minute: 0 }, asked.zone) / dayMs + 1.5)
    for (let utcDay = first; utcDay <= last; utcDay++)
      for (const [date, parts] of partsOn(document, utcDay, asked)) {
        const before = partsOfDate.get(date)
        partsOfDate.set(date, before ? [...before, ...parts] : parts)
      }
  }
  const isCounted = (id: Id<'action'>) => {
    const action = recordIn(document, id)
    return action !== undefined && isOfSide(document, asked.side, action) && (!matches || matches(action))
  }
  const days = dates.map((date): DayOfParts => {
    const plan = recordIn(document, planIdOf(date))
    const planned =
      (asked.side === 'both' && !matches) || !plan
        ? plan?.planned
        : Object.fromEntries(Object.entries(plan.planned).filter(([id]) => isCounted(id as Id<'action'>)))
    const parts = partsOfDate.get(date) ?? nothing
    return {
      date,
      plan: plan && { ...plan, planned: planned ?? {} },
      parts: matches ? parts.filter(({ id }) => isCounted(id)) : parts,
    }
  })
  let stretch = 0
  const stretchAt = (day: number) => {
    while ((dates[day] as CalendarDate) > (stretches[stretch]?.to ?? '9999')) stretch++
    return stretch
  }
  return { ...lookBackOn(days, stretchAt, stretches.length), stretches }
}

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
