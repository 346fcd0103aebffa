// What goes when something is deleted: everything that is part of it, and each mention of it elsewhere. What points
// where, and what becomes of it then, is said by the kinds themselves.
import { seriesNameOf } from '@/core/action'
import { recordIn, recordsIn, updateOf, type Document, type RecordDiff } from '@/core/journal'
import { isIdOf, kindOf, type AnyRecord, type Id } from '@/core/record'
import type { OnDelete } from '@/core/record/kinds/field'
import { mentionsOf, withRefs } from '@/core/record/refs'
import { actionsOfSeries, repeatOf } from '../read/ownedIndexes'
import { after, diffOf, removed, type CommandContext, type Outcome } from './command'
import { inOneDiff } from './inOneDiff'

const kindsOf = (ids: Iterable<string>): ReadonlySet<string> => new Set([...ids].map((id) => kindOf(id)))

/** Every record that points at one of these in a way. */
const holding = (document: Document, ids: ReadonlySet<string>, way: OnDelete): AnyRecord[] =>
  mentionsOf(kindsOf(ids), [way]).flatMap(({ kind, mayHold }) =>
    (recordsIn(document, kind) as AnyRecord[]).filter((record) => mayHold(record, ids)),
  )

/** A rule goes with the last of its actions. */
function rulesLeft(document: Document, gone: ReadonlySet<string>): AnyRecord[] {
  return [...gone].flatMap((id): AnyRecord[] => {
    if (!isIdOf('action', id)) return []
    const isLast = actionsOfSeries(document, seriesNameOf(id)).every((each) => gone.has(each.id))
    const rule = isLast ? repeatOf(document, id) : undefined
    return rule ? [rule] : []
  })
}

/** All records that are part of some things, and those that are part of these in turn. */
export function goingWith(document: Document, ids: readonly string[]): AnyRecord[] {
  const gone = new Set<string>(ids)
  const going = new Map<string, AnyRecord>()
  for (let next: ReadonlySet<string> = gone; next.size > 0;) {
    const found = holding(document, next, 'delete').filter(({ id }) => !gone.has(id))
    for (const record of found) {
      gone.add(record.id)
      going.set(record.id, record)
    }
    next = new Set(found.map(({ id }) => id))
  }
  for (const rule of rulesLeft(document, gone)) if (!gone.has(rule.id)) going.set(rule.id, rule)
  return [...going.values()]
}

/**
 * Deletes things with all that is part of them, and takes them out of whatever points at them. What of it is to live on
 * elsewhere is moved there first, in a context that has seen it (see `after`).
 */
export function deleted({ document }: CommandContext, ids: readonly Id[]): RecordDiff[] {
  const there = ids.flatMap((id) => (recordIn(document, id) as AnyRecord | undefined) ?? [])
  const going = [...there, ...goingWith(document, ids)]
  const gone = new Set<string>(going.map(({ id }) => id))
  const cleared = holding(document, gone, 'clear').flatMap((record) => {
    if (gone.has(record.id)) return []
    const patch = withRefs(record, ({ id, onDelete }) => (onDelete === 'clear' && gone.has(id) ? null : id))
    return updateOf(record, patch) ?? []
  })
  return [...going.map(removed), ...cleared]
}

/** One act that ends in deleting things: what it moves elsewhere first is spared. */
export function thenDeleted(
  context: CommandContext,
  parts: readonly (RecordDiff | null)[],
  ids: readonly Id[],
): Outcome {
  const first = inOneDiff(parts.filter((part) => part !== null))
  return diffOf(...inOneDiff([...first, ...deleted(after(context, first), ids)]))
}
