// What several actions have in common, for the choosers: what is the same in all of them; lists hold what is in all.
import { laidOnDay, withHorizon } from '@/core/action'
import { isEqual } from '@/core/isEqual'
import type { Horizon } from '@/core/record'
import type { ActionPatch } from '@/core/sentence'
import type { CalendarDate } from '@/core/time'
import type { Sayable, SaidField } from '@/words'

const nothing: Omit<Sayable, 'contextIds' | 'personIds'> = {
  due: null,
  at: null,
  day: null,
  horizon: 'soon',
  minutes: null,
  projectId: null,
  areaId: null,
  energy: null,
  payoff: null,
  craft: null,
  weight: 'should',
  waiting: null,
  notBefore: null,
  link: null,
}

const inAll = <T>(lists: readonly (readonly T[])[]): T[] => {
  const [first = [], ...others] = lists
  return first.filter((member) => others.every((list) => list.includes(member)))
}

export function sharedOf(actions: readonly Sayable[]): Sayable {
  const [first, ...others] = actions
  const isShared = (field: keyof typeof nothing) =>
    others.every((other) => isEqual(other[field], first?.[field]))
  const shared = (Object.keys(nothing) as (keyof typeof nothing)[]).filter(isShared)
  return {
    ...nothing,
    ...(first ? Object.fromEntries(shared.map((field) => [field, first[field]])) : {}),
    contextIds: inAll(actions.map(({ contextIds }) => contextIds)),
    personIds: inAll(actions.map(({ personIds }) => personIds)),
  }
}

/** A list as it becomes where its members in common change from `before` to `after`. */
const listFor = <T>(own: readonly T[], before: readonly T[], after: readonly T[]): T[] => [
  ...own.filter((member) => after.includes(member) || !before.includes(member)),
  ...after.filter((member) => !own.includes(member)),
]

/** What a chooser's answer, given of what they have in common, means for one of them. */
export function patchFor(
  action: Sayable,
  field: SaidField,
  patch: ActionPatch,
  shared: Sayable,
  today: CalendarDate,
): ActionPatch {
  if (field === 'day') return laidOnDay(action, patch.at?.date ?? patch.day ?? null)
  if (field === 'horizon') {
    const horizon: Horizon = patch.day === today ? 'today' : (patch.horizon ?? action.horizon)
    return withHorizon(action, horizon, today)
  }
  const lists = (['contextIds', 'personIds'] as const).flatMap((list) => {
    const after = patch[list]
    return after ? [[list, listFor<string>(action[list], shared[list], after)] as const] : []
  })
  return { ...patch, ...Object.fromEntries(lists) }
}
