// A line of the table: an action with a cell for each detail, or a heading over several.
import { useRef, useState } from 'react'
import { isOpen } from '@/core/action'
import type { TableColumn } from '@/core/lens'
import { titleLimit, type Action } from '@/core/record'
import { useActionRow } from '@/parts/rows/ActionRow'
import { useSurroundings } from '@/parts/rows/surroundings'
import { Tick, Unseen } from '@/ui'
import { refusalWords } from '@/words'
import { details as detailTable, detailWords, type DetailsFrom } from '@/words/details'
import { headingWords, sumWords } from '@/words/lens'
import { desk } from '@/held/desk'
import { useZen } from '@/held/zen'
import { bandTitle } from '../shown/bandTitle'
import type { LensShown } from '../shown/lensProps'
import type { Line } from '../shown/linesOf'
import type { Cells } from './useCells'

interface LinePlace {
  readonly template: string
  readonly height: number
  readonly index: number
}

const styleOf = ({ template, height }: LinePlace) => ({ gridTemplateColumns: template, height })

export function TableRow({
  action,
  place,
  columns,
  cells,
  details,
}: {
  readonly action: Action
  readonly place: LinePlace
  readonly columns: readonly TableColumn[]
  readonly cells: Cells
  readonly details: DetailsFrom
}) {
  const { act, opened } = useSurroundings()
  const { choosing, onKeyDown } = useActionRow(action)
  const { id, title, weight } = action
  const isDone = !isOpen(action)
  const isAt = (column: number) => cells.at.id === id && cells.at.column === column
  return (
    <div
      role="row"
      aria-rowindex={place.index + 2}
      aria-selected={choosing.isTogether || opened === id}
      className={['lens-tr', choosing.isTogether ? 'together' : '', opened === id ? 'chosen' : '']
        .filter(Boolean)
        .join(' ')}
      style={styleOf(place)}
      data-line={id}
      data-of={id}
      onKeyDown={(event) => {
        const target = event.target as HTMLElement
        // Enter in a cell sets it; in any other row it opens the action.
        const isCells = event.key === 'Enter' && target.closest('[data-cell]')
        if (!target.closest('input') && !isCells) onKeyDown(event)
      }}
    >
      <div role="gridcell" aria-colindex={1} className="lens-td lens-title-cell">
        <Tick
          name={title}
          checked={isDone}
          tabIndex={cells.at.id === id ? 0 : -1}
          onToggle={() => act(isDone ? 'untick' : 'tick', { id })}
        />
        {cells.writing === id ? (
          <TitleLine action={action} onEnd={() => cells.write(null)} />
        ) : (
          <button
            type="button"
            className="lens-cell-open"
            data-cell={0}
            data-row
            tabIndex={isAt(0) ? 0 : -1}
            onFocus={() => cells.focused(id, 0)}
            // A press opens it, as on any row; Enter writes in the cell.
            onClick={choosing.press}
          >
            <span className={isDone ? 'slip-title struck clamped two' : `slip-title clamped two ${weight}`}>
              {title}
            </span>
          </button>
        )}
      </div>
      {columns.map(({ field }, at) => (
        <div key={field} role="gridcell" aria-colindex={at + 2} className="lens-td">
          <button
            type="button"
            className="lens-cell-open"
            data-cell={at + 1}
            tabIndex={isAt(at + 1) ? 0 : -1}
            aria-haspopup={detailTable[field].opens ? 'dialog' : undefined}
            onFocus={() => cells.focused(id, at + 1)}
            onClick={() => cells.open(id, at + 1)}
          >
            <Unseen>{`${detailTable[field].name}: `}</Unseen>
            <span className="clamped two">
              {detailWords(field, action, details) || <Unseen>none</Unseen>}
            </span>
          </button>
        </div>
      ))}
    </div>
  )
}

/**
 * The title, written where it stands: Enter and leaving keep it, Escape leaves it as it was. What is typed is held by
 * the tab until then, so that a page that is lost loses none of it.
 */
function TitleLine({
  action: { id, title },
  onEnd,
}: {
  readonly action: Action
  readonly onEnd: () => void
}) {
  const { act } = useSurroundings()
  const { memory } = useZen()
  const name = `title in table ${id}`
  const [text, setText] = useState(() => memory.typed.read(name) ?? title)
  const hasEnded = useRef(false)
  const end = (isKept: boolean) => {
    // What is taken out of the page is left as well: it is kept once, and not after Escape.
    if (hasEnded.current) return
    if (isKept && text.trim() !== title) {
      const outcome = act('editAction', { id, patch: { title: text } as never }, { atField: true })
      if (!outcome.ok && outcome.error.kind !== 'nothingToDo')
        desk.getState().tell(refusalWords(outcome.error), { problem: true })
    }
    hasEnded.current = true
    memory.typed.write(name, null)
    onEnd()
  }
  return (
    <input
      className="lens-title-line"
      aria-label={`Title of ${title}`}
      value={text}
      maxLength={titleLimit}
      // What was asked for by a key is written in at once.
      ref={(line) => {
        if (line && document.activeElement !== line) line.focus()
      }}
      onChange={(event) => {
        setText(event.target.value)
        memory.typed.write(name, event.target.value)
      }}
      onBlur={() => end(true)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') end(true)
        else if (event.key === 'Escape') end(false)
        else return
        event.preventDefault()
        event.stopPropagation()
      }}
    />
  )
}

export function HeadLine({
  line,
  place,
  ...shown
}: LensShown & {
  readonly line: Exclude<Line, { kind: 'row' }>
  readonly place: LinePlace
}) {
  const [title, sums] =
    line.kind === 'band'
      ? [bandTitle(line.band.band, shown), line.band]
      : [line.group.field ? headingWords(line.group.field, line.group.key, shown.names) : '', line.group]
  return (
    <div
      role="row"
      aria-rowindex={place.index + 2}
      className={`lens-tr lens-th-${line.kind}`}
      style={styleOf(place)}
      data-line={line.id}
    >
      <div role="gridcell" className="lens-td lens-head-cell" data-cell={0} tabIndex={-1}>
        <span className={line.kind === 'band' ? 'lens-band-name' : 'lens-group-name'}>{title}</span>
        <span className="lens-sum">{sumWords(sums)}</span>
      </div>
    </div>
  )
}
