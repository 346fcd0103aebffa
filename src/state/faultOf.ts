// What every diff must pass before it is committed: texts fit, fields are as they must be, and nothing points at what
// is not there.
import { idOf, recordIn, type Diff, type Document, type RecordDiff } from '@/core/journal'
import { kindOf, tooLongIn, type AnyRecord, type RecordKind } from '@/core/record'
import type { ShapeFault } from '@/core/record/parseRecord'
import { refsIn } from '@/core/record/refs'
import type { Result } from '@/core/result'
import type { Refusal } from './commands'

/** Checks records of unknown origin; loaded when first needed. */
export interface RecordParser {
  readonly whole: (record: unknown) => Result<unknown, ShapeFault>
  readonly partial: (record: unknown) => Result<unknown, ShapeFault>
}

const recordOf = (document: Document, id: string) =>
  recordIn(document, id as `${RecordKind}:`) as AnyRecord | undefined

/** The fields of a record that a part of a diff writes. */
function writtenBy(part: RecordDiff): AnyRecord | null {
  if (part.kind === 'added') return part.record
  if (part.kind !== 'updated') return null
  const written = Object.entries(part.fields).map(([field, [, to]]) => [field, to])
  return { id: part.id, ...Object.fromEntries(written) } as AnyRecord
}

/** A day has its note from the first word on: what belongs to it may come before. */
const isThere = (document: Document, id: string): boolean =>
  recordOf(document, id) !== undefined || id.startsWith('note:day-')

/** Whether a diff lets something point at what is not there: it was removed meanwhile, in another tab perhaps. */
const pointsAtNothing = (after: Document, diff: Diff): boolean =>
  diff.some((part) => {
    const written = writtenBy(part)
    return (
      written !== null &&
      refsIn(written).some(({ id, onDelete }) => onDelete !== 'keep' && !isThere(after, id))
    )
  })

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
