// The list under one key: put in order when all of it is asked for, and only its first few where no more is.
import { withPut, without, type Ordering } from './order'

export interface List<R> {
  records: readonly R[]
  isOrdered: boolean
  heads: Map<number, readonly R[]>
  /**
   * The first so many in order, of a list that is not in order as a whole: one that goes need not be looked for
   * again.
   */
  first: readonly R[]
}

export interface ListRules<R> extends Ordering<R> {
  /** The first few in order, without putting the rest in order; by default cut off the whole. */
  readonly firstInOrder: ((records: readonly R[], count: number) => readonly R[]) | undefined
  /** How many more than were asked for are put in order, to be used up one by one. */
  readonly spare: number
}

export const listOf = <R>(records: readonly R[]): List<R> => ({
  records,
  isOrdered: false,
  heads: new Map(),
  first: [],
})

/** A list without what has gone and with what has come, still in order where it was. */
export function renewed<R>(
  list: List<R> | undefined,
  gone: ReadonlySet<R>,
  come: readonly R[],
  ordering: Ordering<R>,
): List<R> {
  const left = without(list?.records ?? [], gone)
  if (list?.isOrdered) return { ...listOf(withPut(left, come, ordering)), isOrdered: true }
  const first = without(list?.first ?? [], gone)
  const last = first.at(-1)
  const early = last ? come.filter((record) => ordering.compare(record, last) < 0) : []
  return { ...listOf([...left, ...come]), first: withPut(first, early, ordering) }
}

export function ordered<R>(list: List<R>, { inOrder }: Ordering<R>): readonly R[] {
  if (!list.isOrdered) {
    list.records = inOrder(list.records)
    list.isOrdered = true
  }
  return list.records
}

/** The first few, the same list as long as it is not renewed. */
export function headOf<R>(list: List<R>, count: number, rules: ListRules<R>): readonly R[] {
  const { firstInOrder, spare } = rules
  const known = list.heads.get(count)
  if (known) return known
  if (!list.isOrdered && firstInOrder && list.first.length < count)
    list.first = firstInOrder(list.records, count + spare)
  const head = (list.isOrdered || !firstInOrder ? ordered(list, rules) : list.first).slice(0, count)
  list.heads.set(count, head)
  return head
}
