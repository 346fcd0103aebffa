// Records in lists by the keys they stand under: all of a table at first, what has changed from then on.
import { recordOf, type Bucket, type Changes } from './difference'
import { listOf, renewed, type List, type ListRules } from './list'
import type { Standing } from './standing'

type KeysOf<R> = (record: R) => readonly string[]

/** Puts records into lists of their own, bucket by bucket, each as it stands. */
export function grouping<R extends { readonly id: string }>(
  keysOf: KeysOf<R>,
  stands: Standing<R> | undefined,
) {
  const groups = new Map<string, R[]>()
  const put = (record: R) => {
    for (const key of keysOf(record)) {
      const group = groups.get(key)
      if (group) group.push(record)
      else groups.set(key, [record])
    }
  }
  const putAsItStands = (record: R | null) => {
    if (record) put(stands?.of(record) ?? record)
  }
  return {
    putAsItStands,
    putBucket: (bucket: Bucket) => bucket?.forEach((entry) => putAsItStands(recordOf<R>(entry))),
    lists: () => new Map([...groups].map(([key, records]): [string, List<R>] => [key, listOf<R>(records)])),
  }
}

/** Renews those lists in which something has changed; one that is left empty goes. */
export function renewListed<R extends { readonly id: string }>(
  lists: Map<string, List<R>>,
  keysOf: KeysOf<R>,
  rules: ListRules<R>,
  changes: readonly Changes<R>[],
): void {
  const touched = new Map<string, { gone: Set<R>; come: R[] }>()
  const at = (key: string) => {
    const found = touched.get(key) ?? { gone: new Set<R>(), come: [] }
    touched.set(key, found)
    return found
  }
  for (const { gone, come } of changes) {
    gone.forEach((record) => keysOf(record).forEach((key) => at(key).gone.add(record)))
    come.forEach((record) => keysOf(record).forEach((key) => at(key).come.push(record)))
  }
  for (const [key, { gone, come }] of touched) {
    const list = renewed(lists.get(key), gone, come, rules)
    if (list.records.length > 0) lists.set(key, list)
    else lists.delete(key)
  }
}
