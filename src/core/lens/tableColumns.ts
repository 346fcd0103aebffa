// The columns of a lens's table: which, in which order, how wide. Kept under the name of the detail, so that two
// copies that each add one keep both.
import type { LensRecord } from '../record'
import { ranksKeeping } from '../record/ranksKeeping'
import { lensLimits, type DetailField, type Lens, type SortField } from './lens'

type Columns = LensRecord['columns']

const usualWidth: Readonly<Partial<Record<DetailField, number>>> = {
  shelf: 190,
  context: 130,
  minutes: 92,
  weight: 92,
  energy: 92,
  moved: 120,
  age: 96,
  steps: 130,
  waiting: 240,
  worth: 220,
  repeat: 200,
}
const widthOf = (field: DetailField): number => usualWidth[field] ?? 140
/** In px. */
export const columnWidths = { least: 64, most: 640 } as const

const usual: readonly DetailField[] = ['shelf', 'context', 'minutes', 'due', 'day', 'energy']

export interface TableColumn {
  readonly field: DetailField
  readonly width: number
}

/** As they are chosen; the usual ones where none is. */
export function columnsIn(columns: Columns): readonly TableColumn[] {
  const chosen = Object.entries(columns) as [DetailField, { rank: string; width: number }][]
  if (chosen.length === 0) return usual.map((field) => ({ field, width: widthOf(field) }))
  return chosen
    .sort(([a, { rank: first }], [b, { rank: second }]) =>
      first < second || (first === second && a < b) ? -1 : 1,
    )
    .map(([field, { width }]) => ({ field, width }))
}

/** The details that a lens's rows show, in their order. */
export const detailsIn = (shows: LensRecord['shows']): readonly DetailField[] =>
  (Object.entries(shows) as [DetailField, string][])
    .sort(([a, first], [b, second]) => (first < second || (first === second && a < b) ? -1 : 1))
    .map(([field]) => field)

/** With these details in this order; those that stay keep their rank where they can. */
export function withDetails(
  before: LensRecord['shows'],
  fields: readonly DetailField[],
): LensRecord['shows'] {
  const ranks = ranksKeeping(fields.map((field) => before[field]))
  return Object.fromEntries(fields.map((field, at) => [field, ranks[at] as string]))
}

/** With these columns in this order; those that stay keep their width and, where they can, their rank. */
export function withColumns(before: Columns, fields: readonly DetailField[]): Columns {
  const ranks = ranksKeeping(fields.map((field) => before[field]?.rank))
  return Object.fromEntries(
    fields.map((field, at) => [
      field,
      { rank: ranks[at] as string, width: before[field]?.width ?? widthOf(field) },
    ]),
  )
}

/** With one of them as wide as that. */
export function withWidth(before: Columns, field: DetailField, width: number): Columns {
  const columns = Object.keys(before).length > 0 ? before : withColumns({}, usual)
  const column = columns[field]
  if (!column) return columns
  return {
    ...columns,
    [field]: {
      ...column,
      width: Math.round(Math.min(columnWidths.most, Math.max(columnWidths.least, width))),
    },
  }
}

/** As usual, then the other way round, then no more: before the other sorts, which stay. */
export function sortedBy(lens: Lens, by: SortField): Lens {
  const [first] = lens.sorts
  const others = lens.sorts.filter((sort) => sort.by !== by)
  if (first?.by === by && first.down) return { ...lens, sorts: others }
  const down = first?.by === by
  return { ...lens, sorts: [{ by, down }, ...others].slice(0, lensLimits.sorts) }
}
