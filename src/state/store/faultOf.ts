// What every diff must pass before it is committed: texts fit, fields are as they must be, and nothing points at what
// is not there.
import { idOf, recordIn, type Diff, type Document, type RecordDiff, type Updated } from '@/core/journal'
import { datedNoteOf, kindOf, tooLongIn, type AnyRecord, type RecordKind } from '@/core/record'
import type { ShapeFault } from '@/core/record/parseRecord'
import { refsIn, withRefs } from '@/core/record/refs'
import type { Result } from '@/core/result'
import type { Refusal } from '../commands'

/** Checks records of unknown origin; loaded when first needed. */
export interface RecordParser {
  readonly whole: (record: unknown) => Result<unknown, ShapeFault>
  readonly partial: (record: unknown) => Result<unknown, ShapeFault>
}

const recordOf = (document: Document, id: string) =>
  recordIn(document, id as `${RecordKind}:`) as AnyRecord | undefined

/** One side of an update, as far as it is known. */
const sideOf = ({ id, fields }: Updated, side: 0 | 1): AnyRecord =>
  ({
    id,
    ...Object.fromEntries(Object.entries(fields).map(([field, pair]) => [field, pair[side]])),
  }) as AnyRecord

/** A day or a week has its note from the first word on: what belongs to it may come before. */
const isThere = (document: Document, id: string): boolean =>
  recordOf(document, id) !== undefined || datedNoteOf(id) !== null

/**
 * Whether an act lets something point at what is not there: it was removed meanwhile, in another tab perhaps. What a
 * record has pointed at before is no fault of the act.
 */
const pointsAtNothing = (after: Document, diff: Diff): boolean =>
  diff.some((part) => {
    if (part.kind === 'added')
      return refsIn(part.record).some(({ id, onDelete }) => onDelete === 'delete' && !isThere(after, id))
    if (part.kind !== 'updated') return false
    const before = new Set(refsIn(sideOf(part, 0)).map(({ id }) => id))
    return refsIn(sideOf(part, 1)).some(
      ({ id, onDelete }) => onDelete !== 'keep' && !before.has(id) && !isThere(after, id),
    )
  })

/**
 * The diff with what it adds pointing at nothing that is gone: what is made like something older does not take over a
 * mention of what was removed elsewhere. The same where there is none. `after` is the document with it.
 */
export function withoutGone(after: Document, diff: Diff): Diff {
  const parts = diff.map((part): RecordDiff => {
    if (part.kind !== 'added') return part
    const patch = withRefs(part.record, ({ id, onDelete }) =>
      onDelete === 'clear' && !isThere(after, id) ? null : id,
    )
    return Object.keys(patch).length === 0
      ? part
      : { ...part, record: { ...part.record, ...patch } as AnyRecord }
  })
  return parts.every((part, at) => part === diff[at]) ? diff : parts
}

/**
 * Why a diff cannot be kept; null where it can. `after` is the document with it; `isWhole` says that everything has
 * been read into it.
 */
export function faultOf(
  after: Document,
  diff: Diff,
  parser: RecordParser | null,
  isWhole: boolean,
): Refusal | null {
  for (const part of diff) {
    const record = recordOf(after, idOf(part))
    if (!record) continue
    const long = tooLongIn(record)
    if (long) return { kind: 'tooLong', ...long }
    const isPartial = kindOf(record.id) === 'settings'
    const parse = isPartial ? parser?.partial : parser?.whole
    const parsed = parse?.(record)
    if (parsed && !parsed.ok) return { kind: 'unfit', field: parsed.error.where }
  }
  return isWhole && pointsAtNothing(after, diff) ? { kind: 'notFound' } : null
}
