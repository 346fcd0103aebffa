// Lists in an order: what goes is taken out of one, and what comes is put in its place, without sorting it anew.

export interface Ordering<R> {
  readonly compare: (a: R, b: R) => number
  readonly inOrder: (records: readonly R[]) => R[]
}

/** Up to so many are put into a list, and taken out of it, one by one. */
const aFew = 8

/** Where a record belongs in an ordered list, from `low` on. */
function placeIn<R>(list: readonly R[], record: R, low: number, compare: Ordering<R>['compare']): number {
  let high = list.length
  while (low < high) {
    const middle = (low + high) >> 1
    if (compare(list[middle] as R, record) < 0) low = middle + 1
    else high = middle
  }
  return low
}

/**
 * A list without some of its records. A copy is made at once, however long a list is; a few are taken out of it without
 * looking at the others.
 */
export function without<R>(list: readonly R[], gone: ReadonlySet<R>): readonly R[] {
  if (gone.size > aFew) return list.filter((record) => !gone.has(record))
  const left = list.slice()
  for (const record of gone) {
    const at = left.indexOf(record)
    if (at >= 0) left.splice(at, 1)
  }
  return left
}

/** An ordered list with records put in their places. */
export function withPut<R>(
  list: readonly R[],
  come: readonly R[],
  { compare, inOrder }: Ordering<R>,
): readonly R[] {
  if (come.length === 0) return list
  if (come.length <= aFew) {
    const records = list.slice()
    for (const record of come) records.splice(placeIn(records, record, 0, compare), 0, record)
    return records
  }
  const records: R[] = []
  let taken = 0
  for (const record of inOrder(come)) {
    const place = placeIn(list, record, taken, compare)
    for (; taken < place; taken++) records.push(list[taken] as R)
    records.push(record)
  }
  return [...records, ...list.slice(taken)]
}
