// The foot of a table: how many, the sums, and the way to copy it out.
import { useDeferredValue, useMemo } from 'react'
import type { TableColumn } from '@/core/lens'
import type { Action } from '@/core/record'
import { count } from '@/words'
import { footWords, type DetailsFrom } from '@/words/details'

export function TableFoot({
  template,
  columns,
  actions,
  details,
  onCopy,
}: {
  readonly template: string
  readonly columns: readonly TableColumn[]
  readonly actions: readonly Action[]
  readonly details: DetailsFrom
  readonly onCopy: () => void
}) {
  // Summed after the rows are shown: of ten thousand it takes longer than they do.
  const summed = useDeferredValue(actions, null)
  const sums = useMemo(
    () => columns.map(({ field }) => [field, summed && footWords(field, summed, details)] as const),
    [columns, summed, details],
  )
  return (
    <div role="row" className="lens-tfoot" style={{ gridTemplateColumns: template }}>
      <div role="gridcell" className="lens-td lens-title-cell">
        <span className="lens-foot-count">{count(actions.length, 'action')}</span>
        <button type="button" className="lens-copy no-print" onClick={onCopy}>
          Copy out
        </button>
      </div>
      {sums.map(([field, words]) => (
        <div key={field} role="gridcell" className="lens-td">
          {words}
        </div>
      ))}
    </div>
  )
}
