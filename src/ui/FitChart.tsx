// What is promised against what there is, counted up over the days: one line each, and where the first passes the other.
import { useTheme, View } from '@tamagui/core'
import Svg, { Line, Path, Rect } from 'react-native-svg'

export interface FitChartProps {
  /** In order of days; both in minutes from the beginning. */
  readonly points: readonly { readonly day: number; readonly promised: number; readonly available: number }[]
  /** The first that does not fit; null where all do. */
  readonly breakAt: number | null
  /** The same in words: the picture's name. */
  readonly words: string
}

const [width, height] = [720, 150]
const inset = 4

export function FitChart({ points, breakAt, words }: FitChartProps) {
  const theme = useTheme()
  const colour = (name: 'inkSoft' | 'moss' | 'mossWash' | 'clay' | 'clayFill' | 'rule') =>
    theme[name].get() as string
  const last = Math.max(1, ...points.map(({ day }) => day))
  const most = Math.max(1, ...points.map(({ promised, available }) => Math.max(promised, available)))
  const x = (day: number) => inset + (day / last) * (width - 2 * inset)
  const y = (minutes: number) => height - inset - (minutes / most) * (height - 2 * inset)
  // What is promised goes up at once on its day, what there is with the days.
  const steps = points.map(({ day, promised }) => `H${x(day)}V${y(promised)}`).join('')
  const rising = points.map(({ day, available }) => `L${x(day)} ${y(available)}`).join('')
  const broken = breakAt === null ? null : points[breakAt]
  return (
    <View width="100%">
      <Svg
        width="100%"
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={words}
        preserveAspectRatio="none"
        style={{ height }}
      >
        <Path d={`M${x(0)} ${y(0)}${steps}V${y(0)}Z`} fill={colour('mossWash')} />
        <Path
          d={`M${x(0)} ${y(0)}${steps}`}
          fill="none"
          stroke={colour('moss')}
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
        {broken ? (
          <Rect
            x={x(broken.day) - 4}
            y={y(broken.promised)}
            width={8}
            height={Math.max(2, y(broken.available) - y(broken.promised))}
            fill={colour('clay')}
          />
        ) : null}
        <Path
          d={`M${x(0)} ${y(0)}${rising}`}
          fill="none"
          stroke={colour('inkSoft')}
          strokeWidth={2}
          strokeDasharray="6 4"
          vectorEffect="non-scaling-stroke"
        />
        <Line
          x1={0}
          x2={width}
          y1={height - inset}
          y2={height - inset}
          stroke={colour('rule')}
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
      </Svg>
    </View>
  )
}
