// The load gauge: the working day laid flat to scale like a tape measure. Each planned thing is a piece of its own, moss where
// it fits and clay at the end where it does not; what is free stays open; a brass needle stands at now. A touch on a piece
// finds what it stands for. The words under it say the same.
import { useTheme, View } from '@tamagui/core'
import { useState, type KeyboardEvent } from 'react'
import Svg, { Line, Rect } from 'react-native-svg'

/** One planned thing, to scale. */
export interface TapePiece {
  readonly id: string
  readonly title: string
  readonly minutes: number
}

export interface TapeProps {
  /** The minute of the day at which it begins. */
  readonly startMinute: number
  readonly freeMinutes: number
  readonly pieces: readonly TapePiece[]
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

export default function Tape({ startMinute, freeMinutes, pieces, nowMinute, words, onFind }: TapeProps) {
  const theme = useTheme()
  const plannedMinutes = pieces.reduce((sum, { minutes }) => sum + minutes, 0)
  const [marked, setMarked] = useState<number | null>(null)
  const colour = (
    name: 'ink' | 'inkSoft' | 'slip' | 'edge' | 'rule' | 'mossWash' | 'moss' | 'clayFill' | 'brass',
  ) => theme[name].get() as string
  const length = Math.max(60, Math.ceil(Math.max(freeMinutes, plannedMinutes) / 60) * 60)
  const x = (minute: number) => 6 + (minute / length) * (width - 12)
  const firstHour = Math.ceil(startMinute / 60)
  const hours = Array.from({ length: Math.floor(length / 60) + 1 }, (_, index) => firstHour + index).filter(
    (hour) => hour * 60 <= startMinute + length,
  )
  const every = hours.length > 13 ? 2 : 1
  const laid = laidOut(pieces)
  const needle = nowMinute === null ? null : nowMinute - startMinute
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
          x={x(0)}
          y={top}
          width={x(freeMinutes) - x(0)}
          height={height}
          fill={colour('slip')}
          stroke={colour('edge')}
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
        {laid.map(({ id, from, to }, at) => (
          <Piece
            key={id}
            from={x(from)}
            fits={x(Math.max(from, Math.min(to, freeMinutes)))}
            to={x(to)}
            isMarked={at === marked}
            colour={colour}
          />
        ))}
        {hours.map((hour) => (
          <Line
            key={hour}
            x1={x(hour * 60 - startMinute)}
            x2={x(hour * 60 - startMinute)}
            y1={top + height - 7}
            y2={top + height}
            stroke={colour('inkSoft')}
            strokeWidth={1}
            vectorEffect="non-scaling-stroke"
          />
        ))}
        {needle !== null && needle >= 0 && needle <= length ? (
          <Line
            x1={x(needle)}
            x2={x(needle)}
            y1={6}
            y2={top + height + 2}
            stroke={colour('brass')}
            strokeWidth={2}
            vectorEffect="non-scaling-stroke"
          />
        ) : null}
      </Svg>
      {onFind && laid.length > 0 ? (
        <Finder
          pieces={laid}
          marked={marked}
          onMark={setMarked}
          onFind={onFind}
          minuteAt={(share) => (share * width - 6) / ((width - 12) / length)}
        />
      ) : null}
      <Marks
        hours={hours.filter((_, index) => index % every === 0)}
        at={(hour) => ((6 + ((hour * 60 - startMinute) / length) * (width - 12)) / width) * 100}
        needle={needle !== null && needle >= 0 && needle <= length ? (x(needle) / width) * 100 : null}
      />
    </View>
  )
}

interface Laid extends TapePiece {
  readonly from: number
  readonly to: number
}

/** One behind the other from the beginning of the day. */
function laidOut(pieces: readonly TapePiece[]): Laid[] {
  let from = 0
  return pieces
    .filter(({ minutes }) => minutes > 0)
    .map((piece) => {
      const laid = { ...piece, from, to: from + piece.minutes }
      from = laid.to
      return laid
    })
}

const steps: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowLeft: -1 }

type Colour = (name: 'moss' | 'mossWash' | 'clayFill' | 'slip' | 'brass') => string

function Piece({
  from,
  fits,
  to,
  isMarked,
  colour,
}: {
  from: number
  fits: number
  to: number
  isMarked: boolean
  colour: Colour
}) {
  const edge = { stroke: colour(isMarked ? 'brass' : 'slip'), strokeWidth: isMarked ? 3 : 1.5 }
  const shared = { y: top, height, vectorEffect: 'non-scaling-stroke' as const, ...edge }
  return (
    <>
      {fits > from ? <Rect x={from} width={fits - from} fill={colour('mossWash')} {...shared} /> : null}
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
  pieces: readonly Laid[]
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
      aria-valuetext={here ? `${here.title}, ${here.minutes} min` : `${pieces.length} pieces`}
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
