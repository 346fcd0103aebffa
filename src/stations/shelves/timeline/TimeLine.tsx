// The time line: projects, their parts and their dated actions along weeks or months, with today's line, what comes
// after what, and beside it the list that says the same.
import { useMedia } from '@tamagui/core'
import { Suspense, useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react'
import type { FinishAsked } from '@/core/pace'
import { isIdOf, type Id, type Project } from '@/core/record'
import type { TimeLineRow, Zoom } from '@/core/timeline'
import type { CalendarDate } from '@/core/time'
import type { OnDemand } from '@/state'
import { DrawnLines } from '@/parts/rows/DrawnLines'
import { lineForEach, linesOfPieces } from '@/parts/rows/lines'
import { useFinishRanges } from '@/held/finishRanges'
import { useOnDemand } from '@/held/reader'
import { useRemembered } from '@/held/useRemembered'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { Choice, Column, EmptyPlace, Row } from '@/ui'
import { Pull } from '@/ui/Pull'
import { dayMonth } from '@/words'
import { monthShort } from '@/words/dates'
import { TimeRow, type Drawing } from './TimeRow'

/** Ranges are drawn for so many projects at once. */
const mostRanges = 500

export interface TimeLineProps {
  /** Projects that stand for themselves, in their order, and the areas they can be narrowed down to. */
  readonly projects: readonly Project[]
  readonly areas: readonly { readonly id: Id<'area'>; readonly name: string }[]
}

export function TimeLine(props: TimeLineProps) {
  const read = useOnDemand()
  return read ? <Shown {...props} later={read} /> : null
}

interface Read {
  readonly later: OnDemand
}

function Shown({ projects, areas, later }: TimeLineProps & Read) {
  const document = useHeldDocument()
  const today = useToday()
  const [areaId, setArea] = useState<Id<'area'> | ''>('')
  const [isMonths, setMonths] = useRemembered('timeline-months')
  const [areActionsHidden, hideActions] = useRemembered('timeline-without-actions')
  const [isFollowing, follow] = useRemembered('timeline-following')
  const shown = areaId === '' ? projects : projects.filter((project) => project.areaId === areaId)
  const rows = later.timeLine.timeLineOf(document, shown, today, areActionsHidden)
  const settings = [
    ...(areActionsHidden ? [] : (['actions'] as const)),
    ...(isFollowing ? (['following'] as const) : []),
  ]
  return (
    <Column gap="$2">
      <Row gap="$2" flexWrap="wrap" alignItems="center">
        <Pull
          label="Area"
          none="every area"
          value={areaId}
          options={areas.map(({ id, name }) => ({ value: id, label: name }))}
          onChoose={setArea}
        />
        <Choice
          label="Shown by"
          shown={false}
          options={[
            { value: 'weeks', label: 'weeks' },
            { value: 'months', label: 'months' },
          ]}
          chosen={[isMonths ? 'months' : 'weeks']}
          onToggle={(zoom) => setMonths(zoom === 'months')}
        />
        <Choice
          label="Time line"
          shown={false}
          many
          options={[
            { value: 'actions', label: 'with actions' },
            { value: 'following', label: 'what follows moves along' },
          ]}
          chosen={settings}
          onToggle={(which) => (which === 'actions' ? hideActions(!areActionsHidden) : follow(!isFollowing))}
        />
      </Row>
      {rows.length === 0 ? (
        <EmptyPlace says="Projects are shown here from when they begin to when they are due." />
      ) : (
        <Board
          key={`${areaId} ${isMonths}`}
          rows={rows}
          zoom={isMonths ? 'months' : 'weeks'}
          isFollowing={isFollowing}
          later={later}
        />
      )}
    </Column>
  )
}

function Board({
  rows,
  zoom,
  isFollowing,
  later,
}: Read & { readonly rows: readonly TimeLineRow[]; readonly zoom: Zoom; readonly isFollowing: boolean }) {
  const { wide } = useMedia()
  const today = useToday()
  const boxRef = useRef<HTMLDivElement>(null)
  const { spanOf, placeOf, marksOf, waysOf, pixelsPerDay } = later.timeLine
  const ranges = useRanges(rows, later, today)
  const [rowHeight, middle] = wide ? [48, 24] : [74, 52]
  const drawing = useMemo((): Drawing => {
    const span = spanOf(rows, today)
    const place = (date: CalendarDate) => placeOf(span, date, zoom)
    const barOf = ({ from, to }: TimeLineRow) =>
      from && to ? { x: place(from), width: place(to) - place(from) + pixelsPerDay[zoom] } : null
    return {
      width: place(span.to) + pixelsPerDay[zoom],
      rowHeight,
      middle,
      barOf,
      ways: waysOf(rows, { of: barOf, rowHeight, middle }),
      placeOf: place,
      marks: marksOf(span, zoom).map(({ date, kind }) => ({ date, kind, x: place(date) })),
      titles: new Map(rows.map(({ id, title }) => [id, title])),
    }
  }, [rows, zoom, today, rowHeight, middle, spanOf, placeOf, marksOf, waysOf, pixelsPerDay])
  const lines = useMemo(() => linesOfPieces([lineForEach(rows, rowHeight, (row) => row)]), [rows, rowHeight])
  const todayX = drawing.placeOf(today)
  useLayoutEffect(() => {
    // As it is opened, today stands near the left, with a week before it in sight.
    if (boxRef.current) boxRef.current.scrollLeft = Math.max(0, todayX - 7 * pixelsPerDay[zoom])
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, as it is opened
  }, [])
  const draw = useCallback(
    (row: TimeLineRow, index: number) => (
      <TimeRow
        row={row}
        index={index}
        drawing={drawing}
        zoom={zoom}
        range={ranges.get(row.id) ?? null}
        isFollowing={isFollowing}
        daysIn={later.timeLine.daysIn}
      />
    ),
    [drawing, zoom, ranges, isFollowing, later],
  )
  return (
    <div ref={boxRef} className="time-box" role="group" aria-label="Time line" tabIndex={-1}>
      <div className="time-paper" style={{ width: `calc(var(--time-list) + ${drawing.width}px)` }}>
        <div className="time-head" aria-hidden>
          <span className="time-corner" />
          {drawing.marks.map(({ date, kind, x }) => (
            <span
              key={`${kind} ${date}`}
              className={kind === 'month' ? 'time-month' : 'time-week'}
              style={{ left: `calc(var(--time-list) + ${x}px)` }}
            >
              {kind === 'month' ? monthShort(date) : Number(dayMonth(date).split(' ')[0])}
            </span>
          ))}
        </div>
        <div className="time-grid" aria-hidden>
          {drawing.marks.map(({ date, kind, x }) => (
            <span key={`${kind} ${date}`} className={`time-line ${kind}`} style={{ left: x }} />
          ))}
          <span className="time-line today" style={{ left: todayX }} />
        </div>
        <Suspense fallback={<div style={{ height: lines.topOf(lines.length) }} />}>
          <DrawnLines
            lines={lines}
            boxRef={boxRef}
            role="list"
            label="Projects and actions by date"
            draw={draw}
          />
        </Suspense>
      </div>
    </div>
  )
}

/** When each project that is open will be over at its pace. */
function useRanges(rows: readonly TimeLineRow[], later: OnDemand, today: CalendarDate) {
  const document = useHeldDocument()
  const { clock } = useZen()
  // The line is painted first; what is asked for its ends is gathered after that.
  const [isPainted, setPainted] = useState(false)
  useEffect(() => {
    const timer = setTimeout(() => setPainted(true), 60)
    return () => clearTimeout(timer)
  }, [])
  const asked: FinishAsked[] = []
  for (const { id } of isPainted ? rows : []) {
    if (!isIdOf('project', id) || asked.length >= mostRanges) continue
    const { asked: one } = later.pace.paceOf(document, id, today, clock.zone())
    if (one) asked.push(one)
  }
  return useFinishRanges(asked)
}
