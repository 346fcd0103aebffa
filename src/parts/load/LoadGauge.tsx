// The tape with its sentence, and the day's free hours settable beside it.
import { lazy, Suspense, useEffect, useState } from 'react'
import { View } from '@tamagui/core'
import type { Load } from '@/core/day'
import { localMomentAt, weekdayOf } from '@/core/time'
import { select } from '@/state'
import { Column, IconButton, Row, Words } from '@/ui'
import { loadWords } from '@/words'
import { useAct, useHeld, useToday, useZen } from '@/held/zen'

/** Drawn with react-native-svg, which loads with the first gauge. */
const Tape = lazy(() => import('@/ui/Tape'))

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

export function LoadGauge({ load, startMinute }: { load: Load; startMinute: number }) {
  const nowMinute = useNowMinute()
  const { plain, verdict, fits } = loadWords(load)
  return (
    <Column gap="$0.5" paddingTop="$1">
      <Suspense fallback={<View height={62} />}>
        <Tape
          startMinute={startMinute}
          freeMinutes={load.freeMinutes}
          plannedMinutes={load.plannedMinutes}
          nowMinute={nowMinute}
          words={`${plain}${verdict}`}
        />
      </Suspense>
      <Row justifyContent="space-between" gap="$2">
        <Words tone="inkSoft" flexShrink={1}>
          {plain}
          <Words strong tone={fits ? 'moss' : 'clay'}>
            {verdict}
          </Words>
        </Words>
        <FreeHours freeMinutes={load.freeMinutes} />
      </Row>
    </Column>
  )
}

/** Half an hour less or more on this weekday, from now on. */
function FreeHours({ freeMinutes }: { freeMinutes: number }) {
  const act = useAct()
  const today = useToday()
  const all = useHeld((state) => select.settingsOf(state.document).freeMinutes)
  const set = (minutes: number) =>
    act(
      'setSettings',
      {
        freeMinutes: all.map((free, index) =>
          index === weekdayOf(today) ? Math.min(1440, Math.max(0, minutes)) : free,
        ),
      },
      { say: 'Free time changed' },
    )
  return (
    <Row flexShrink={0} role="group" aria-label="Free time on this weekday">
      <IconButton
        label="Half an hour less free time"
        icon="minus"
        onPress={() => set(freeMinutes - 30)}
        disabled={freeMinutes <= 0}
      />
      <IconButton
        label="Half an hour more free time"
        icon="plus"
        onPress={() => set(freeMinutes + 30)}
        disabled={freeMinutes >= 1440}
      />
    </Row>
  )
}
