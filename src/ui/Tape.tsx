// The load gauge: the working day laid flat to scale like a tape measure. Planned minutes are moss, what is free stays
// open, what does not fit is clay at the end; a brass needle stands at now. The words under it say the same.
import { useTheme, View } from '@tamagui/core'
import Svg, { Line, Rect } from 'react-native-svg'

export interface TapeProps {
  /** The minute of the day at which it begins. */
  readonly startMinute: number
  readonly freeMinutes: number
  readonly plannedMinutes: number
  /** The minute of the day, or null on another day. */
  readonly nowMinute: number | null
  /** The same in words: the picture's name. */
  readonly words: string
}

const width = 720
const top = 14
const height = 26

export default function Tape({ startMinute, freeMinutes, plannedMinutes, nowMinute, words }: TapeProps) {
  const theme = useTheme()
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
  const within = Math.min(plannedMinutes, freeMinutes)
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
        {within > 0 ? (
          <Rect
            x={x(0)}
            y={top}
            width={x(within) - x(0)}
            height={height}
            fill={colour('mossWash')}
            stroke={colour('moss')}
            strokeWidth={1}
            vectorEffect="non-scaling-stroke"
          />
        ) : null}
        {plannedMinutes > freeMinutes ? (
          <Rect
            x={x(freeMinutes)}
            y={top}
            width={x(plannedMinutes) - x(freeMinutes)}
            height={height}
            fill={colour('clayFill')}
          />
        ) : null}
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
      <Marks
        hours={hours.filter((_, index) => index % every === 0)}
        at={(hour) => ((6 + ((hour * 60 - startMinute) / length) * (width - 12)) / width) * 100}
        needle={needle !== null && needle >= 0 && needle <= length ? (x(needle) / width) * 100 : null}
      />
    </View>
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
