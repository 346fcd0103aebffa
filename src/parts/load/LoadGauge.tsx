// The tape with its sentence, and the day's free hours settable beside it.
import { lazy, Suspense, useEffect, useState } from 'react'
import { View } from '@tamagui/core'
import type { Load } from '@/core/day'
import { localMomentAt } from '@/core/time'
import type { TapePiece } from '@/ui/Tape'
import { Column, IconButton, Row, Words } from '@/ui'
import { loadWords } from '@/words'
import { useAct, useToday, useZen } from '@/held/zen'

/** Drawn with react-native-svg, which loads with the first gauge. */
const Tape = lazy(() => import('@/ui/drawings').then((drawn) => ({ default: drawn.Tape })))

function useNowMinute(): number {
  const { clock } = useZen()
  const read = () => localMomentAt(clock.nowEpochMs(), clock.zone()).minute
  const [minute, setMinute] = useState(read)
  useEffect(() => {
    const timer = setInterval(() => setMinute(localMomentAt(clock.nowEpochMs(), clock.zone()).minute), 20_000)
    return () => clearInterval(timer)
  }, [clock])
  return minute
}

/** The tape of a day, its sentence, and the free time of this day alone. */
export function LoadGauge({
  load,
  pieces,
  startMinute,
  onFind,
  plain: isPlain = false,
}: {
  load: Load
  pieces: readonly TapePiece[]
  startMinute: number
  onFind?: (id: string) => void
  /** Without what changes the free time. */
  plain?: boolean
}) {
  const nowMinute = useNowMinute()
  const { plain, verdict, fits } = loadWords(load)
  return (
    <Column gap="$0.5" paddingTop="$1">
      <Suspense fallback={<View height={62} />}>
        <Tape
          startMinute={startMinute}
          freeMinutes={load.freeMinutes}
          pieces={pieces}
          nowMinute={nowMinute}
          words={`${plain}${verdict}`}
          onFind={onFind}
        />
      </Suspense>
      <Row justifyContent="space-between" gap="$2" minHeight={44}>
        <Words tone="inkSoft" flexShrink={1}>
          {plain}
          <Words strong tone={fits ? 'moss' : 'clay'}>
            {verdict}
          </Words>
        </Words>
        {isPlain ? null : <FreeHours freeMinutes={load.freeMinutes} />}
      </Row>
    </Column>
  )
}

/** Half an hour less or more today; the other days of this weekday stay as they are. */
function FreeHours({ freeMinutes }: { freeMinutes: number }) {
  const act = useAct()
  const today = useToday()
  const set = (minutes: number) =>
    act('setDayFree', { date: today, minutes: Math.min(1440, Math.max(0, minutes)) }, { say: false })
  return (
    <Row flexShrink={0} role="group" aria-label="Available today">
      <IconButton
        label="Half an hour less today"
        icon="minus"
        onPress={() => set(freeMinutes - 30)}
        disabled={freeMinutes <= 0}
      />
      <IconButton
        label="Half an hour more today"
        icon="plus"
        onPress={() => set(freeMinutes + 30)}
        disabled={freeMinutes >= 1440}
      />
    </Row>
  )
}
