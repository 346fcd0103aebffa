// The look back: what was done in a span of days, counted under areas, projects, contexts, people or goals. Of each day
// that has not changed, what is counted is kept.
import { seriesNameOf } from '@/core/action'
import { recordIn, type Document } from '@/core/journal'
import {
  countedDay,
  daysOf,
  lookBackOn,
  stretchesOf,
  type CountedDay,
  type DayOfParts,
  type DaySpan,
  type LookBack,
  type Part,
} from '@/core/lookBack'
import type { Action, Id } from '@/core/record'
import { addDays, epochMsAt, type CalendarDate } from '@/core/time'
import { doneByUtcDay } from './actionIndexes'
import { minutesTakenOf } from './ownedIndexes'
import { areaOf, planIdOf } from './selectors'
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
function keyOf(grouping: Grouping, document: Document, action: Action): string {
  const ids = idsOf[grouping](document, action)
  if (ids.length === 1) return ids[0] ?? ''
  return [...new Set(ids.filter((id) => id !== null))].sort().join(' ')
}

/** The ids that a key is made of. */
export const idsOfKey = (key: string): readonly Id[] => (key === '' ? [] : (key.split(' ') as Id[]))

export interface LookBackAsked {
  readonly zone: string
  readonly side: SideChoice
  readonly grouping: Grouping
  /** 0 is Monday. */
  readonly weekStartsOn: number
  /** Only what it matches is counted, done or planned. */
  readonly matches?: ((action: Action) => boolean) | null
}

const dayMs = 86_400_000

/** The tables besides the actions that a grouping looks into, and that say which side something is of. */
const tablesOf = (document: Document, { side, grouping }: LookBackAsked): readonly unknown[] => [
  document.timeEntry,
  ...(side === 'both' && grouping !== 'area' && grouping !== 'goal' ? [] : [document.project, document.area]),
  ...(side === 'both' ? [] : [document.group]),
]

interface Known {
  /** The instants at which the day begins and ends. */
  readonly begins: number
  readonly ends: number
  /** What it was counted from. */
  readonly from: readonly unknown[]
  readonly counted: CountedDay
}
/** What was counted of days, by how it was asked for: of the last few ways of asking. */
const known = new Map<string, Map<CalendarDate, Known>>()
const waysKept = 8

function knownBy({ zone, side, grouping }: LookBackAsked): Map<CalendarDate, Known> {
  const way = `${zone} ${side} ${grouping}`
  const found = known.get(way) ?? new Map<CalendarDate, Known>()
  // The latest asked for is the last to go.
  known.delete(way)
  known.set(way, found)
  for (const old of known.keys()) if (known.size > waysKept) known.delete(old)
  return found
}

/** What was done on a day of the wall clock: the same as long as nothing of it has changed. */
function countedOn(
  document: Document,
  date: CalendarDate,
  asked: LookBackAsked,
  held: Map<CalendarDate, Known>,
  tables: readonly unknown[],
): CountedDay {
  const before = held.get(date)
  const begins = before?.begins ?? epochMsAt({ date, minute: 0 }, asked.zone)
  const ends = before?.ends ?? epochMsAt({ date: addDays(date, 1), minute: 0 }, asked.zone)
  const from: unknown[] = [...tables]
  for (let utcDay = Math.floor(begins / dayMs); utcDay * dayMs < ends; utcDay++)
    from.push(doneByUtcDay(document, utcDay))
  if (before && isSameList(before.from, from)) return before.counted
  const done = (from.slice(tables.length) as (readonly Action[])[])
    .flat()
    .filter(
      (action) =>
        (action.doneAtEpochMs as number) >= begins &&
        (action.doneAtEpochMs as number) < ends &&
        isOfSide(document, asked.side, action),
    )
    .sort((a, b) => (a.doneAtEpochMs as number) - (b.doneAtEpochMs as number))
  const counted = countedOf(document, done, asked.grouping)
  held.set(date, { begins, ends, from, counted })
  return counted
}

const isSameList = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((each, at) => each === b[at])

const nothing: CountedDay = { parts: [], estimatedMinutes: 0, groups: [] }

function countedOf(document: Document, done: readonly Action[], grouping: Grouping): CountedDay {
  if (done.length === 0) return nothing
  const parts = done.map((action): Part => {
    const taken = minutesTakenOf(document, action)
    return {
      id: action.id,
      series: `action:${seriesNameOf(action.id)}`,
      minutes: taken ?? action.minutes,
      isEstimated: taken === null,
    }
  })
  return countedDay(parts, (at) => keyOf(grouping, document, done[at] as Action))
}

/** Counts some of the days beforehand, so that putting them together is quick; gives how many of them it came to. */
export function countAhead(
  document: Document,
  dates: readonly CalendarDate[],
  asked: LookBackAsked,
  isTimeUp: () => boolean,
): number {
  const [held, tables] = [knownBy(asked), tablesOf(document, asked)]
  for (let at = 0; at < dates.length; at++) {
    countedOn(document, dates[at] as CalendarDate, asked, held, tables)
    if (isTimeUp()) return at + 1
  }
  return dates.length
}

/** Every figure of a span. */
export function lookBackOf(
  document: Document,
  span: DaySpan,
  asked: LookBackAsked,
): LookBack & { readonly stretches: readonly DaySpan[] } {
  const { matches, side, weekStartsOn } = asked
  const dates = daysOf(span)
  const stretches = stretchesOf(span, weekStartsOn)
  const [held, tables] = [knownBy(asked), tablesOf(document, asked)]
  const isCounted = (id: Id<'action'>) => {
    const action = recordIn(document, id)
    return action !== undefined && isOfSide(document, side, action) && (!matches || matches(action))
  }
  const days = dates.map((date): DayOfParts => {
    const counted = countedOn(document, date, asked, held, tables)
    const plan = recordIn(document, planIdOf(date))
    if (side === 'both' && !matches) return { date, plan, counted }
    const planned = plan && Object.entries(plan.planned).filter(([id]) => isCounted(id as Id<'action'>))
    const done = matches ? counted.parts.filter(({ id }) => isCounted(id)) : null
    return {
      date,
      plan: plan && { ...plan, planned: Object.fromEntries(planned ?? []) },
      counted: done
        ? countedDay(done, (at) =>
            keyOf(asked.grouping, document, recordIn(document, (done[at] as Part).id) as Action),
          )
        : counted,
    }
  })
  let stretch = 0
  const stretchAt = (day: number) => {
    while ((dates[day] as CalendarDate) > (stretches[stretch]?.to ?? '9999')) stretch++
    return stretch
  }
  return { ...lookBackOn(days, stretchAt, stretches.length), stretches }
}
