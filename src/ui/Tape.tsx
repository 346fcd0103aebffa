// The load gauge: the working day laid flat to scale like a tape measure. What is done is filled, what is planned
// lies from now on, moss where it fits and clay where it does not, and what is fixed has an ink edge; what is free
// stays open, events are hatched in slate, what has passed is closed; a brass needle is at now. A touch on a piece finds what it is. The words
// under it say the same.
import { useTheme, View } from '@tamagui/core'
import { useState, type KeyboardEvent } from 'react'
import Svg, { Line, Path, Rect } from 'react-native-svg'

/** One thing on the tape; all in minutes of the day. */
export interface TapePiece {
  readonly id: string
  readonly title: string
  readonly from: number
  readonly to: number
  /** Up to here it fits. */
  readonly fitsTo: number
  readonly kind: 'done' | 'fixed' | 'placed' | 'planned'
}

export interface TapeProps {
  readonly tape: {
    readonly startsAtMinute: number
    readonly endsAtMinute: number
    readonly pieces: readonly TapePiece[]
    /** What events take: nothing planned lies there. */
    readonly busy: readonly { readonly from: number; readonly to: number }[]
  }
  /** The minute of the day, or null on another day. */
  readonly nowMinute: number | null
  /** The same in words: the picture's name. */
  readonly words: string
  /** A piece was touched, or chosen by keys. */
  readonly onFind?: ((id: string) => void) | undefined
}

const width = 720
const top = 14
const height = 26

export default function Tape({ tape, nowMinute, words, onFind }: TapeProps) {
  const theme = useTheme()
  const { pieces } = tape
  const [marked, setMarked] = useState<number | null>(null)
  const colour = (
    name:
      | 'ink'
      | 'inkSoft'
      | 'slip'
      | 'edge'
      | 'rule'
      | 'moss'
      | 'mossWash'
      | 'clayFill'
      | 'brass'
      | 'slate'
      | 'slateWash',
  ) => theme[name].get() as string
  const firstHour = Math.floor(tape.startsAtMinute / 60)
  const lastHour = Math.max(firstHour + 1, Math.ceil(tape.endsAtMinute / 60))
  const startMinute = firstHour * 60
  const length = lastHour * 60 - startMinute
  const x = (minute: number) => 6 + ((minute - startMinute) / length) * (width - 12)
  const hours = Array.from({ length: lastHour - firstHour + 1 }, (_, index) => firstHour + index)
  const every = Math.ceil(hours.length / 13)
  const needle = nowMinute === null || nowMinute < startMinute || nowMinute > lastHour * 60 ? null : nowMinute
  const opens = Math.min(Math.max(needle ?? startMinute, tape.startsAtMinute), tape.endsAtMinute)
  return (
    <View width="100%" position="relative">
      <Svg
        width="100%"
        viewBox={`0 0 ${width} 62`}
        role="img"
        aria-label={words}
        preserveAspectRatio="none"
        style={{ height: 62, overflow: 'visible' }}
      >
        <Rect
          x={x(startMinute)}
          y={top}
          width={width - 12}
          height={height}
          fill="none"
          stroke={colour('edge')}
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
        <Rect
          x={x(opens)}
          y={top + 0.5}
          width={x(lastHour * 60) - x(opens)}
          height={height - 1}
          fill={colour('slip')}
        />
        {tape.busy.map(({ from, to }) => (
          <Busy
            key={from}
            from={x(Math.max(from, startMinute))}
            to={x(Math.min(to, lastHour * 60))}
            wash={colour('slateWash')}
            line={colour('slate')}
          />
        ))}
        {pieces.map((piece, at) => (
          <Piece
            key={`${piece.id} ${piece.kind}`}
            from={x(piece.from)}
            fits={x(piece.fitsTo)}
            to={x(piece.to)}
            kind={piece.kind}
            isMarked={at === marked}
            colour={colour}
          />
        ))}
        {hours.map((hour) => (
          <Line
            key={hour}
            x1={x(hour * 60)}
            x2={x(hour * 60)}
            y1={top + height - 7}
            y2={top + height}
            stroke={colour('inkSoft')}
            strokeWidth={1}
            vectorEffect="non-scaling-stroke"
          />
        ))}
        {needle === null ? null : (
          <Line
            x1={x(needle)}
            x2={x(needle)}
            y1={6}
            y2={top + height + 2}
            stroke={colour('brass')}
            strokeWidth={2}
            vectorEffect="non-scaling-stroke"
          />
        )}
      </Svg>
      {onFind && pieces.length > 0 ? (
        <Finder
          pieces={pieces}
          marked={marked}
          onMark={setMarked}
          onFind={onFind}
          minuteAt={(share) => startMinute + (share * width - 6) / ((width - 12) / length)}
        />
      ) : null}
      <Marks
        hours={hours.filter((_, index) => index % every === 0)}
        at={(hour) => (x(hour * 60) / width) * 100}
        needle={needle === null ? null : (x(needle) / width) * 100}
      />
    </View>
  )
}

const steps: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowLeft: -1 }

const hatchEvery = 8

/** Hatched: the hand is not free. */
function Busy({ from, to, wash, line }: { from: number; to: number; wash: string; line: string }) {
  if (to <= from) return null
  const [low, high] = [top + height - 1, top + 1]
  const strokes = Array.from({ length: Math.max(0, Math.floor((to - from) / hatchEvery)) }, (_, at) => {
    const left = from + at * hatchEvery
    return `M${left} ${low}L${Math.min(to, left + hatchEvery)} ${high}`
  })
  return (
    <>
      <Rect x={from} y={top + 0.5} width={to - from} height={height - 1} fill={wash} />
      <Path
        d={strokes.join('')}
        stroke={line}
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
        fill="none"
      />
    </>
  )
}

type Colour = (name: 'ink' | 'moss' | 'mossWash' | 'clayFill' | 'slip' | 'brass') => string

function Piece({
  from,
  fits,
  to,
  kind,
  isMarked,
  colour,
}: {
  from: number
  fits: number
  to: number
  kind: TapePiece['kind']
  isMarked: boolean
  colour: Colour
}) {
  const plain = kind === 'fixed' ? colour('ink') : colour('slip')
  const edge = { stroke: isMarked ? colour('brass') : plain, strokeWidth: isMarked ? 3 : 1.5 }
  const shared = { y: top, height, vectorEffect: 'non-scaling-stroke' as const, ...edge }
  return (
    <>
      {fits > from ? (
        <Rect x={from} width={fits - from} fill={colour(kind === 'done' ? 'moss' : 'mossWash')} {...shared} />
      ) : null}
      {to > fits ? <Rect x={fits} width={to - fits} fill={colour('clayFill')} {...shared} /> : null}
    </>
  )
}

/** What takes touches and keys on the tape: arrows mark one piece after the other, Enter finds the marked one. */
function Finder({
  pieces,
  marked,
  onMark,
  onFind,
  minuteAt,
}: {
  pieces: readonly TapePiece[]
  marked: number | null
  onMark: (at: number | null) => void
  onFind: (id: string) => void
  minuteAt: (share: number) => number
}) {
  const here = marked === null ? undefined : pieces[marked]
  const find = (at: number) => {
    const piece = pieces[at]
    if (!piece) return
    onMark(at)
    onFind(piece.id)
  }
  const onKeyDown = (event: KeyboardEvent) => {
    const step = steps[event.key] ?? 0
    if (step !== 0) onMark(((marked ?? (step > 0 ? -1 : 0)) + step + pieces.length) % pieces.length)
    else if ((event.key === 'Enter' || event.key === ' ') && marked !== null) find(marked)
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label="Pieces of the day"
      aria-valuemin={1}
      aria-valuemax={pieces.length}
      aria-valuenow={(marked ?? 0) + 1}
      aria-valuetext={here ? `${here.title}, ${here.to - here.from} min` : `${pieces.length} pieces`}
      title={here?.title}
      style={{
        position: 'absolute',
        left: 0,
        right: 0,
        top: 0,
        height: 44,
        cursor: 'pointer',
        borderRadius: 3,
      }}
      onKeyDown={onKeyDown}
      onBlur={() => onMark(null)}
      onClick={(event) => {
        const box = event.currentTarget.getBoundingClientRect()
        const minute = minuteAt((event.clientX - box.left) / box.width)
        find(pieces.findIndex(({ from, to }) => minute >= from && minute < to))
      }}
    />
  )
}

/** The hour numbers and the needle's head, unstretched whatever the width. */
function Marks({
  hours,
  at,
  needle,
}: {
  hours: readonly number[]
  at: (hour: number) => number
  needle: number | null
}) {
  const theme = useTheme()
  return (
    <div aria-hidden style={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}>
      {needle === null ? null : (
        <div
          style={{
            position: 'absolute',
            top: 2,
            width: 9,
            height: 9,
            borderRadius: 5,
            marginLeft: -4.5,
            background: theme.brass.get() as string,
            left: `${needle}%`,
          }}
        />
      )}
      {hours.map((hour) => (
        <span
          key={hour}
          style={{
            position: 'absolute',
            top: 42,
            width: 28,
            marginLeft: -14,
            textAlign: 'center',
            left: `clamp(8px, ${at(hour)}%, calc(100% - 10px))`,
            font: "400 0.8125rem/1.1rem 'Atkinson Hyperlegible Next', system-ui, sans-serif",
            color: theme.inkSoft.get() as string,
          }}
        >
          {((hour - 1) % 24) + 1}
        </span>
      ))}
    </div>
  )
}
