// The tape of a day with its sentence.
import { lazy, Suspense, type ReactNode } from 'react'
import { View } from '@tamagui/core'
import type { DayTape, Load } from '@/core/day'
import { useAct, useToday } from '@/held/zen'
import { Column, IconButton, Row, Words } from '@/ui'
import { loadWords } from '@/words'

/** Drawn with react-native-svg, which loads with the first gauge. */
const Tape = lazy(() => import('@/ui/drawings').then((drawn) => ({ default: drawn.Tape })))

export function LoadGauge({
  load,
  tape,
  nowMinute,
  onFind,
  end,
}: {
  load: Load
  tape: DayTape
  /** Null on another day than today. */
  nowMinute: number | null
  onFind?: (id: string) => void
  /** At the end of the sentence. */
  end?: ReactNode
}) {
  const { plain, verdict, more } = loadWords(load)
  return (
    <Column paddingTop="$1">
      <Suspense fallback={<View height={62} />}>
        <Tape tape={tape} nowMinute={nowMinute} words={`${plain}${verdict}${more}`} onFind={onFind} />
      </Suspense>
      <Row justifyContent="space-between" gap="$2" minHeight={44}>
        <LoadSentence load={load} />
        {end}
      </Row>
    </Column>
  )
}

/** The sentence of a load: what does not fit stands out. */
export function LoadSentence({ load }: { load: Load }) {
  const { plain, verdict, fits, more } = loadWords(load)
  return (
    <Words tone="inkSoft" flexShrink={1}>
      {plain}
      <Words strong tone={fits ? 'moss' : 'clay'}>
        {verdict}
      </Words>
      {more}
    </Words>
  )
}

/** Half an hour less or more today; the other days of this weekday stay as they are. */
export function AvailableToday({ minutes }: { minutes: number }) {
  const act = useAct()
  const today = useToday()
  const set = (next: number) =>
    act('setDayAvailable', { date: today, minutes: Math.min(1440, Math.max(0, next)) }, { say: false })
  return (
    <Row flexShrink={0} role="group" aria-label="Available today">
      <IconButton
        label="Half an hour less today"
        icon="minus"
        onPress={() => set(minutes - 30)}
        disabled={minutes <= 0}
      />
      <IconButton
        label="Half an hour more today"
        icon="plus"
        onPress={() => set(minutes + 30)}
        disabled={minutes >= 1440}
      />
    </Row>
  )
}
