// The foot of a table: how many, the sums, and the way to copy it out.
import { useEffect, useState } from 'react'
import type { DetailField, TableColumn } from '@/core/lens'
import { rest } from '@/held/rest'
import { count } from '@/words'
import { everythingIn } from '../shown/linesOf'
import type { LensList } from '../shown/lensProps'
import { footWords, type DetailsFrom } from '@/words/details'

export function TableFoot({
  template,
  columns,
  list,
  details,
  onCopy,
}: {
  readonly template: string
  readonly columns: readonly TableColumn[]
  readonly list: LensList
  readonly details: DetailsFrom
  readonly onCopy: () => void
}) {
  const sums = useSums(columns, list, details)
  return (
    <div role="row" className="lens-tfoot" style={{ gridTemplateColumns: template }}>
      <div role="gridcell" className="lens-td lens-title-cell">
        <span className="lens-foot-count">{count(list.count, 'action')}</span>
        <button type="button" className="lens-copy no-print" onClick={onCopy}>
          Copy out
        </button>
      </div>
      {columns.map(({ field }) => (
        <div key={field} role="gridcell" className="lens-td">
          {sums.get(field)}
        </div>
      ))}
    </div>
  )
}

type Sums = ReadonlyMap<DetailField, string>

/** Added up after the rows are shown, column by column: of a hundred thousand it takes longer than they do. */
function useSums(columns: readonly TableColumn[], list: LensList, details: DetailsFrom): Sums {
  const [sums, setSums] = useState<Sums>(new Map())
  useEffect(() => {
    let isLeft = false
    const add = async () => {
      const fresh = new Map<DetailField, string>()
      for (const { field } of columns) {
        await rest()
        if (isLeft) return
        fresh.set(field, footWords(field, everythingIn(list), details))
      }
      setSums(fresh)
    }
    void add()
    return () => {
      isLeft = true
    }
  }, [columns, list, details])
  return sums
}
