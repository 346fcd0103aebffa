// One row of a time line, drawn to scale: its bar, the range in which it will be over, and the ways from what comes
// before.
import { useTheme } from '@tamagui/core'
import Svg, { Line, Rect } from 'react-native-svg'

export interface TimeBarProps {
  readonly width: number
  readonly height: number
  /** Where in it the bar lies. */
  readonly middle: number
  /** Null where it has no date. */
  readonly bar: { readonly x: number; readonly width: number } | null
  /** A single day or what is inside another stands lighter than a project. */
  readonly isSmall: boolean
  /** The end is promised; else it is only read off, and drawn open. */
  readonly isPromised: boolean
  readonly isEarly: boolean
  readonly range: { readonly x: number; readonly width: number } | null
  /** From left to right and from top to bottom of this row; `isEarly` where it is broken. */
  readonly ways: readonly {
    readonly x1: number
    readonly y1: number
    readonly x2: number
    readonly y2: number
    readonly isEarly: boolean
  }[]
}

export function TimeBar({
  width,
  height,
  middle,
  bar,
  isSmall,
  isPromised,
  isEarly,
  range,
  ways,
}: TimeBarProps) {
  const theme = useTheme()
  const colour = (name: 'moss' | 'mossWash' | 'clay' | 'edge' | 'slate' | 'brassWash' | 'brass') =>
    theme[name].get() as string
  const thick = isSmall ? 10 : 18
  const top = middle - thick / 2
  const edge = isPromised ? 'moss' : 'edge'
  return (
    <Svg width={width} height={height} aria-hidden style={{ position: 'absolute', left: 0, top: 0 }}>
      {range ? (
        <Rect
          x={range.x}
          y={top - 4}
          width={Math.max(2, range.width)}
          height={thick + 8}
          fill={colour('brassWash')}
          stroke={colour('brass')}
          strokeWidth={1}
          strokeDasharray="3 3"
        />
      ) : null}
      {bar ? (
        <Rect
          x={bar.x + 0.5}
          y={top}
          width={Math.max(6, bar.width - 1)}
          height={thick}
          rx={2}
          fill={colour(isPromised ? 'mossWash' : 'brassWash')}
          stroke={colour(isEarly ? 'clay' : edge)}
          strokeWidth={isEarly ? 2 : 1}
          strokeDasharray={isPromised ? undefined : '4 3'}
        />
      ) : null}
      {ways.map(({ x1, y1, x2, y2, isEarly: isBroken }) => (
        <Line
          key={`${x1} ${y1} ${x2} ${y2}`}
          x1={x1}
          y1={y1}
          x2={x2}
          y2={y2}
          stroke={colour(isBroken ? 'clay' : 'slate')}
          strokeWidth={1.5}
        />
      ))}
    </Svg>
  )
}
