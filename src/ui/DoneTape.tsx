// The tape of days: a bar for each day or stretch, what was planned in outline and what was done filled, with the months
// or the days written under it. One path for all of them: a year is 365.
import { useTheme, View } from '@tamagui/core'
import Svg, { Line, Path } from 'react-native-svg'

export interface DoneTapeProps {
  /** In order; minutes. */
  readonly bars: readonly { readonly done: number; readonly planned: number }[]
  /** What is written under some of them, by their place. */
  readonly marks: readonly { readonly at: number; readonly label: string }[]
  /** The same in words: the picture's name. */
  readonly words: string
}

const [width, height] = [1200, 120]

export function DoneTape({ bars, marks, words }: DoneTapeProps) {
  const theme = useTheme()
  const colour = (name: 'edge' | 'moss' | 'rule') => theme[name].get() as string
  const most = Math.max(1, ...bars.map(({ done, planned }) => Math.max(done, planned)))
  const each = width / Math.max(1, bars.length)
  // Few days are no wider than a thumb.
  const broad = Math.min(each * 0.72, 64)
  const bar = (minutes: number, at: number) => {
    const top = height - (minutes / most) * (height - 4)
    const left = each * at + (each - broad) / 2
    return minutes === 0 ? '' : `M${left} ${height}V${top}h${broad}V${height}Z`
  }
  return (
    <View>
      <Svg
        width="100%"
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={words}
        preserveAspectRatio="none"
        style={{ height }}
      >
        <Path d={bars.map(({ done }, at) => bar(done, at)).join('')} fill={colour('moss')} />
        <Path
          d={bars.map(({ planned }, at) => bar(planned, at)).join('')}
          fill="none"
          stroke={colour('edge')}
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
        <Line
          x1={0}
          x2={width}
          y1={height}
          y2={height}
          stroke={colour('edge')}
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
      </Svg>
      <div className="tape-marks" aria-hidden>
        {marks.map(({ at, label }) => (
          <span
            key={at}
            // Its middle stands under the bar; at the edges, as near as it is whole.
            style={{
              left: `clamp(16px, ${((at + 0.5) / Math.max(1, bars.length)) * 100}%, calc(100% - 16px))`,
            }}
          >
            {label}
          </span>
        ))}
      </div>
    </View>
  )
}

/** Small bars in one ink: how minutes lie over the stretches of a span. Decoration: the sum is written beside it. */
export function InkBars({
  bars,
  most,
  ink,
}: {
  readonly bars: readonly number[]
  readonly most: number
  readonly ink: string
}) {
  const [wide, high] = [240, 32]
  const each = wide / Math.max(1, bars.length)
  const broad = Math.min(each * 0.72, 24)
  const d = bars
    .map((minutes, at) =>
      minutes === 0
        ? ''
        : `M${each * at + (each - broad) / 2} ${high}v${-Math.max(1, (minutes / most) * high)}h${broad}V${high}Z`,
    )
    .join('')
  return (
    <Svg
      width="100%"
      viewBox={`0 0 ${wide} ${high}`}
      preserveAspectRatio="none"
      style={{ height: high }}
      aria-hidden
    >
      <Path d={d} fill={ink} />
    </Svg>
  )
}
