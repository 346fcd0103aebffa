// How deep projects, contexts and steps may lie within one another. What is deeper is nothing anybody could work
// from, and would be walked through by calls within calls.

/** So many levels below the outermost, at most. */
export const deepestNesting = 30

/**
 * The first of some things that lies too deep, by its id; null where none does. `parentOf` gives what each lies
 * within. A ring counts as no depth: rings are opened where things are read.
 */
export function tooDeepAmong(parentOf: ReadonlyMap<string, string | null>): string | null {
  const depths = new Map<string, number>()
  for (const start of parentOf.keys()) {
    const way: string[] = []
    const onWay = new Set<string>()
    let at: string | null = start
    while (at !== null && parentOf.has(at) && !depths.has(at) && !onWay.has(at)) {
      way.push(at)
      onWay.add(at)
      at = parentOf.get(at) ?? null
    }
    const isRing = at !== null && onWay.has(at)
    let depth = at !== null && depths.has(at) ? (depths.get(at) as number) + 1 : 0
    for (const id of way.reverse()) {
      depths.set(id, isRing ? 0 : depth)
      if (!isRing && depth > deepestNesting) return id
      depth++
    }
  }
  return null
}
