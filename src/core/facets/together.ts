// Several actions set together: what they have in common, and what an answer about that means for one of them.
import { isEqual } from '../isEqual'
import { blankOf, facetFields, memberFieldsOf } from '../record'
import type { CalendarDate } from '../time'
import { facetOf } from '.'
import type { ActionPatch, Amendable, FacetField } from './amendable'

const lists = new Set(Object.keys(memberFieldsOf('action:')))

const inAll = <T>(values: readonly (readonly T[])[]): T[] => {
  const [first = [], ...others] = values
  return first.filter((member) => others.every((list) => list.includes(member)))
}

/** What is the same in all of them; of lists what is in all. */
export function sharedOf(actions: readonly Amendable[]): Amendable {
  const [first, ...others] = actions
  const blank: Readonly<Record<string, unknown>> = { ...blankOf('action'), waiting: null }
  const shared = (field: FacetField): unknown => {
    if (lists.has(field)) return inAll(actions.map((action) => action[field] as readonly unknown[]))
    return first && others.every((other) => isEqual(other[field], first[field])) ? first[field] : blank[field]
  }
  return Object.fromEntries(facetFields.map((field) => [field, shared(field)])) as unknown as Amendable
}

/** A list as it becomes where its members in common change from `before` to `after`. */
const listFor = (
  own: readonly unknown[],
  before: readonly unknown[],
  after: readonly unknown[],
): unknown[] => [
  ...own.filter((member) => after.includes(member) || !before.includes(member)),
  ...after.filter((member) => !own.includes(member)),
]

/** What a chooser's answer for a field, given of what is `shared`, means for one of them. */
export function patchFor(
  action: Amendable,
  field: string,
  patch: ActionPatch,
  shared: Amendable,
  today: CalendarDate,
): ActionPatch {
  const { forOne } = facetOf(field) ?? {}
  if (forOne) return forOne(action, patch, today)
  const fields = Object.entries(patch).map(([name, value]) => {
    const of = name as FacetField
    return lists.has(name)
      ? [name, listFor(action[of] as never, shared[of] as never, value as never)]
      : [name, value]
  })
  return Object.fromEntries(fields) as ActionPatch
}
