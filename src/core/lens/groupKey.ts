// Under which heading an action stands in a grouping, and in which order headings come. An empty key is none, and last.
import { kindOfWork, kindsOfWork } from '../action/worth'
import { energies, keptHorizons, sides, weights, type Action } from '../record'
import { addDays, weekStartOf, type CalendarDate } from '../time'
import type { GroupField } from './lens'
import { dateOf, type LensAround } from './takes'

const upTo = [15, 30, 60, 120] as const
/** Headings of minutes: up to so many, and more than the last. */
export const minuteGroups: readonly string[] = [...upTo.map(String), 'more']
/** Headings of days, as they are seen from today. */
export const dateGroups = ['past', 'today', 'tomorrow', 'week', 'nextWeek', 'later'] as const
export type DateGroup = (typeof dateGroups)[number]

function dateGrouping(around: LensAround): (date: CalendarDate | null) => string {
  const { today, weekStartsOn } = around
  const tomorrow = addDays(today, 1)
  const nextWeek = addDays(weekStartOf(today, weekStartsOn), 7)
  const weekAfter = addDays(nextWeek, 7)
  return (date) => {
    if (date === null) return ''
    if (date < today) return 'past'
    if (date === today) return 'today'
    if (date === tomorrow) return 'tomorrow'
    if (date < nextWeek) return 'week'
    return date < weekAfter ? 'nextWeek' : 'later'
  }
}

/** The first of several by its place, so that nothing stands twice. */
function firstOf(ids: readonly string[], placeOf: LensAround['placeOf']): string {
  let first = ids[0] ?? ''
  for (const id of ids) if (placeOf(id) < placeOf(first)) first = id
  return first
}

/** The key of an action in a grouping: an id, a step of a scale, a heading of days or minutes; empty is none. */
export function groupKeyOf(field: GroupField, around: LensAround): (action: Action) => string {
  const { shelfOf, placeOf, today } = around
  switch (field) {
    case 'context':
      return ({ contextIds }) => firstOf(contextIds, placeOf)
    case 'person':
      return ({ personIds, waiting }) => waiting?.personId ?? firstOf(personIds, placeOf)
    case 'project':
      return ({ projectId }) => projectId ?? ''
    case 'area':
      return (action) => shelfOf(action).areaId ?? ''
    case 'group':
      return (action) => shelfOf(action).groupId ?? ''
    case 'side':
      return (action) => shelfOf(action).side ?? ''
    case 'horizon':
      return (action) => (action.day === today ? 'today' : action.horizon)
    case 'weight':
      return ({ weight }) => weight
    case 'energy':
      return ({ energy }) => energy ?? ''
    case 'work':
      return ({ payoff, craft }) => kindOfWork(payoff, craft) ?? ''
    case 'minutes':
      return ({ minutes }) => {
        if (minutes === null) return ''
        return String(upTo.find((most) => minutes <= most) ?? 'more')
      }
    case 'date':
    case 'due':
    case 'day': {
      const grouped = dateGrouping(around)
      return (action) => grouped(dateOf(action, field))
    }
  }
}

const scales: Partial<Record<GroupField, readonly string[]>> = {
  side: sides,
  horizon: ['today', ...keptHorizons],
  weight: weights,
  energy: energies,
  work: kindsOfWork,
  minutes: minuteGroups,
  date: dateGroups,
  due: dateGroups,
  day: dateGroups,
}

/** Every heading a field of few values can have, in order, without the one for none; null where they are names. */
export const scaleOf = (field: GroupField): readonly string[] | null => scales[field] ?? null

/** Compares two keys of a grouping; none comes last. */
export function compareGroups(field: GroupField, around: LensAround): (a: string, b: string) => number {
  const scale = scales[field]
  const place = scale ? (key: string) => scale.indexOf(key) : around.placeOf
  return (a, b) => {
    if (a === b) return 0
    if (a === '' || b === '') return a === '' ? 1 : -1
    return place(a) - place(b) || (a < b ? -1 : 1)
  }
}
