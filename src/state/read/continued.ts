// Text that goes on being written is one change, not one for every pause.
import { idOf, type Change, type RecordDiff } from '@/core/journal'

/** The fields that both parts wrote, from where the first began to where the second ended; null where they differ. */
function joinedPart(earlier: RecordDiff, later: RecordDiff): RecordDiff | null {
  if (earlier.kind !== 'updated' || later.kind !== 'updated' || idOf(earlier) !== idOf(later)) return null
  const names = Object.keys(later.fields)
  if (
    names.length !== Object.keys(earlier.fields).length ||
    !names.every((name) => Object.hasOwn(earlier.fields, name))
  )
    return null
  const fields = names.map((name) => [name, [earlier.fields[name]?.[0], later.fields[name]?.[1]]])
  return { kind: 'updated', id: earlier.id, fields: Object.fromEntries(fields) as never }
}

/** The one change that stands for both; null where the later one is about something else. */
export function continued(earlier: Change, later: Change): Change | null {
  const [first, ...others] = earlier.diff
  const [second, ...more] = later.diff
  if (!first || !second || others.length + more.length > 0 || earlier.act !== later.act || earlier.reverts)
    return null
  const part = joinedPart(first, second)
  return part ? { ...later, diff: [part] } : null
}
