// Steps as they are shown: what stands under a step follows it, and what is finished sinks behind what is open.
// Places are named by what a step stands under and what it stands behind, so that ranks are the commands' business.
import type { Id, Step } from '../record'

export interface OutlineRow {
  readonly step: Step
  readonly depth: number
  /** Steps under it, however deep: all, and those that are done. */
  readonly under: number
  readonly doneUnder: number
}

/** Where a step stands: under which one, and behind which of its siblings; null is at the top, or the first. */
export interface StepPlace {
  readonly underId: Id<'step'> | null
  readonly afterId: Id<'step'> | null
}

type Siblings = ReadonlyMap<string | null, readonly Step[]>

const isDone = ({ doneAtEpochMs }: Step): boolean => doneAtEpochMs !== null

/** The steps under each, in their order. What stands under one that is gone stands at the top. */
function siblingsIn(steps: readonly Step[]): Siblings {
  const ids = new Set<string>(steps.map(({ id }) => id))
  const under = new Map<string | null, Step[]>()
  for (const step of steps) {
    const above = step.underId !== null && ids.has(step.underId) ? step.underId : null
    const list = under.get(above)
    if (list) list.push(step)
    else under.set(above, [step])
  }
  return under
}

const sunk = (steps: readonly Step[]): Step[] => [
  ...steps.filter((step) => !isDone(step)),
  ...steps.filter(isDone),
]

/**
 * The rows of an outline from top to bottom; `steps` are in the order of their ranks. Steps that stand under each other
 * in a ring, as two copies may leave them, are shown at the top. Never deeper in calls than there are steps in a row.
 */
export function outlineOf(steps: readonly Step[], { hideDone = false } = {}): OutlineRow[] {
  const under = siblingsIn(steps)
  const rows: { step: Step; depth: number; under: number; doneUnder: number; above: number }[] = []
  const seen = new Set<string>()
  const walk = (roots: readonly Step[]) => {
    const waiting = sunk(roots)
      .map((step) => ({ step, depth: 0, above: -1 }))
      .reverse()
    for (let next = waiting.pop(); next; next = waiting.pop()) {
      const { step, depth, above } = next
      if (seen.has(step.id)) continue
      seen.add(step.id)
      const place = rows.push({ step, depth, under: 0, doneUnder: 0, above }) - 1
      for (const child of sunk(under.get(step.id) ?? []).reverse())
        waiting.push({ step: child, depth: depth + 1, above: place })
    }
  }
  walk(under.get(null) ?? [])
  for (const step of steps) if (!seen.has(step.id)) walk([step])
  countUnder(rows)
  return (hideDone ? rows.filter(({ step }) => !isDone(step)) : rows).map(({ above: _, ...row }) => row)
}

/** Counts from the end: every row is counted in before the one above it is. */
function countUnder(
  rows: readonly { readonly step: Step; readonly above: number; under: number; doneUnder: number }[],
): void {
  for (let place = rows.length - 1; place >= 0; place--) {
    const row = rows[place] as (typeof rows)[number]
    const above = rows[row.above]
    if (!above) continue
    above.under += row.under + 1
    above.doneUnder += row.doneUnder + (isDone(row.step) ? 1 : 0)
  }
}

/** A step and all that stands under it, however deep. */
export function withAllUnder(steps: readonly Step[], id: Id<'step'>): Step[] {
  const under = siblingsIn(steps)
  const found = new Map(steps.filter((step) => step.id === id).map((step) => [step.id, step]))
  const waiting = [...found.values()]
  for (let next = waiting.pop(); next; next = waiting.pop())
    for (const child of under.get(next.id) ?? [])
      if (!found.has(child.id)) {
        found.set(child.id, child)
        waiting.push(child)
      }
  return [...found.values()]
}

const siblingsOf = (steps: readonly Step[], { id, underId }: Step): readonly Step[] => {
  const under = siblingsIn(steps)
  const among = under.get(underId)
  return among?.some((step) => step.id === id) ? among : (under.get(null) ?? [])
}

/** One deeper: the last under the sibling before it; null for the first. */
export function placeDeeper(steps: readonly Step[], step: Step): StepPlace | null {
  const siblings = siblingsOf(steps, step)
  const before = siblings[siblings.findIndex(({ id }) => id === step.id) - 1]
  if (!before) return null
  return { underId: before.id, afterId: siblingsIn(steps).get(before.id)?.at(-1)?.id ?? null }
}

/** One back: behind the step it stands under; null at the top. */
export function placeBack(steps: readonly Step[], step: Step): StepPlace | null {
  const above = steps.find(({ id }) => id === step.underId)
  return above ? { underId: above.underId, afterId: above.id } : null
}

/** One up or down among its siblings; null at the end. */
export function placeBeside(steps: readonly Step[], step: Step, by: 1 | -1): StepPlace | null {
  const siblings = siblingsOf(steps, step)
  const place = siblings.findIndex(({ id }) => id === step.id) + by
  if (place < 0 || place >= siblings.length) return null
  const after = by === 1 ? siblings[place] : siblings[place - 1]
  return { underId: step.underId, afterId: after?.id ?? null }
}

/**
 * The place of a row that is laid behind another at a depth: under it where it is deeper, else behind the step of that
 * depth that the other stands under. No deeper than one more than the row before.
 */
export function placeBehind(rows: readonly OutlineRow[], at: number, depth: number): StepPlace {
  const row = rows[at]
  if (!row) return { underId: null, afterId: null }
  if (depth > row.depth) return { underId: row.step.id, afterId: null }
  let place = at
  while (place > 0 && (rows[place] as OutlineRow).depth > depth) place--
  const beside = (rows[place] as OutlineRow).step
  return { underId: beside.underId, afterId: beside.id }
}
