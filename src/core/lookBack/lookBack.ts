// What was done in some days: minutes and outcomes, never ticks. What comes back is one outcome, however often it came.
// Each day is counted once (countedDay); days are put together from what was counted.
import type { Id, Plan } from '../record'
import type { CalendarDate } from '../time'
import { dayAsItWent, daysTogether, type DayAsItWent, type DonePart } from '../week/asItWent'

/** One done action. */
export interface Part extends DonePart {
  /** The same for all that one repeat has brought; the first of them bears it as its id. */
  readonly series: string
  /** Its minutes are the estimate: nothing was timed. */
  readonly isEstimated: boolean
}

/** What was done on one day under one key. */
interface CountedGroup {
  readonly key: string
  readonly minutes: number
  /** In the order they were done. */
  readonly ids: readonly Id<'action'>[]
  /** Done once each: their ids are their outcomes. */
  readonly single: number
  /** The series of what came back. */
  readonly repeated: ReadonlySet<string>
}

/** What was done on one day; the groups are under the keys of one grouping. */
export interface CountedDay {
  readonly parts: readonly Part[]
  readonly estimatedMinutes: number
  readonly groups: readonly CountedGroup[]
}

export interface DayOfParts {
  readonly date: CalendarDate
  readonly plan: Pick<Plan, 'planned' | 'plannedAtEpochMs'> | undefined
  readonly counted: CountedDay
}

export interface GroupDone {
  readonly key: string
  readonly minutes: number
  readonly outcomes: number
  /** Minutes, a number for each stretch. */
  readonly bars: readonly number[]
  /** Its actions, the latest first: laid together when they are asked for. */
  readonly ids: () => readonly Id<'action'>[]
}

export interface LookBack extends Omit<DayAsItWent, 'date' | 'doneCount'> {
  readonly days: readonly DayAsItWent[]
  readonly outcomes: number
  /** Of the minutes done, those that are estimates. */
  readonly estimatedMinutes: number
  /** The most minutes first. */
  readonly groups: readonly GroupDone[]
}

/** Each part under one key alone, so that what is counted adds up: `keyOf` gives it by the part's place. */
export function countedDay(parts: readonly Part[], keyOf: (at: number) => string): CountedDay {
  interface Growing {
    minutes: number
    single: number
    readonly ids: Id<'action'>[]
    readonly repeated: Set<string>
  }
  const groups = new Map<string, Growing>()
  let estimatedMinutes = 0
  parts.forEach((part, at) => {
    const key = keyOf(at)
    let group = groups.get(key)
    if (!group) groups.set(key, (group = { minutes: 0, single: 0, ids: [], repeated: new Set() }))
    const minutes = part.minutes ?? 0
    group.minutes += minutes
    group.ids.push(part.id)
    if (part.series === part.id) group.single++
    else group.repeated.add(part.series)
    if (part.isEstimated) estimatedMinutes += minutes
  })
  return { parts, estimatedMinutes, groups: [...groups].map(([key, group]) => ({ key, ...group })) }
}

const idSets = new WeakMap<CountedGroup, ReadonlySet<string>>()
function holds(group: CountedGroup, id: string): boolean {
  let set = idSets.get(group)
  if (!set) idSets.set(group, (set = new Set(group.ids)))
  return set.has(id)
}

/** How many outcomes there are in some groups: the first of a series and what it brought are one. */
function outcomesIn(groups: readonly CountedGroup[]): number {
  const repeated = new Set<string>()
  let single = 0
  for (const group of groups) {
    single += group.single
    for (const series of group.repeated) repeated.add(series)
  }
  let firsts = 0
  for (const series of repeated) if (groups.some((group) => holds(group, series))) firsts++
  return single + repeated.size - firsts
}

const wentOf = new WeakMap<CountedDay, { readonly plan: DayOfParts['plan']; readonly went: DayAsItWent }>()
/** The same as long as neither the day nor its plan has changed. */
function asItWent({ date, plan, counted }: DayOfParts): DayAsItWent {
  const known = wentOf.get(counted)
  if (known && known.plan === plan && known.went.date === date) return known.went
  const went = dayAsItWent(date, plan, counted.parts)
  wentOf.set(counted, { plan, went })
  return went
}

/** `stretchAt` says in which stretch a day lies, by its place among the days; `stretches` how many there are. */
export function lookBackOn(
  days: readonly DayOfParts[],
  stretchAt: (day: number) => number,
  stretches: number,
): LookBack {
  const groups = new Map<string, { bars: number[]; of: CountedGroup[] }>()
  let estimatedMinutes = 0
  days.forEach(({ counted }, at) => {
    estimatedMinutes += counted.estimatedMinutes
    if (counted.groups.length === 0) return
    const stretch = stretchAt(at)
    for (const part of counted.groups) {
      let group = groups.get(part.key)
      if (!group) groups.set(part.key, (group = { bars: new Array<number>(stretches).fill(0), of: [] }))
      group.bars[stretch] = (group.bars[stretch] ?? 0) + part.minutes
      group.of.push(part)
    }
  })
  const went = days.map(asItWent)
  const { plannedMinutes, doneMinutes, asPlannedMinutes } = daysTogether(went)
  return {
    days: went,
    plannedMinutes,
    doneMinutes,
    asPlannedMinutes,
    outcomes: outcomesIn(days.flatMap(({ counted }) => counted.groups)),
    estimatedMinutes,
    groups: [...groups]
      .map(([key, { bars, of }]) => ({
        key,
        bars,
        minutes: bars.reduce((sum, minutes) => sum + minutes, 0),
        outcomes: outcomesIn(of),
        ids: () => of.flatMap(({ ids }) => ids).reverse(),
      }))
      .sort((a, b) => b.minutes - a.minutes || b.outcomes - a.outcomes || (a.key < b.key ? -1 : 1)),
  }
}
