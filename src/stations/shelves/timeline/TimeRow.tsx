// A row of the time line: what it is and from when to when, and beside that its bar, which is carried or moved by keys.
import { lazy, memo, useState, type KeyboardEvent } from 'react'
import type { FinishRange } from '@/core/pace'
import { isIdOf } from '@/core/record'
import { recordIn } from '@/core/journal'
import type { Edge, TimeLineRow, WayPiece, Zoom } from '@/core/timeline'
import { addDays, type CalendarDate } from '@/core/time'
import { OpenedDayChooser } from '@/parts/choosers/useChooser'
import { useSurroundings } from '@/parts/rows/surroundings'
import { useAct, useZen } from '@/held/zen'
import { Button } from '@/ui'
import { shortened } from '@/words'
import { afterWords, paceRangeWords, spanWords } from '@/words/timeline'
import { useBarDrag } from './useBarDrag'

const TimeBar = lazy(() => import('@/ui/drawings').then((drawn) => ({ default: drawn.TimeBar })))

export interface Drawing {
  readonly width: number
  readonly rowHeight: number
  readonly middle: number
  readonly barOf: (row: TimeLineRow) => { readonly x: number; readonly width: number } | null
  readonly ways: ReadonlyMap<number, readonly WayPiece[]>
  readonly placeOf: (date: CalendarDate) => number
  readonly marks: readonly {
    readonly date: CalendarDate
    readonly kind: 'week' | 'month'
    readonly x: number
  }[]
  readonly titles: ReadonlyMap<string, string>
}

interface TimeRowProps {
  readonly row: TimeLineRow
  readonly index: number
  readonly drawing: Drawing
  readonly zoom: Zoom
  readonly range: FinishRange | null
  readonly isFollowing: boolean
  readonly daysIn: (pixels: number, zoom: Zoom) => number
}

/** A row moved some days, as it would stand. */
function movedRow(row: TimeLineRow, days: number, edge: Edge): TimeLineRow {
  const by = (date: CalendarDate | null) => date && addDays(date, days)
  return {
    ...row,
    from: edge === 'due' ? row.from : by(row.from),
    to: edge === 'begins' ? row.to : by(row.to),
  }
}

const none: readonly WayPiece[] = []

export const TimeRow = memo(function TimeRow({
  row,
  index,
  drawing,
  zoom,
  range,
  isFollowing,
  daysIn,
}: TimeRowProps) {
  const { act, opened, open } = useSurroundings()
  const { store } = useZen()
  const { id, title, isEarly, afterIds, depth } = row
  const isProject = isIdOf('project', id)
  const shift = (days: number, edge: Edge) => {
    const moved = movedRow(row, days, edge)
    act(
      'shiftDates',
      { id, days, edge, following: isFollowing },
      { say: `${spanWords(moved)}: ${shortened(title)}` },
    )
  }
  const place = drawing.barOf(row)
  const drag = useBarDrag(place?.width ?? 0, isProject, (pixels) => daysIn(pixels, zoom), shift)
  const shown = drag.edge ? movedRow(row, drag.days, drag.edge) : row
  // Its ends cannot pass one another.
  const bar = shown.from && shown.to && shown.from <= shown.to ? drawing.barOf(shown) : place
  const due = isProject ? (recordIn(store.api.getState().document, id)?.due ?? null) : null
  const says = [
    spanWords(shown),
    afterWords(
      afterIds.map((before) => shortened(drawing.titles.get(before) ?? '')),
      isEarly,
    ),
    range ? paceRangeWords(range, due) : '',
  ].filter(Boolean)
  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
    if (!step) return
    event.preventDefault()
    event.stopPropagation()
    shift(step * (event.shiftKey ? 7 : 1), event.altKey && isProject ? 'due' : 'whole')
  }
  return (
    <div
      className={opened === id ? 'time-row chosen' : 'time-row'}
      role="listitem"
      style={{ height: drawing.rowHeight }}
    >
      <button
        type="button"
        className={isProject ? 'time-title project' : 'time-title'}
        data-row
        style={{ paddingLeft: 8 + Math.min(depth, 6) * 16 }}
        onClick={() => open(id)}
      >
        <span className="time-name">{title}</span>
        <span className={isEarly ? 'time-says clay' : 'time-says'}>{says.join(' · ')}</span>
      </button>
      <div className="time-lane" style={{ width: drawing.width }}>
        <TimeBar
          width={drawing.width}
          height={drawing.rowHeight}
          middle={drawing.middle}
          bar={bar}
          isSmall={!isProject}
          isPromised={row.isPromised}
          isEarly={isEarly}
          range={range && rangePlace(range, drawing)}
          ways={drawing.ways.get(index) ?? none}
        />
        {bar ? (
          <button
            ref={drag.barRef}
            type="button"
            className={['time-bar', isProject && bar.width >= 44 ? 'has-ends' : '', drag.edge ? 'held' : '']
              .filter(Boolean)
              .join(' ')}
            aria-label={`${title}: ${says.join(', ')}`}
            aria-description={`Arrows move it a day, with Shift a week${isProject ? ', with Alt its end alone' : ''}.`}
            style={{ left: bar.x, top: drawing.middle, width: Math.max(24, bar.width) }}
            onKeyDown={onKeyDown}
            {...drag.handlers}
          />
        ) : null}
        {bar || !isProject ? null : <NoDate id={id} title={title} />}
      </div>
    </div>
  )
})

function rangePlace({ from, to }: FinishRange, { placeOf, width }: Drawing) {
  const x = placeOf(from)
  return { x, width: Math.max(0, (to === null ? width : Math.min(width, placeOf(to))) - x) }
}

/** A promise for what has none, where it is missed. */
function NoDate({ id, title }: { readonly id: `project:${string}`; readonly title: string }) {
  const act = useAct()
  const [isAsking, setAsking] = useState(false)
  return (
    <span className="time-undated">
      <Button
        kind="quiet"
        label="By when?"
        aria-label={`By when: ${title}`}
        aria-haspopup="dialog"
        onPress={() => setAsking(true)}
      />
      {isAsking ? (
        <OpenedDayChooser
          title="Due"
          date={null}
          none="no day"
          onChoose={(due) => {
            if (due) act('editProject', { id, patch: { due } }, { say: false })
          }}
          onClose={() => setAsking(false)}
        />
      ) : null}
    </span>
  )
}
