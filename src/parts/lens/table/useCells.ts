// The cells of a table: which has the focus, where keys lead, and what is opened to set one. The focus belongs to an
// action and a column, not to a place: it stays with the action wherever an edit carries that.
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type RefObject } from 'react'
import type { TableColumn } from '@/core/lens'
import type { Id } from '@/core/record'
import type { SaidField } from '@/words'
import { details } from '@/words/details'
import { useOpened } from '@/held/useOpened'
import type { Lines } from '@/parts/rows/lines'
import type { Line } from '../shown/linesOf'

interface CellsOf {
  readonly lines: Lines<Line>
  readonly columns: readonly TableColumn[]
  readonly boxRef: RefObject<HTMLDivElement | null>
}

export interface Cells {
  /** The one that Tab leads to: a line and a column, 0 is the title. */
  readonly at: { readonly id: string; readonly column: number }
  readonly onKeyDown: (event: KeyboardEvent<HTMLElement>) => void
  readonly focused: (id: string, column: number) => void
  /** Opens what sets it: its chooser, or for a title the line itself. */
  readonly open: (id: Id<'action'>, column: number) => void
  readonly chosen: { readonly id: Id<'action'>; readonly field: SaidField } | null
  /** The action whose title is being written. */
  readonly writing: Id<'action'> | null
  readonly write: (id: Id<'action'> | null) => void
  readonly close: () => void
}

const cellIn = (box: HTMLElement | null, id: string, column: number): HTMLElement | null =>
  box?.querySelector<HTMLElement>(`[data-line="${CSS.escape(id)}"] [data-cell="${column}"]`) ?? null

/**
 * The next row in a direction, from there on: headings have nothing to set and are passed over; itself where there is
 * none.
 */
function step(lines: Lines<Line>, index: number, by: 1 | -1): number {
  let next = index + by
  while (next >= 0 && next < lines.length && lines.at(next).kind !== 'row') next += by
  return next >= 0 && next < lines.length ? next : index
}

/** What a heading and a foot cover, in px: no line is brought into sight under them. */
const covered = 46

function bringIntoSight(box: HTMLElement | null, top: number, bottom: number): void {
  if (!box) return
  const room = box.clientHeight - 2 * covered
  if (top < box.scrollTop) box.scrollTop = top
  else if (bottom > box.scrollTop + room) box.scrollTop = bottom - room
}

export function useCells({ lines, columns, boxRef }: CellsOf): Cells {
  const { open: openAction } = useOpened()
  const [wanted, setWanted] = useState<Cells['at'] | null>(null)
  const [chosen, setChosen] = useState<Cells['chosen']>(null)
  const [writing, setWriting] = useState<Cells['writing']>(null)
  const goingTo = useRef(false)
  const isThere = useMemo(() => wanted !== null && lines.indexOf(wanted.id) >= 0, [lines, wanted])
  const firstRow = step(lines, -1, 1)
  const at = isThere && wanted ? wanted : { id: firstRow < 0 ? '' : lines.at(firstRow).id, column: 0 }
  // A line that was out of sight is there a moment after it was scrolled to.
  useEffect(() => {
    if (!goingTo.current) return
    const cell = cellIn(boxRef.current, at.id, at.column)
    if (!cell) return
    goingTo.current = false
    cell.focus({ preventScroll: true })
    cell.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  })
  const go = (index: number, column: number) => {
    const to = Math.min(lines.length - 1, Math.max(0, index))
    const line = to < 0 ? null : lines.at(to)
    if (!line) return
    goingTo.current = true
    bringIntoSight(boxRef.current, lines.topOf(to), lines.topOf(to + 1))
    setWanted({ id: line.id, column: Math.min(columns.length, Math.max(0, column)) })
  }
  const open: Cells['open'] = (id, column) => {
    if (column === 0) return setWriting(id)
    const at = columns[column - 1]
    const field = at && details[at.field].opens
    if (field) setChosen({ id, field })
    else openAction(id)
  }
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const cell = (event.target as HTMLElement).closest<HTMLElement>('[data-cell]')
    const id = cell?.closest<HTMLElement>('[data-line]')?.dataset['line']
    if (!cell || !id || event.altKey || (event.target as HTMLElement).closest('input')) return
    const column = Number(cell.dataset['cell'])
    const index = lines.indexOf(id)
    const page = Math.max(1, Math.floor((boxRef.current?.clientHeight ?? 400) / 52) - 2)
    const isFar = event.ctrlKey || event.metaKey
    const moves: Record<string, () => void> = {
      ArrowDown: () => go(step(lines, index, 1), column),
      ArrowUp: () => go(step(lines, index, -1), column),
      ArrowRight: () => go(index, column + 1),
      ArrowLeft: () => go(index, column - 1),
      Home: () => go(isFar ? step(lines, -1, 1) : index, 0),
      End: () => go(isFar ? step(lines, lines.length, -1) : index, columns.length),
      PageDown: () => go(step(lines, Math.min(lines.length, index + page), -1), column),
      PageUp: () => go(step(lines, Math.max(-1, index - page), 1), column),
      Enter: () => open(id as Id<'action'>, column),
      F2: () => open(id as Id<'action'>, column),
    }
    const move = moves[event.key]
    if (!move || ((event.key === 'Enter' || event.key === 'F2') && event.target !== cell)) return
    event.preventDefault()
    event.stopPropagation()
    move()
  }
  const close = () => {
    setChosen(null)
    setWriting(null)
    goingTo.current = true
  }
  return {
    at,
    onKeyDown,
    focused: (id, column) => {
      if (at.id !== id || at.column !== column) setWanted({ id, column })
    },
    open,
    chosen,
    writing,
    write: (id) => (id === null ? close() : setWriting(id)),
    close,
  }
}
