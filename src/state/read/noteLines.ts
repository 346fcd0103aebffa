// The open check-box lines of all notes, followed edit by edit: a note is looked through again when it has changed.
import weakMemoize from '@emotion/weak-memoize'
import type { Document } from '@/core/journal'
import { checkLinesOf, hasOpenLine, mayHaveCheckLines, type CheckLine } from '@/core/note'
import type { RecordOf } from '@/core/record'
import { noteOwners } from '@/core/record/kinds/owners'
import { outsideTemplates } from './isTemplate'
import { makeTableIndex, type TableIndex } from './tableIndex'
import { recordTied } from './tiedTo'

export type Noted = RecordOf[(typeof noteOwners)[number]]

const none: readonly CheckLine[] = []
const looked = weakMemoize(({ note }: Noted): readonly CheckLine[] =>
  checkLinesOf(note).filter(({ isDone }) => !isDone),
)

/** The lines of a note that are not ticked, looked for once as long as the note is the same. */
const openLinesOf = (record: Noted): readonly CheckLine[] =>
  mayHaveCheckLines(record.note) ? looked(record) : none

/** Notes of what is over are out of sight. */
function isCurrent(record: Noted): boolean {
  const { letGoAtEpochMs, doneAtEpochMs, closedAtEpochMs } = record as Partial<
    Record<'letGoAtEpochMs' | 'doneAtEpochMs' | 'closedAtEpochMs', number | null>
  >
  return !letGoAtEpochMs && !doneAtEpochMs && !closedAtEpochMs
}

/** When its note began: the day of a page, else when it was made. People have no such day and come last. */
function begunAt(record: Noted): number {
  if ('date' in record) return Date.parse(record.date)
  return 'createdAtEpochMs' in record ? record.createdAtEpochMs : 0
}
const sinceOf = weakMemoize(begunAt)
const newestFirst = (a: Noted, b: Noted) => sinceOf(b) - sinceOf(a) || (a.id < b.id ? -1 : 1)

/** Each day is looked up once, not with every comparison. */
const inOrderOf = (records: readonly Noted[]): Noted[] =>
  records
    .map((record) => ({ record, since: begunAt(record) }))
    .sort((a, b) => b.since - a.since || (a.record.id < b.record.id ? -1 : 1))
    .map(({ record }) => record)

const withLines = 'lines'
const indexes = noteOwners.map(
  (kind) =>
    makeTableIndex(kind, {
      keysOf: (record) => (isCurrent(record) && hasOpenLine(record.note) ? [withLines] : []),
      compare: newestFirst,
      inOrder: (records) => inOrderOf(records) as never,
    }) as unknown as TableIndex<Noted>,
)

let lists: readonly (readonly Noted[])[] = []
let inOrder: readonly Noted[] = []

const real = outsideTemplates<Noted>((record) =>
  'projectId' in record && record.projectId ? record.projectId : record.id,
)

/** Every note that has lines which are not ticked, the newest first: the same list as long as none has changed. */
export function notesWithLines(document: Document): readonly Noted[] {
  const now = indexes.map((index) => index.of(document, withLines))
  if (now.some((list, at) => list !== lists[at])) {
    lists = now
    const filled = now.filter((list) => list.length > 0)
    inOrder = filled.length > 1 ? filled.flat().sort(newestFirst) : (filled[0] ?? [])
  }
  return real(document, inOrder)
}

/** The lines of a note to do something about: not ticked, and, where they stand for something, that is open too. */
export const linesToDo = (document: Document, record: Noted): readonly CheckLine[] =>
  openLinesOf(record).filter(({ tie }) => {
    if (tie === null) return true
    const tied = recordTied(document, tie)
    return (
      !tied || (tied.letGoAtEpochMs === null && !('doneAtEpochMs' in tied && tied.doneAtEpochMs !== null))
    )
  })

/** How many lines there are in all, over all notes. */
export const countOfLines = (document: Document): number =>
  notesWithLines(document).reduce((sum, record) => sum + openLinesOf(record).length, 0)
