// What laying an action by hand under a heading sets of it: the field the heading is of, and nothing else. Law:
// whatever is set, the action stands under that heading afterwards (layUnder.test.ts).
import { laidOnDay, withHorizon } from '../action/held'
import { kindOfWork } from '../action/worth'
import { keptHorizons, type Action, type Horizon, type Level } from '../record'
import { addDays, type CalendarDate } from '../time'
import { groupKeyOf } from './groupKey'
import type { GroupField } from './lens'
import type { LensAround } from './takes'

export type LaidUnder =
  | { readonly kind: 'there' }
  | { readonly kind: 'set'; readonly patch: Partial<Action> }
  /** The heading stands for several days or lengths: which one is asked. */
  | { readonly kind: 'ask'; readonly field: 'day' | 'due' | 'minutes' }
  /** *past*: nothing is laid on a day that has gone. *follows*: it follows from something else. */
  | { readonly kind: 'not'; readonly why: 'past' | 'follows' }

/** Fields that a heading or a column can stand for and the hand can set. */
export const columnFields = [
  'horizon',
  'context',
  'weight',
  'energy',
  'minutes',
  'day',
  'due',
  'person',
  'project',
  'area',
  'work',
] as const satisfies readonly GroupField[]

const set = (patch: Partial<Action>): LaidUnder => ({ kind: 'set', patch })
const ask = (field: 'day' | 'due' | 'minutes'): LaidUnder => ({ kind: 'ask', field })

/** The first of an action's names taken for another; the others stay where that still stands under it. */
const replaced = (ids: readonly string[], from: string, to: string): string[] => [
  ...new Set([...(to === '' ? [] : [to]), ...ids.filter((id) => id !== from)]),
]

function onDay(action: Action, field: 'day' | 'due', key: string, today: CalendarDate): LaidUnder {
  const date = { today, tomorrow: addDays(today, 1), '': null }[key]
  if (key === 'past') return { kind: 'not', why: 'past' }
  if (date === undefined) return ask(field)
  if (field === 'day') return set(laidOnDay(action, date))
  return set({ due: date === null ? null : { date, time: action.due?.time ?? null } })
}

const atLeast = (level: Level | null): Level => (level === null || level === 'little' ? 'some' : level)

function worthAs(key: string, { payoff, craft }: Action): LaidUnder {
  switch (key) {
    case 'first':
      return set({ payoff: atLeast(payoff), craft: atLeast(craft) })
    case 'handOver':
      return set({ payoff: atLeast(payoff), craft: 'little' })
    case 'pleasure':
      return set({ payoff: 'little', craft: atLeast(craft) })
    case 'drop':
      return set({ payoff: 'little', craft: 'little' })
    default:
      return set(kindOfWork(payoff, craft) === null ? {} : { payoff: null, craft: null })
  }
}

function meantBy(field: GroupField, key: string, action: Action, around: LensAround): LaidUnder {
  const from = groupKeyOf(field, around)(action)
  switch (field) {
    case 'context': {
      const contextIds = replaced(action.contextIds, from, key) as Action['contextIds']
      const stands = groupKeyOf(field, around)({ ...action, contextIds }) === key
      return set({ contextIds: stands ? contextIds : ([key].filter(Boolean) as Action['contextIds']) })
    }
    case 'person': {
      const id = (key || null) as Action['personIds'][number] | null
      if (action.waiting && (id !== null || action.waiting.personId === from))
        return set({
          waiting: { ...action.waiting, personId: id, whom: id ? '' : action.waiting.whom },
          ...(id === null ? { personIds: [] } : {}),
        })
      const personIds = replaced(action.personIds, from, key) as Action['personIds']
      const stands = groupKeyOf(field, around)({ ...action, personIds }) === key
      return set({ personIds: stands ? personIds : [id].filter((only) => only !== null) })
    }
    case 'project':
      return key === ''
        ? set({ projectId: null, areaId: around.shelfOf(action).areaId as Action['areaId'] })
        : set({ projectId: key as Action['projectId'], areaId: null })
    case 'area':
      return set({ areaId: (key || null) as Action['areaId'], projectId: null })
    case 'horizon':
      return key === 'today' || (keptHorizons as readonly string[]).includes(key)
        ? set(withHorizon(action, key as Horizon, around.today))
        : { kind: 'not', why: 'follows' }
    case 'weight':
      return set({ weight: key as Action['weight'] })
    case 'energy':
      return set({ energy: (key || null) as Action['energy'] })
    case 'minutes':
      return key === 'more' ? ask('minutes') : set({ minutes: key === '' ? null : Number(key) })
    case 'work':
      return worthAs(key, action)
    case 'due':
      return onDay(action, 'due', key, around.today)
    case 'day':
    case 'date':
      return onDay(action, 'day', key, around.today)
    case 'group':
    case 'side':
      return { kind: 'not', why: 'follows' }
  }
}

/** What laying `action` under the heading `key` of `field` does to it. */
export function layUnder(field: GroupField, key: string, action: Action, around: LensAround): LaidUnder {
  const keyOf = groupKeyOf(field, around)
  if (keyOf(action) === key) return { kind: 'there' }
  const meant = meantBy(field, key, action, around)
  if (meant.kind !== 'set') return meant
  return keyOf({ ...action, ...meant.patch }) === key ? meant : { kind: 'not', why: 'follows' }
}

/** Under several headings at once, from the outer to the inner: all of them, or what stands in the way. */
export function layUnderAll(
  under: readonly (readonly [GroupField, string])[],
  action: Action,
  around: LensAround,
): LaidUnder {
  let patch: Partial<Action> = {}
  for (const [field, key] of under) {
    const laid = layUnder(field, key, { ...action, ...patch }, around)
    if (laid.kind === 'set') patch = { ...patch, ...laid.patch }
    else if (laid.kind !== 'there') return laid
  }
  const after = { ...action, ...patch }
  if (under.some(([field, key]) => groupKeyOf(field, around)(after) !== key))
    return { kind: 'not', why: 'follows' }
  return Object.keys(patch).length === 0 ? { kind: 'there' } : { kind: 'set', patch }
}
