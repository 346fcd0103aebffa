// The ways on the time line from the end of what comes before to the beginning of what comes after it, cut row by row:
// each row draws its own piece.
import type { TimeLineRow } from './rowsOf'

export interface WayPiece {
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
  readonly isEarly: boolean
}

interface Placed {
  /** Where a row's bar begins and ends, in pixels; null where it has none. */
  readonly of: (row: TimeLineRow) => { readonly x: number; readonly width: number } | null
  readonly rowHeight: number
  /** Where in a row its bar lies. */
  readonly middle: number
}

/** So far right of the end a way turns down or up. */
const turn = 6

/** The pieces of each row, by its index. */
export function waysOf(
  rows: readonly TimeLineRow[],
  { of, rowHeight, middle }: Placed,
): ReadonlyMap<number, WayPiece[]> {
  const at = new Map<string, number>(rows.map(({ id }, index) => [id, index]))
  const pieces = new Map<number, WayPiece[]>()
  const put = (index: number, piece: WayPiece) => {
    const own = pieces.get(index) ?? []
    pieces.set(index, own)
    own.push(piece)
  }
  rows.forEach((row, to) => {
    for (const beforeId of row.afterIds) {
      const from = at.get(beforeId)
      const before = from === undefined ? undefined : rows[from]
      const [start, end] = [before && of(before), of(row)]
      if (from === undefined || !before || !start || !end) continue
      const { isEarly } = row
      const x = start.x + start.width + turn
      const isDown = to > from
      const [first, last] = isDown ? [middle, rowHeight] : [0, middle]
      put(from, { x1: x - turn, y1: middle, x2: x, y2: middle, isEarly })
      put(from, { x1: x, y1: first, x2: x, y2: last, isEarly })
      for (let index = Math.min(from, to) + 1; index < Math.max(from, to); index++)
        put(index, { x1: x, y1: 0, x2: x, y2: rowHeight, isEarly })
      put(to, { x1: x, y1: isDown ? 0 : middle, x2: x, y2: isDown ? middle : rowHeight, isEarly })
      put(to, { x1: Math.min(x, end.x), y1: middle, x2: Math.max(x, end.x), y2: middle, isEarly })
    }
  })
  return pieces
}
