// What was merged into a record, or what it came out of, read off its own changes. Its history shows that too.
import { idOf, type Change, type Timestamp } from '@/core/journal'
import { isIdOf, type Id } from '@/core/record'

/** The acts in which one thing is merged into another, or becomes it. */
const becoming: ReadonlySet<string> = new Set([
  'sortAsAction',
  'addAsAction',
  'sortAsDone',
  'sortAsSomeday',
  'sortAsLetGo',
  'sortAsProject',
  'sortAsReference',
  'sortAsHandedOver',
  'sortAsNotBefore',
  'sortAsReading',
  'useTemplate',
  'joinSlips',
  'splitSlip',
  'mergeIntoAction',
  'makeStepOf',
  'growIntoProject',
  'pushIntoSteps',
  'shrinkToAction',
  'joinProjects',
  'partOfArea',
])
const withHistory = ['slip', 'action', 'project'] as const

/** The history of something else, up to the change in which it was merged in. */
export interface MergedIn {
  readonly id: string
  readonly until: Timestamp
}

/**
 * What `id` was made of or had merged into it, by its own changes: removed for it, or what it came out of. That
 * history is its history too. What was taken back since does not count.
 */
export function mergedInBy(changes: readonly Change[], id: string): MergedIn[] {
  const isBack = new Map<Timestamp, boolean>()
  for (const { reverts } of changes) if (reverts) isBack.set(reverts.stamp, reverts.kind === 'undo')
  return changes.flatMap(({ act, stamp, diff }) => {
    const own = diff.find((part) => idOf(part) === id)
    if (!own || !becoming.has(act) || isBack.get(stamp)) return []
    return diff.flatMap((part) => {
      const other = idOf(part)
      const isOf = part.kind === 'removed' || (part.kind === 'updated' && own.kind === 'added')
      const isTold = other !== id && withHistory.some((kind) => isIdOf(kind, other as Id))
      return isOf && isTold ? [{ id: other, until: stamp }] : []
    })
  })
}
