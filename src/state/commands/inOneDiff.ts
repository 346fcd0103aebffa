import type { Diff, RecordDiff } from '@/core/journal'
import { after, diffOf, type CommandContext, type Outcome } from './command'

/** One diff out of several that follow one another: what happens to a record is said once, as it is in the end. */
export function inOneDiff(parts: Diff): Diff {
  const at = new Map<string, number>()
  const whole: (RecordDiff | null)[] = []
  for (const part of parts) {
    const id = part.kind === 'updated' ? part.id : part.record.id
    const place = at.get(id)
    const before = place === undefined ? null : whole[place]
    if (place === undefined || !before) {
      at.set(id, whole.push(part) - 1)
      continue
    }
    whole[place] = joined(before, part)
  }
  return whole.filter((part) => part !== null)
}

/** What two parts of one record come to; null where they undo one another. */
function joined(before: RecordDiff, after: RecordDiff): RecordDiff | null {
  if (before.kind === 'updated' && after.kind === 'updated') {
    const fields = { ...before.fields }
    for (const [field, [from, to]] of Object.entries(after.fields))
      fields[field] = [fields[field] ? fields[field][0] : from, to]
    return { ...before, fields }
  }
  if (after.kind === 'updated' && before.kind !== 'updated' && before.kind !== 'removed') {
    const values = Object.fromEntries(Object.entries(after.fields).map(([field, [, to]]) => [field, to]))
    return { ...before, record: { ...before.record, ...values } as typeof before.record }
  }
  if (before.kind === 'added' && after.kind === 'removed') return null
  if (before.kind === 'updated' && after.kind === 'removed') {
    const values = Object.fromEntries(Object.entries(before.fields).map(([field, [from]]) => [field, from]))
    return { ...after, record: { ...after.record, ...values } as typeof after.record }
  }
  return after
}

/** One act made of several, each seeing what the ones before it did; those that change nothing are left out. */
export function oneAfterAnother(
  context: CommandContext,
  acts: readonly ((now: CommandContext) => Outcome)[],
): Outcome {
  let now = context
  const parts: RecordDiff[] = []
  for (const act of acts) {
    const outcome = act(now)
    if (!outcome.ok && outcome.error.kind !== 'nothingToDo') return outcome
    if (!outcome.ok) continue
    parts.push(...outcome.value)
    now = after(now, outcome.value)
  }
  return diffOf(...inOneDiff(parts))
}
