// The heads of a table's columns: pressed, a column is the first to sort by, then the other way round, then no more;
// its edge is dragged, or moved by arrows, to make it wider.
import { useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react'
import type { SortField, TableColumn } from '@/core/lens'
import { details } from '@/words/details'
import { Icon } from '@/ui'
import type { LensShown } from '../shown/lensProps'

export function TableHead({
  template,
  columns,
  ...shown
}: LensShown & { readonly template: string; readonly columns: readonly TableColumn[] }) {
  return (
    <div role="row" aria-rowindex={1} className="lens-thead" style={{ gridTemplateColumns: template }}>
      <Head name="Action" sort="title" className="lens-th lens-title-cell" {...shown} />
      {columns.map(({ field, width }) => (
        <Head
          key={field}
          name={details[field].name}
          sort={details[field].sort}
          className="lens-th"
          {...shown}
        >
          <Edge field={field} width={width} {...shown} />
        </Head>
      ))}
    </div>
  )
}

function Head({
  name,
  sort,
  className,
  lens,
  lenses,
  onChange,
  children,
}: LensShown & {
  readonly name: string
  readonly sort: SortField | undefined
  readonly className: string
  readonly children?: ReactNode
}) {
  const place = lens.sorts.findIndex(({ by }) => by === sort)
  const sorted = lens.sorts[place]
  const way = sorted?.down ? 'descending' : 'ascending'
  return (
    <div role="columnheader" className={className} aria-sort={sort && place === 0 ? way : undefined}>
      {sort ? (
        <button type="button" className="lens-th-open" onClick={() => onChange(lenses.sortedBy(lens, sort))}>
          {name}
          {sorted ? (
            <Icon name={sorted.down ? 'down' : 'up'} size={14} tone={place === 0 ? 'brass' : 'inkSoft'} />
          ) : null}
        </button>
      ) : (
        <span className="lens-th-open">{name}</span>
      )}
      {children}
    </div>
  )
}

const arrowStep = 16

function Edge({ field, width, look, lenses }: LensShown & TableColumn) {
  const [dragged, setDragged] = useState<{ readonly from: number; readonly width: number } | null>(null)
  const keep = (next: number) => {
    const columns = lenses.withWidth(look.columns, field, next)
    if (columns[field]?.width !== width) look.change({ columns }, `Width of ${details[field].name} changed`)
  }
  const onPointerDown = (event: PointerEvent<HTMLElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId)
    setDragged({ from: event.clientX, width })
    event.preventDefault()
  }
  const by = (event: PointerEvent<HTMLElement>) =>
    dragged ? dragged.width + event.clientX - dragged.from : width
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const step = { ArrowLeft: -arrowStep, ArrowRight: arrowStep }[event.key]
    if (!step) return
    event.preventDefault()
    event.stopPropagation()
    keep(width + step)
  }
  return (
    <span
      role="separator"
      aria-orientation="vertical"
      aria-label={`Width of ${details[field].name}`}
      aria-valuenow={width}
      aria-valuemin={lenses.columnWidths.least}
      aria-valuemax={lenses.columnWidths.most}
      tabIndex={0}
      className={dragged ? 'lens-edge dragged' : 'lens-edge'}
      onPointerDown={onPointerDown}
      onPointerMove={(event) => {
        // Drawn as it is dragged; kept where it is let go.
        if (dragged)
          event.currentTarget.style.transform = `translateX(${Math.round(by(event) - dragged.width)}px)`
      }}
      onPointerUp={(event) => {
        if (dragged) keep(by(event))
        event.currentTarget.style.transform = ''
        setDragged(null)
      }}
      onPointerCancel={(event) => {
        event.currentTarget.style.transform = ''
        setDragged(null)
      }}
      onKeyDown={onKeyDown}
    />
  )
}
