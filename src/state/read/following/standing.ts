// Records that stand otherwise than they are written: those are what is listed.
import type { Changes } from './difference'

export interface Standing<R> {
  readonly of: (record: R) => R | undefined
  /** All of them, in parts that are the same as long as nothing in them stands otherwise. */
  readonly parts: ReadonlyMap<string, ReadonlyMap<string, R>>
}

/** What stands otherwise than it did, besides what was written. */
export function restood<R>(
  [before, after]: readonly [Standing<R> | null, Standing<R> | null],
  recordAt: (id: string) => R | undefined,
  written: ReadonlySet<string>,
): Changes<R> {
  const changes: Changes<R> = { gone: [], come: [] }
  if (after === before) return changes
  const parts = new Set([...(before?.parts.keys() ?? []), ...(after?.parts.keys() ?? [])])
  for (const part of parts) {
    const [was, is] = [before?.parts.get(part), after?.parts.get(part)]
    if (was === is) continue
    for (const id of new Set([...(was?.keys() ?? []), ...(is?.keys() ?? [])])) {
      const record = written.has(id) ? null : recordAt(id)
      if (!record) continue
      changes.gone.push(was?.get(id) ?? record)
      changes.come.push(is?.get(id) ?? record)
    }
  }
  return changes
}
