// Lines of any number, drawn only where they are looked at: by the page, or by a box that scrolls by itself. Those in
// sight stand one below the other as any lines do; what follows the scrolling (Following) loads right after the
// start, and until then the first are there.
import { lazy, Suspense, useCallback, useRef, useState, type ReactNode, type RefObject } from 'react'
import type { Lines } from './lines'

const Following = lazy(() => import('./Following'))

/** What is drawn: from `first` up to before `end`, so far below the top of the list, which is so high, all in px. */
export interface Drawn {
  readonly first: number
  readonly end: number
  readonly top: number
  readonly height: number
}

/** So many are drawn with the list itself: about as many as are in sight. */
export const drawnFirst = 12

interface DrawnLinesProps<T> {
  readonly lines: Lines<T>
  /** What scrolls; the page, where nothing is given. */
  readonly boxRef?: RefObject<HTMLElement | null>
  readonly role: 'list' | 'rowgroup'
  readonly label?: string
  readonly draw: (line: T, index: number) => ReactNode
}

export function DrawnLines<T extends { readonly id: string }>({
  lines,
  boxRef,
  role,
  label,
  draw,
}: DrawnLinesProps<T>) {
  const flowRef = useRef<HTMLDivElement>(null)
  const [drawn, setDrawn] = useState<Drawn | null>(null)
  const { first, top, height } = drawn ?? { first: 0, top: 0, height: lines.topOf(lines.length) }
  const end = Math.min(lines.length, drawn?.end ?? drawnFirst)
  const follow = useCallback((next: Drawn) => {
    setDrawn((was) =>
      was?.first === next.first && was.end === next.end && was.top === next.top && was.height === next.height
        ? was
        : next,
    )
  }, [])
  const rows: ReactNode[] = []
  for (let index = first; index < end; index++) {
    const line = lines.at(index)
    rows.push(
      <div key={line.id} role="presentation">
        {draw(line, index)}
      </div>,
    )
  }
  return (
    <div role={role} aria-label={label} className="lines" style={{ height }}>
      <div
        ref={flowRef}
        role="presentation"
        className="lines-drawn"
        style={{ transform: `translateY(${top}px)` }}
      >
        {rows}
      </div>
      <Suspense fallback={null}>
        <Following lines={lines} flowRef={flowRef} boxRef={boxRef} first={first} end={end} onDrawn={follow} />
      </Suspense>
    </div>
  )
}
