// Two texts that came from the same one, brought together line by line. Where both changed the same lines, both stay.
import { diff3Merge } from 'node-diff3'

/** Whichever of the two is called which: both sides come to the same text, so that two tabs agree. */
export function mergedNotes(from: string, mine: string, other: string): string {
  if (mine === other || other === from) return mine
  if (mine === from) return other
  const [first, second] = mine < other ? [mine, other] : [other, mine]
  const lines = (text: string) => text.split('\n')
  const parts = diff3Merge(lines(first), lines(from), lines(second), { excludeFalseConflicts: true })
  return parts
    .flatMap(({ ok, conflict }) => ok ?? (conflict ? bothOf(conflict.a, conflict.b) : []))
    .join('\n')
}

/** Both versions of the same lines, one below the other, without what they have in common at their ends. */
function bothOf(a: readonly string[], b: readonly string[]): string[] {
  let start = 0
  while (start < a.length && start < b.length && a[start] === b[start]) start++
  let end = 0
  while (end < a.length - start && end < b.length - start && a.at(-1 - end) === b.at(-1 - end)) end++
  return [
    ...a.slice(0, a.length - end),
    ...b.slice(start, b.length - end),
    ...(end > 0 ? a.slice(a.length - end) : []),
  ]
}
